import type { Link, LinkSummary } from '@near-spoke/contract';
import { linkStanding, type TakenReading, type Tick } from '@near-spoke/core/record';
import type { Progress } from '@near-spoke/core/terminate';
import type { Database } from '../db/database';
import { latestReadings } from '../readings/repository';
import { ticksOfLinks } from '../ticks/repository';

/** Links with where they stand, in the order given. */
export async function summarise(db: Database, links: readonly Link[]): Promise<LinkSummary[]> {
  const ids = links.map((link) => link.id);
  const [latest, ticks] = await Promise.all([latestReadings(db, ids), ticksOfLinks(db, ids)]);
  return links.map((link) => summary(link, ticks.get(link.id) ?? [], latest.get(link.id) ?? null));
}

export function summary(
  link: Link,
  ticks: readonly Tick[],
  latest: TakenReading | null,
): LinkSummary {
  const { state, next, ends } = linkStanding(link, ticks, latest);
  return {
    ...link,
    state,
    next,
    ends: { near: endStanding(ends.near), far: endStanding(ends.far) },
    testedAt: latest?.takenAt ?? null,
  };
}

function endStanding({ state, doneSteps, plan }: Progress): LinkSummary['ends']['near'] {
  return { state, done: doneSteps.size, total: plan.steps.length };
}
