import { HttpClient } from '@angular/common/http';
import { Injectable, computed, inject, signal } from '@angular/core';
import {
  ownTester,
  ownTesterList,
  type OwnTester,
  type OwnTesterInput,
} from '@near-spoke/contract/tests';
import { parseOwnTester } from '@near-spoke/core/verify/enter';
import { tap } from 'rxjs';
import { parsed, refusing } from '../store/api/api';

/** Lamp testers of the firm's own, with their circuits. */
@Injectable({ providedIn: 'root' })
export class OwnTesters {
  private readonly http = inject(HttpClient);
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
    this.http
      .get('/api/testers')
      .pipe(parsed(ownTesterList), refusing())
      .subscribe({
        next: ({ testers }) => this.kept.set(testers),
        error: () => this.kept.set([]),
      });
  }

  add(input: OwnTesterInput) {
    return this.http.post('/api/testers', input).pipe(
      parsed(ownTester),
      refusing(),
      tap((row) => this.kept.update((list) => [...list, row])),
    );
  }

  putAway({ id, version }: Pick<OwnTester, 'id' | 'version'>) {
    return this.http.delete(`/api/testers/${id}?version=${version}`).pipe(
      refusing(),
      tap(() => this.kept.update((list) => list.filter((row) => row.id !== id))),
    );
  }
}
