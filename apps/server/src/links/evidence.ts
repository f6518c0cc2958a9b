import type { Voided } from '@near-spoke/contract';
import type { FactOf } from '@near-spoke/contract/facts';
import type { Database } from '../db/database';
import { factsAbout } from '../facts/repository';

/** What was done and seen on a link, oldest first; what was taken back is not among it. */
export interface Evidence {
  readonly ticks: readonly FactOf<'tick'>[];
  readonly readings: readonly FactOf<'reading'>[];
  readonly tests: readonly FactOf<'test'>[];
  readonly voided: readonly Voided[];
}

/** The evidence of links, by their ids. */
export async function evidenceOf(
  db: Database,
  ids: readonly string[],
): Promise<(id: string) => Evidence> {
  // One after the other: in a transaction they go over one connection.
  const ticks = await factsAbout(db, 'tick', ids);
  const readings = await factsAbout(db, 'reading', ids);
  const tests = await factsAbout(db, 'test', ids);
  const voided = await factsAbout(db, 'void', ids);
  return (id) => ({
    ticks: ticks.get(id) ?? [],
    readings: readings.get(id) ?? [],
    tests: tests.get(id) ?? [],
    voided: voided.get(id) ?? [],
  });
}
