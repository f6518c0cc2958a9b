import { Injectable, computed, inject } from '@angular/core';
import { seenOf } from '@near-spoke/contract/tests';
import { ENTERED_TEXT } from '@near-spoke/core/record';
import type { Seen } from '@near-spoke/core/verify/explain';
import { OpenLink } from '../link/open-link';

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

  /** What still holds of all that was kept; the same test again takes the place of the one before. */
  readonly seen = computed((): readonly Seen[] => {
    const held = this.open.standing()?.held;
    const { readings, tests } = this.open.facts();
    const maps = readings.filter((row) => row === held?.reading);
    const all = [
      ...maps.map(({ tester: id, nets, splitPairs }): Seen => ({
        trial: { tester: id, moved: null },
        shown: { method: 'nets', nets, splitPairs: id === 'pairing' ? splitPairs : null },
      })),
      ...tests.filter((row) => held?.tests.includes(row)).map(({ reading }) => seenOf(reading)),
    ];
    return [...new Map(all.map((row) => [JSON.stringify(row.trial), row])).values()];
  });
  /** What answers given on the page belong to. */
  readonly after = computed(() => this.newest()?.id ?? this.open.latest()?.id ?? '');

  readonly history = computed(() =>
    [
      ...this.open.facts().readings.map((row) => ({
        ...row,
        said: row.diagnosis.summary,
        how: ENTERED_TEXT[row.entered],
      })),
      ...this.open.facts().tests.map((row) => ({
        ...row,
        said: row.summary,
        how: ENTERED_TEXT[row.entered],
      })),
    ].sort((a, b) => b.takenAt.localeCompare(a.takenAt)),
  );
}
