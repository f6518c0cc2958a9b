import type { Asked, Link } from '@near-spoke/contract';
import type { planEndpoints } from '@near-spoke/contract/plan';
import { cutPlan } from '@near-spoke/core/plan/cut';
import { reelStandings, type ReelStanding } from '@near-spoke/core/plan/reels';
import type { Database } from '../db/database';
import { factsAbout, listFacts } from '../facts/repository';
import { isPulled } from '../links/is-pulled';
import { listLinks } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { minimise } from './minimise';

/** All cables of a site together are planned in about so long, s. */
const SECONDS = 8;

/** How the cable of a site that is not pulled yet is cut, cable by cable. */
export async function siteCuts(
  { id, body }: Asked<(typeof planEndpoints)['siteCuts']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const { catalogue } = await jobOf(db, site);
  const { slackM, leastRestM } = body;
  const boxes = new Map(body.boxes.map(({ cable, lengthM }) => [cable, lengthM]));
  const own = body.ownReels ? reelStandings(await listFacts(db, 'cable', site.id)) : [];
  const reels = [...body.reels, ...usable(own, new Set(body.reels.map((reel) => reel.id)))];
  const done = new Set([
    ...body.cut,
    ...own.flatMap(({ cuts }) => cuts.map(({ linkId }) => linkId)),
  ]);
  const links = (await unpulled(db, await listLinks(db, site.id))).filter(
    (link) => !done.has(link.id),
  );
  const cables = [...new Set(links.map(({ cable }) => cable))];
  const rows = [];
  for (const cable of cables) {
    const ofCable = links.filter((link) => link.cable === cable);
    const runs = ofCable.flatMap(({ id: run, lengthM }) =>
      lengthM === null ? [] : [{ id: run, lengthM }],
    );
    const plan = await cutPlan(
      {
        runs,
        reels: reels.filter((reel) => reel.cable === cable),
        slackM,
        leastRestM,
        buyM: boxes.get(cable) ?? body.boxM,
      },
      minimise,
      SECONDS / cables.length,
    );
    rows.push({
      cable,
      name: catalogue.cable(cable).name,
      runs: runs.length,
      unknown: ofCable.length - runs.length,
      plan: { ...plan, cuts: [...plan.cuts], unplaced: [...plan.unplaced] },
    });
  }
  return { cables: rows };
}

/** Reels that something can be cut from, by their names; one that was told along counts as it was told. */
const usable = (reels: readonly ReelStanding[], told: ReadonlySet<string>) =>
  reels.flatMap(({ name, cable, sureM, gone }) =>
    gone || sureM === null || sureM <= 0 || told.has(name)
      ? []
      : [{ id: name, cable, lengthM: sureM }],
  );

async function unpulled(db: Database, links: readonly Link[]): Promise<Link[]> {
  const ticks = await factsAbout(
    db,
    'tick',
    links.map(({ id }) => id),
  );
  return links.filter(({ id }) => !isPulled(ticks.get(id)));
}
