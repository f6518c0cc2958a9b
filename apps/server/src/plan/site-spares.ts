import type { Asked, Link } from '@near-spoke/contract';
import type { planEndpoints } from '@near-spoke/contract/plan';
import { spares } from '@near-spoke/core/plan/spares';
import type { Database } from '../db/database';
import { listLinks } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { endsMade } from './ends-made';

/** How many of each connector to bring for what is left of a site, by how its ends went up to now. */
export async function siteSpares(
  { id, query: { author, service } }: Asked<(typeof planEndpoints)['siteSpares']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const links: readonly Link[] = await listLinks(db, site.id);
  const counted = await endsMade(db, links, job, author);
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
