import { DOCUMENT, Injectable, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { SwUpdate } from '@angular/service-worker';
import { Store } from '@ngrx/store';
import { filter, fromEvent, merge, interval } from 'rxjs';
import { outboxFeature } from '../store/outbox/outbox';

const LOOK_EVERY_MS = 30 * 60_000;

/** Whether a newer program is on this device than the one that runs in this page. */
@Injectable({ providedIn: 'root' })
export class Updates {
  private readonly worker = inject(SwUpdate);
  private readonly document = inject(DOCUMENT);
  readonly ready = signal(false);

  constructor() {
    if (!this.worker.isEnabled) return;
    merge(
      this.worker.versionUpdates.pipe(filter(({ type }) => type === 'VERSION_READY')),
      this.worker.unrecoverable,
    )
      .pipe(takeUntilDestroyed())
      .subscribe(() => this.ready.set(true));
    // When the server comes back it may be a newer one.
    const back = inject(Store)
      .select(outboxFeature.selectAway)
      .pipe(filter((away) => !away));
    merge(back, interval(LOOK_EVERY_MS), fromEvent(this.document, 'visibilitychange'))
      .pipe(takeUntilDestroyed())
      .subscribe(() => void this.worker.checkForUpdate().catch(() => false));
  }

  take(): void {
    this.document.location.reload();
  }
}
