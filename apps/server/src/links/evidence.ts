import type { LinkAlong } from '@near-spoke/contract';
import type { FactOf } from '@near-spoke/contract/facts';
import type { Database } from '../db/database';
import { factsAbout } from '../facts/repository';

/** What was done and seen on a link, oldest first; what was taken back is not among it. */
export interface Evidence {
  readonly ticks: readonly FactOf<'tick'>[];
  readonly readings: readonly FactOf<'reading'>[];
  readonly tests: readonly FactOf<'test'>[];
  readonly traces: readonly FactOf<'trace'>[];
  readonly voided: readonly FactOf<'void'>[];
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
  const traces = await factsAbout(db, 'trace', ids);
  const voided = await factsAbout(db, 'void', ids);
  return (id) => ({
    ticks: ticks.get(id) ?? [],
    readings: readings.get(id) ?? [],
    tests: tests.get(id) ?? [],
    traces: traces.get(id) ?? [],
    voided: voided.get(id) ?? [],
  });
}

/** The same as one list, each with its kind. */
export const asFacts = (evidence: Evidence): LinkAlong['facts'] => [
  ...evidence.ticks.map((fact) => ({ of: 'tick' as const, fact })),
  ...evidence.readings.map((fact) => ({ of: 'reading' as const, fact })),
  ...evidence.tests.map((fact) => ({ of: 'test' as const, fact })),
  ...evidence.traces.map((fact) => ({ of: 'trace' as const, fact })),
  ...evidence.voided.map((fact) => ({ of: 'void' as const, fact })),
];
