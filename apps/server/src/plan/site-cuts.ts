import type { Asked, Link } from '@near-spoke/contract';
import type { planEndpoints } from '@near-spoke/contract/plan';
import { cutPlan } from '@near-spoke/core/plan/cut';
import type { Database } from '../db/database';
import { factsAbout } from '../facts/repository';
import { isPulled } from '../links/is-pulled';
import { listLinks } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { minimise } from './minimise';

/** All cables of a site together are planned in about so long, s. */
const SECONDS = 8;

/** How the cable of a site that is not pulled yet is cut, cable by cable. */
export async function siteCuts(
  { id, body: { reels, boxM, slackM, leastRestM } }: Asked<(typeof planEndpoints)['siteCuts']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const { catalogue } = await jobOf(db, site);
  const links = await unpulled(db, await listLinks(db, site.id));
  const cables = [...new Set(links.map(({ cable }) => cable))];
  const rows = [];
  for (const cable of cables) {
    const own = links.filter((link) => link.cable === cable);
    const runs = own.flatMap(({ id: run, lengthM }) =>
      lengthM === null ? [] : [{ id: run, lengthM }],
    );
    const plan = await cutPlan(
      { runs, reels: reels.filter((reel) => reel.cable === cable), slackM, leastRestM, buyM: boxM },
      minimise,
      SECONDS / cables.length,
    );
    rows.push({
      cable,
      name: catalogue.cable(cable).name,
      runs: runs.length,
      unknown: own.length - runs.length,
      plan: { ...plan, cuts: [...plan.cuts], unplaced: [...plan.unplaced] },
    });
  }
  return { cables: rows };
}

async function unpulled(db: Database, links: readonly Link[]): Promise<Link[]> {
  const ticks = await factsAbout(
    db,
    'tick',
    links.map(({ id }) => id),
  );
  return links.filter(({ id }) => !isPulled(ticks.get(id)));
}
