import { Injectable, computed, inject } from '@angular/core';
import type { Reading } from '@near-spoke/contract';
import { seenOf } from '@near-spoke/contract/tests';
import { diagnosisOf, recordMessage } from '@near-spoke/core/record';
import { sameWiring, wiringOf } from '@near-spoke/core/link';
import { isDone, type Happened, type Seen } from '@near-spoke/core/verify/explain';
import { OpenLink } from '../link/open-link';

/** So much of what happened to a link is gone through; what is older tells little of it now. */
const MOST_HAPPENED = 24;

const mapSeen = ({
  tester: id,
  nets,
  splitPairs,
}: Pick<Reading, 'tester' | 'nets' | 'splitPairs'>): Seen => ({
  trial: { tester: id, moved: null },
  shown: { method: 'nets', nets, splitPairs: id === 'pairing' ? splitPairs : null },
});

/** What was tested on the open link: the newest test, what still holds of all, and all in order. */
@Injectable()
export class LinkTests {
  private readonly open = inject(OpenLink);

  /** The newest test of another class than wire maps; null where a wire map is newer. */
  readonly newest = computed(() => {
    const [test, reading] = [this.open.facts().tests.at(-1), this.open.latest()];
    return test && (!reading || test.takenAt > reading.takenAt) ? test : null;
  });
  readonly none = computed(() => this.open.latest() === null && this.newest() === null);

  /**
   * What happened to the link, in order: what was seen, and between that the ends that were made again.
   * Of the same test twice with nothing done between, the later one.
   */
  readonly happened = computed((): readonly Happened[] => {
    const [link, { readings, tests, ticks }] = [this.open.link(), this.open.facts()];
    if (!link) return [];
    const wiring = wiringOf(link, this.open.job());
    const rows: readonly { readonly at: string; readonly row: Happened }[] = [
      ...readings.map((reading) => ({ at: reading.takenAt, row: mapSeen(reading) })),
      ...tests
        .filter((row) => sameWiring(row.wiring, wiring))
        .map(({ takenAt, reading }) => ({ at: takenAt, row: seenOf(reading) })),
      ...ticks
        .filter(({ cause }) => cause !== '')
        .map(({ at, end }) => ({
          at,
          row: { done: { action: 'remade' as const, end, contacts: [] } },
        })),
    ].sort((a, b) => a.at.localeCompare(b.at));
    const kept = new Map<string, Happened>();
    let dones = 0;
    for (const { row } of rows) {
      if (isDone(row)) dones += 1;
      const key = isDone(row) ? `done ${dones}` : `${dones} ${JSON.stringify(row.trial)}`;
      kept.delete(key);
      kept.set(key, row);
    }
    return [...kept.values()].slice(-MOST_HAPPENED);
  });
  /** What answers given on the page belong to. */
  readonly after = computed(() => this.newest()?.id ?? this.open.latest()?.id ?? '');

  readonly history = computed(() =>
    [
      ...this.open.facts().readings.map((row) => ({
        ...row,
        said: this.open.tell()(diagnosisOf(row).summary),
        how: this.open.tell()(recordMessage('entered', { entered: row.entered })),
      })),
      ...this.open.facts().tests.map((row) => ({
        ...row,
        said: row.summary,
        how: this.open.tell()(recordMessage('entered', { entered: row.entered })),
      })),
    ].sort((a, b) => b.takenAt.localeCompare(a.takenAt)),
  );
}
