import type { SiteStanding } from '@near-spoke/contract';
import type { LinkState } from '@near-spoke/core/record';
import { sql } from 'drizzle-orm';
import type { Database } from '../db/database';

/**
 * A page of all links of a site in short, as JSON that the database has written: of thousands of rows
 * nothing is made here.
 */
export async function rowsAsJson(
  db: Database,
  siteId: string,
  after: number | undefined,
  limit: number,
): Promise<string> {
  const { rows } = await db.execute<{
    page: string;
    last: string | null;
    more: boolean;
    total: string;
  }>(sql`
    with page as (
      select place, id, label, hub, near_place, far_place, cable, near_connector, far_connector,
             near_scheme, far_scheme, length_m, note, state, standing, stamp
      from links
      where site_id = ${siteId} and deleted_at is null and place > ${after ?? 0}
      order by place limit ${limit + 1}
    ), shown as (select * from page order by place limit ${limit})
    select coalesce(json_agg(json_build_object(
        'id', id, 'label', label, 'hub', hub,
        'near', json_build_object('place', near_place, 'connector', near_connector, 'scheme', near_scheme),
        'far', json_build_object('place', far_place, 'connector', far_connector, 'scheme', far_scheme),
        'cable', cable, 'lengthM', length_m, 'note', note, 'state', state,
        'ends', json_build_object(
          'near', json_build_object('state', coalesce(standing #>> '{ends,near,state}', 'bare')),
          'far', json_build_object('state', coalesce(standing #>> '{ends,far,state}', 'bare'))),
        'next', json_build_object('stage', coalesce(standing #>> '{next,stage}', 'terminate')),
        'stamp', stamp
      ) order by place)::text, '[]') as page,
      max(place)::text as last,
      (select count(*) from page) > ${limit} as more,
      (select count(*) from links where site_id = ${siteId} and deleted_at is null)::text as total
    from shown`);
  const [{ page, last, more, total } = { page: '[]', last: null, more: false, total: '0' }] = rows;
  return `{"rows":${page},"next":${more && last !== null ? JSON.stringify(last) : 'null'},"total":${total}}`;
}

/** How many links of each hub are in which state; hubs in the order in which the schedule names them. */
export async function standingInNumbers(db: Database, siteId: string): Promise<SiteStanding> {
  const { rows } = await db.execute<{ hub: string; state: LinkState; count: number }>(sql`
    select hub, state, count(*)::int as count
    from links where site_id = ${siteId} and deleted_at is null group by hub, state order by hub, state`);
  const { rows: stale } = await db.execute<{ count: number }>(sql`
    select count(*)::int as count
    from links where site_id = ${siteId} and stale and deleted_at is null`);
  const hubs = new Map<string, Partial<Record<LinkState, number>>>();
  for (const { hub, state, count } of rows) hubs.set(hub, { ...hubs.get(hub), [state]: count });
  return {
    total: rows.reduce((sum, { count }) => sum + count, 0),
    hubs: [...hubs].map(([hub, counts]) => ({ hub, counts })),
    stale: stale[0]?.count ?? 0,
  };
}

/** Links of a site that have to be looked at anew, counted up to a limit. */
export async function countStale(db: Database, siteId: string, most: number): Promise<number> {
  const { rows } = await db.execute<{ count: number }>(sql`
    select count(*)::int as count from (
      select 1 from links where site_id = ${siteId} and stale and deleted_at is null limit ${most}
    ) as stale_rows`);
  return rows[0]?.count ?? 0;
}
