import type { Asked, Link } from '@near-spoke/contract';
import type { planEndpoints } from '@near-spoke/contract/plan';
import { spares } from '@near-spoke/core/plan/spares';
import type { Database } from '../db/database';
import { listLinks } from '../links/repository';
import { keptList } from '../prices/kept-list';
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
  const { list } = await keptList(db, job.catalogue);
  const packOf = (connector: string): number => {
    const pack = list.prices.find(({ part }) => part === connector)?.pack ?? 1;
    return Number.isInteger(pack) ? pack : 1;
  };
  const parts = needed.map(([id, row]) => ({ id, ...row, pack: packOf(id) }));
  const brought = new Map(spares(parts, service).map((spare) => [spare.id, spare]));
  return {
    service,
    parts: parts.map(({ id: connector, ...row }) => {
      const { bring, packs, rate } = brought.get(connector) ?? {
        bring: row.needed,
        packs: row.needed,
        rate: { value: 0, u: 1 },
      };
      const { name } = job.catalogue.connector(connector);
      return { connector, name, ...row, bring, packs, rate };
    }),
  };
}
