import { ENDS, type End } from '@near-spoke/core/link';
import { endProgress, taskOf } from '@near-spoke/core/record';
import { kitFor, paceOf, planTermination, type Pace } from '@near-spoke/core/terminate';
import type { Job } from '@near-spoke/core/link';
import { told } from '@near-spoke/words';
import type { Asked, Link, Tick, terminateEndpoints } from '@near-spoke/contract';
import type { Database } from '../db/database';
import { factsAbout } from '../facts/repository';
import { isPulled } from '../links/is-pulled';
import { listLinks } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { teller } from '../words/teller';

type Endpoints = typeof terminateEndpoints;

/** What is left to bring and to do on a site. */
export async function kit(
  { id, query: { link: only, end, author, language } }: Asked<Endpoints['kit']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const all = await listLinks(db, site.id);
  const ticks = await ticksOf(db, all);
  const links = all.filter((link) => only === undefined || link.id === only);
  const left = endsLeft(links, ticks, job).filter((row) => end === undefined || row.end === end);
  const own = author ? ownPace([...ticks.values()].flat(), author, all, job) : null;
  const bring = kitFor(
    left.map((row) => taskOf(row.link, row.end, job)),
    job.catalogue,
    (stepId, usual) => own?.get(stepId)?.seconds ?? usual,
  );
  const unpulled = links.filter((link) => !isPulled(ticks.get(link.id)));
  return {
    ...told(bring, teller(language, site.units)),
    ends: left.length,
    cables: cablesOf(unpulled, job),
  };
}

/** How long a person's steps take at a site. */
export async function pace({ id, query: { author } }: Asked<Endpoints['pace']>, db: Database) {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const links = await listLinks(db, site.id);
  const ticks = await ticksOf(db, links);
  const own = ownPace([...ticks.values()].flat(), author, links, job);
  return { author, steps: Object.fromEntries(own) };
}

/** How long a person's steps take, where there are ticks of theirs. */
export const ownPace = (
  ticks: readonly Tick[],
  author: string,
  links: readonly Link[],
  job: Job,
): ReadonlyMap<string, Pace> => paceOf(ticks, author, usualTimes(links, job));

/** Ends that are not made yet. */
export const endsLeft = (
  links: readonly Link[],
  ticks: ReadonlyMap<string, readonly Tick[]>,
  job: Job,
): { readonly link: Link; readonly end: End }[] =>
  links.flatMap((link) => {
    const progress = endProgress(link, ticks.get(link.id) ?? [], job);
    return ENDS.filter((end) => progress[end].state !== 'made').map((end) => ({ link, end }));
  });

export const ticksOf = (db: Database, links: readonly Link[]) =>
  factsAbout(
    db,
    'tick',
    links.map(({ id }) => id),
  );

/** The catalogue's time of every step that the links of a site take. */
function usualTimes(links: readonly Link[], job: Job): Map<string, number> {
  const steps = links.flatMap((link) =>
    ENDS.flatMap((end: End) => planTermination(taskOf(link, end, job), job.catalogue).steps),
  );
  return new Map(steps.map(({ id, seconds }) => [id, seconds]));
}

function cablesOf(links: readonly Link[], { catalogue }: Job) {
  const rows = new Map<string, { name: string; lengthM: number; unknown: number }>();
  for (const { cable, lengthM } of links) {
    const row = rows.get(cable) ?? { name: catalogue.cable(cable).name, lengthM: 0, unknown: 0 };
    rows.set(cable, {
      ...row,
      lengthM: row.lengthM + (lengthM ?? 0),
      unknown: row.unknown + (lengthM === null ? 1 : 0),
    });
  }
  return [...rows.values()];
}
