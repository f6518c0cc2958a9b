import type { SiteStanding, linkQuery } from '@near-spoke/contract';
import type { LinkState } from '@near-spoke/core/record';
import { and, eq, sql, type SQL } from 'drizzle-orm';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { escaped } from '../db/like';
import { links, sites } from '../db/schema';

/** Links of a site that is there: of one that was put away there are none. */
const ofSite = (siteId: string): SQL => sql`
  site_id = ${siteId} and deleted_at is null
  and exists (select 1 from ${sites} as site where site.id = ${siteId} and site.deleted_at is null)`;

/** A page of a list as JSON that the database has written. */
interface JsonPage {
  readonly text: string;
  readonly total: number;
  /** Of the whole site, on the page or not. */
  readonly stale: number;
}

/**
 * A page of all links of a site in short, as JSON that the database has written: of thousands of rows
 * nothing is made here.
 */
export async function rowsAsJson(
  db: Database,
  siteId: string,
  after: number | undefined,
  limit: number,
): Promise<JsonPage> {
  const { rows } = await db.execute<{
    page: string;
    last: string | null;
    more: boolean;
    total: string;
    stale: boolean;
  }>(sql`
    with page as (
      select place, id, label, hub, near_place, far_place, cable, near_connector, far_connector,
             near_scheme, far_scheme, length_m, note, state, standing, stamp
      from links
      where ${ofSite(siteId)} and place > ${after ?? 0}
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
      (select count(*) from links where ${ofSite(siteId)})::text as total,
      exists (select 1 from links where site_id = ${siteId} and stale and deleted_at is null) as stale
    from shown`);
  const [row] = rows;
  const next = row?.more && row.last !== null ? JSON.stringify(row.last) : 'null';
  return {
    text: `{"rows":${row?.page ?? '[]'},"next":${next},"total":${row?.total ?? '0'}}`,
    total: Number(row?.total ?? 0),
    stale: row?.stale ? 1 : 0,
  };
}

/** A page of the links that a question names, as each is told alone: named once, counted and shown from that. */
export async function linksAsJson(
  db: Database,
  siteId: string,
  { after, limit, q, hub, state }: z.output<typeof linkQuery>,
): Promise<JsonPage & { readonly staleIds: readonly string[] }> {
  const words = (q ?? '').toLowerCase().split(/\s+/).filter(Boolean);
  const named = and(
    ofSite(siteId),
    ...words.map((word) => sql`${links.search} like ${`%${escaped(word)}%`}`),
    hub === undefined ? undefined : eq(links.hub, hub),
    state === undefined ? undefined : eq(links.state, state),
  );
  const { rows } = await db.execute<{
    page: string;
    last: string | null;
    more: boolean;
    total: string;
    stale_ids: string[] | null;
    stale: boolean;
  }>(sql`
    with named as (select place from links where ${named}),
    places as (
      select place from named where place > ${after ?? 0} order by place limit ${limit + 1}
    ),
    shown as (
      select links.* from links
      where site_id = ${siteId} and place in (select place from places order by place limit ${limit})
    )
    select coalesce(json_agg(json_build_object(
        'id', id, 'siteId', site_id, 'label', label, 'hub', hub,
        'near', json_build_object('place', near_place, 'connector', near_connector, 'scheme', near_scheme),
        'far', json_build_object('place', far_place, 'connector', far_connector, 'scheme', far_scheme),
        'cable', cable, 'lengthM', length_m, 'lengthHow', length_how, 'route', route,
        'environment', environment, 'schools', schools, 'note', note, 'pinout', pinout,
        'version', version, 'state', state, 'next', standing -> 'next', 'ends', standing -> 'ends',
        'testedAt', standing -> 'testedAt'
      ) order by place)::text, '[]') as page,
      max(place)::text as last,
      (select count(*) from places) > ${limit} as more,
      (select count(*) from named)::text as total,
      array_agg(id) filter (where stale or standing is null) as stale_ids,
      exists (select 1 from links where site_id = ${siteId} and stale and deleted_at is null) as stale
    from shown`);
  const [row] = rows;
  const next = row?.more && row.last !== null ? JSON.stringify(row.last) : 'null';
  return {
    text: `{"links":${row?.page ?? '[]'},"next":${next},"total":${row?.total ?? '0'}}`,
    staleIds: row?.stale_ids ?? [],
    total: Number(row?.total ?? 0),
    stale: row?.stale ? 1 : 0,
  };
}

/** How many links of each hub are in which state; hubs in the order in which the schedule names them. */
export async function standingInNumbers(db: Database, siteId: string): Promise<SiteStanding> {
  // What is stale is counted apart: then each number comes from an index alone, and no row is read.
  const { rows } = await db.execute<{
    hub: string;
    state: LinkState;
    count: number;
    stale: number;
  }>(sql`
    select hub, state, count(*)::int as count,
      (select count(*)::int from links where site_id = ${siteId} and stale and deleted_at is null) as stale
    from links where ${ofSite(siteId)} group by hub, state order by hub, state`);
  const hubs = new Map<string, Partial<Record<LinkState, number>>>();
  for (const { hub, state, count } of rows) hubs.set(hub, { ...hubs.get(hub), [state]: count });
  return {
    total: rows.reduce((sum, { count }) => sum + count, 0),
    hubs: [...hubs].map(([hub, counts]) => ({ hub, counts })),
    stale: rows[0]?.stale ?? 0,
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
