import type { Asked, Link } from '@near-spoke/contract';
import type { drawingEndpoints, TakenLengths } from '@near-spoke/contract/drawing';
import { hubsOf, routeProblems } from '@near-spoke/core/link';
import { drawingsOf, siteLengths, type LengthRules } from '@near-spoke/core/plan/drawing';
import { inTransaction, type Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { listLinks, updateLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { teller } from '../words/teller';

type Endpoints = typeof drawingEndpoints;

/** Lengths that are not farther apart than this are the same, m. */
const SAME_M = 0.05;
/** A length is kept to so many decimals of a metre. */
const DECIMALS = 2;

/** How long the links of a site are by its plans. */
export async function lengthsOfSite(
  { id, query: { language, ...rules } }: Asked<Endpoints['lengths']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const { drawings, links, lengths } = await measured(db, id, rules);
  const names = new Map(
    drawings.flatMap(({ ways }) => ways.map(({ way, name }) => [way, name] as const)),
  );
  const tell = teller(language, site.units);
  return {
    links: lengths.runs.map(({ id: link, length, by, undrawn }, index) => ({
      id: link,
      label: links[index]?.label ?? '',
      length,
      by: by.map((way) => names.get(way) ?? ''),
      undrawn: [...undrawn],
    })),
    ways: lengths.fills.map(({ id: way, runs, fill }) => ({
      name: names.get(way) ?? '',
      links: runs.length,
      fill,
    })),
    problems: lengths.building.problems.map(tell),
  };
}

/** Gives links the lengths that the plans have, all of them or none. */
export function takeLengthsOver(
  { id, body, author }: Asked<Endpoints['takeOver']>,
  db: Database,
): Promise<TakenLengths> {
  return inTransaction(db, async (tx) => {
    await getSite(tx, id);
    const { links, lengths } = await measured(tx, id, body);
    const drawn = new Map(
      lengths.runs.map(({ id: link, length }) => [link, length?.value ?? null]),
    );
    const counts = { changed: 0, same: 0, measured: 0, none: 0 };
    const routes: string[] = [];
    for (const link of links) {
      const lengthM = drawn.get(link.id) ?? null;
      const becomes = fateOf(link, lengthM);
      if (becomes === 'route') routes.push(link.label);
      else counts[becomes] += 1;
      if (becomes !== 'changed' || lengthM === null) continue;
      const { version } = link;
      const kept = Number(lengthM.toFixed(DECIMALS));
      await updateLink(tx, link, { version, lengthM: kept, lengthHow: 'drawn' }, author);
    }
    return { ...counts, routes };
  });
}

type Fate = Exclude<keyof TakenLengths, 'routes'> | 'route';

function fateOf(link: Link, lengthM: number | null): Fate {
  if (lengthM === null) return 'none';
  const { lengthM: now, lengthHow = 'scheduled' } = link;
  if (now !== null && lengthHow !== 'scheduled' && lengthHow !== 'drawn') return 'measured';
  if (now !== null && Math.abs(now - lengthM) <= SAME_M) return 'same';
  return routeProblems({ route: link.route, lengthM }).length > 0 ? 'route' : 'changed';
}

async function measured(db: Database, siteId: string, rules: LengthRules) {
  const site = await getSite(db, siteId);
  const { catalogue } = await jobOf(db, site);
  const links = await listLinks(db, site.id);
  const drawings = drawingsOf(await listFacts(db, 'drawing', site.id));
  const wanted = links.map(({ id, near, far, cable }) => ({
    id,
    near,
    far,
    diameterMm: catalogue.findCable(cable)?.jacketMm ?? null,
  }));
  return { drawings, links, lengths: siteLengths(drawings, wanted, hubsOf(links), rules) };
}
