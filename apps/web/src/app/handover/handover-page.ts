import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  input,
  signal,
} from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { MatButtonModule } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import type { Endpoint } from '@near-spoke/contract';
import { handoverEndpoints } from '@near-spoke/contract/handover';
import { Store } from '@ngrx/store';
import { EMPTY, catchError, exhaustMap, of, timer, type Subscription } from 'rxjs';
import { v7 } from 'uuid';
import { NextThing } from '../shell/next-thing';
import { Api, type Refusal } from '../store/api/api';
import { linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { saveFile } from '../files/save-file';

/** How often is asked how far it has come, ms. */
const ASK_MS = 700;

interface Making {
  readonly done: number;
  readonly total: number;
}

/** The whole site as one signed document, or as an archive with what it was made from. */
@Component({
  selector: 'ns-handover-page',
  imports: [MatButtonModule, MatIcon, MatProgressBar, NextThing],
  templateUrl: './handover-page.html',
  styleUrl: './handover-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HandoverPage {
  readonly siteId = input.required<string>();

  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly destroyed = inject(DestroyRef);
  private readonly spoken = inject(Words);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly links = this.store.selectSignal(linksFeature.selectAll);
  private readonly loading = this.store.selectSignal(linksFeature.selectLoading);
  private readonly site = computed(() => this.sites()[this.siteId()]);
  protected readonly tell = computed(() => this.spoken.in(this.site()?.units ?? 'metric'));
  protected readonly words = computed(() => this.tell().pages.handover);
  /** Null while it is being asked for, or where nobody answers. */
  protected readonly key = toSignal(
    this.api.call(handoverEndpoints.key, {}).pipe(catchError(() => of(null))),
    { initialValue: null },
  );

  /** How far a file has come that is being made; null where none is. */
  protected readonly making = signal<Making | null>(null);
  /** What became of the last one. */
  protected readonly told = signal<{ readonly text: string; readonly bad: boolean } | null>(null);
  private asking: Subscription | null = null;

  protected readonly counts = computed(() => {
    const { counts } = this.words();
    const proven = this.links().filter(({ state }) => state === 'pass').length;
    return [
      [counts.links, this.links().length],
      [counts.proven, proven],
      [counts.open, this.links().length - proven],
    ] as const;
  });
  protected readonly headline = computed(() => {
    const words = this.words();
    const [all, , open] = this.counts();
    const isRead = this.loading() === 'done' || this.loading() === 'failed';
    if (all[1] === 0 && !isRead) return { sentence: words.reading, why: '', action: '' };
    if (all[1] === 0) return { sentence: words.none, why: '', action: '' };
    return { sentence: words.ready(all[1]), why: words.open(open[1]), action: words.make };
  });

  protected makePdf(): void {
    this.make(handoverEndpoints.pdf, 'pdf');
  }

  protected makeZip(): void {
    this.make(handoverEndpoints.zip, 'zip');
  }

  protected cancel(): void {
    this.asking?.unsubscribe();
    this.making.set(null);
    this.told.set({ text: this.words().cancelled, bad: false });
  }

  private make(endpoint: Endpoint, ending: string): void {
    if (this.making()) return;
    const job = v7();
    const name = `${this.site()?.name ?? 'site'}.${ending}`;
    const query = { language: this.tell().language, job };
    this.making.set({ done: 0, total: 0 });
    this.told.set(null);
    this.asking = this.api
      .file(endpoint, { id: this.siteId(), query })
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (file) => {
          saveFile(file, name);
          this.told.set({ text: this.words().made(name), bad: false });
        },
        error: ({ problem }: Refusal) => {
          const why =
            problem.status === 0 ? this.words().serverAway : (problem.detail ?? problem.title);
          this.told.set({ text: `${this.words().failed} ${why}`, bad: true });
        },
      });
    this.asking.add(() => this.making.set(null));
    this.asking.add(this.watch(job));
  }

  private watch(job: string): Subscription {
    return timer(ASK_MS, ASK_MS)
      .pipe(
        exhaustMap(() =>
          this.api.call(handoverEndpoints.progress, { id: job }).pipe(catchError(() => EMPTY)),
        ),
      )
      .subscribe((progress) => {
        if (progress.total > 0 && this.making()) this.making.set(progress);
      });
  }
}
