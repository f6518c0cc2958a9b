import { Injectable, computed, inject, signal } from '@angular/core';
import {
  ownTesterEndpoints,
  type OwnTester,
  type OwnTesterInput,
} from '@near-spoke/contract/tests';
import { parseOwnTester } from '@near-spoke/core/verify/enter';
import { tap } from 'rxjs';
import { Api } from '../store/api/api';

/** Lamp testers of the firm's own, with their circuits. */
@Injectable({ providedIn: 'root' })
export class OwnTesters {
  private readonly api = inject(Api);
  private readonly kept = signal<readonly OwnTester[]>([]);
  readonly all = computed(() =>
    this.kept()
      .filter(({ away }) => !away)
      .flatMap((row) => {
        const read = parseOwnTester(row.steps, row);
        return read.ok ? [{ ...row, circuit: read.steps }] : [];
      }),
  );

  constructor() {
    this.api.call(ownTesterEndpoints.list, {}).subscribe({
      next: ({ testers }) => this.kept.set(testers),
      error: () => this.kept.set([]),
    });
  }

  add(body: OwnTesterInput) {
    return this.api
      .call(ownTesterEndpoints.make, { body })
      .pipe(tap((row) => this.kept.update((list) => [...list, row])));
  }

  putAway({ id, version }: Pick<OwnTester, 'id' | 'version'>) {
    return this.api
      .call(ownTesterEndpoints.putAway, { id, query: { version: String(version) } })
      .pipe(tap(() => this.kept.update((list) => list.filter((row) => row.id !== id))));
  }
}
