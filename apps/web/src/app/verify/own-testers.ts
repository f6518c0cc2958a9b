import { Injectable, computed, inject, signal } from '@angular/core';
import { ownTester, ownTesterEndpoints, type OwnTester } from '@near-spoke/contract/tests';
import { parseOwnTester } from '@near-spoke/core/verify/entry';
import { Actions, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { Api } from '../store/api/api';
import { outboxActions, outboxFeature } from '../store/outbox/outbox';
import { overlay } from '../store/outbox/overlay';

/** Lamp testers of the firm's own, with their circuits; those that wait to be sent too. */
@Injectable({ providedIn: 'root' })
export class OwnTesters {
  private readonly api = inject(Api);
  private readonly stored = signal<readonly OwnTester[]>([]);
  private readonly waiting = inject(Store).selectSignal(outboxFeature.selectWaiting);
  readonly all = computed(() =>
    overlay(this.stored(), this.waiting(), 'tester', ({ id, made }) => ({
      ...made,
      id,
      version: 1,
      away: false,
    }))
      .filter(({ away }) => !away)
      .flatMap((row) => {
        const read = parseOwnTester(row.steps, row);
        return read.ok ? [{ ...row, circuit: read.steps }] : [];
      }),
  );

  constructor() {
    this.api.call(ownTesterEndpoints.list, {}).subscribe({
      next: ({ testers }) => this.stored.set(testers),
      error: () => this.stored.set([]),
    });
    inject(Actions)
      .pipe(ofType(outboxActions.sent))
      .subscribe(({ entry: { deed }, answer }) => {
        if (deed.kind === 'fact' || deed.of !== 'tester') return;
        const kept = ownTester.safeParse(answer);
        this.stored.update((list) => [
          ...list.filter(({ id }) => id !== deed.id),
          ...(kept.success ? [kept.data] : []),
        ]);
      });
  }
}
