import type { Asked, Link } from '@near-spoke/contract';
import type { planEndpoints } from '@near-spoke/contract/plan';
import { ENDS } from '@near-spoke/core/link';
import { spares } from '@near-spoke/core/plan/spares';
import { endProgress, remakesOf } from '@near-spoke/core/record';
import { isFixed } from '@near-spoke/core/terminate';
import type { Database } from '../db/database';
import { factsAbout } from '../facts/repository';
import { listLinks } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';

interface Counted {
  needed: number;
  made: number;
  failed: number;
}

/** How many of each connector to bring for what is left of a site, by how its ends went up to now. */
export async function siteSpares(
  { id, query: { author, service } }: Asked<(typeof planEndpoints)['siteSpares']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const links: readonly Link[] = await listLinks(db, site.id);
  const all = await factsAbout(
    db,
    'tick',
    links.map((link) => link.id),
  );
  const counted = new Map<string, Counted>();
  for (const link of links) {
    const ticks = all.get(link.id) ?? [];
    const progress = endProgress(link, ticks, job);
    const remakes = remakesOf(link, ticks, job);
    for (const end of ENDS) {
      if (progress[end].state === 'does-not-fit') continue;
      const { connector } = link[end];
      const row = counted.get(connector) ?? { needed: 0, made: 0, failed: 0 };
      counted.set(connector, row);
      if (progress[end].state !== 'made') row.needed += 1;
      const isTheirs = (tick: { readonly author: string } | undefined) =>
        author === undefined || tick?.author === author;
      const again = remakes.filter((tick) => tick.end === end && isTheirs(tick)).length;
      const last = ticks.findLast((tick) => tick.end === end && tick.done);
      row.failed += again;
      row.made += again + (isFixed(progress[end]) && isTheirs(last) ? 1 : 0);
    }
  }
  const needed = [...counted].filter(([, row]) => row.needed > 0);
  const brought = spares(
    needed.map(([connector, row]) => ({ id: connector, ...row, pack: 1 })),
    service,
  );
  return {
    service,
    parts: needed.map(([connector, row], index) => ({
      connector,
      name: job.catalogue.connector(connector).name,
      ...row,
      bring: brought[index]?.bring ?? row.needed,
      rate: brought[index]?.rate ?? { value: 0, u: 1 },
    })),
  };
}
