import type { Asked, Link as SiteLink } from '@near-spoke/contract';
import type { priceEndpoints } from '@near-spoke/contract/prices';
import { decodeText } from '@near-spoke/core/captures';
import { common } from '@near-spoke/core/message';
import { ENDS, type Job, type Link } from '@near-spoke/core/link';
import {
  costOfMaking,
  costOfWork,
  parsePriceList,
  writePriceList,
} from '@near-spoke/core/plan/prices';
import { spares } from '@near-spoke/core/plan/spares';
import { taskOf } from '@near-spoke/core/record';
import { BESIDE, kitFor, type Kit } from '@near-spoke/core/terminate';
import type { Database } from '../db/database';
import { ProblemError, invalid } from '../http/problem-error';
import { file } from '../http/reply';
import { isPulled } from '../links/is-pulled';
import { listLinks } from '../links/repository';
import { loadCatalogue } from '../parts/repository';
import { endsMade } from '../plan/ends-made';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { endsLeft, ownPace, ticksOf } from '../terminate/kit';
import { teller } from '../words/teller';
import { asAnswer, keepList, keptList } from './kept-list';

type Endpoints = typeof priceEndpoints;

/** Bad cells that are told one by one. */
const TOLD = 100;

export const prices = (_asked: Asked<Endpoints['list']>, db: Database) => answered(db);

async function answered(db: Database) {
  const catalogue = await loadCatalogue(db);
  const nameOf = (part: string) =>
    catalogue.findConnector(part)?.name ?? catalogue.findCable(part)?.name ?? part;
  return asAnswer(await keptList(db, catalogue), nameOf);
}

/** @throws ProblemError 422 with every bad cell: then the list before stays */
export async function keepPrices({ body, file: sent }: Asked<Endpoints['keep']>, db: Database) {
  const text = sent ? decodeText(sent) : (body?.csv ?? '');
  const parsed = parsePriceList(text, await loadCatalogue(db), BESIDE);
  if (!parsed.ok)
    throw new ProblemError(
      422,
      'Prices not read',
      'Some cells can’t be read. The list before stays as it was.',
      { cells: parsed.problems.slice(0, TOLD) },
    );
  await keepList(db, text);
  return answered(db);
}

/** All parts that the links of a site take, with what is known of their prices. */
export async function priceTemplate(
  { id, query: { language } }: Asked<Endpoints['template']>,
  db: Database,
) {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const links = await listLinks(db, id);
  const tell = teller(language, site.units);
  const ends = links.flatMap((link) => ENDS.map((end) => taskOf(link, end, job)));
  const parts = kitFor(ends, job.catalogue).parts.map((row) => ({
    part: row.id,
    name: tell(row.name),
  }));
  const cables = [...new Set(links.map(({ cable }) => cable))].map((cable) => ({
    part: cable,
    name: job.catalogue.cable(cable).name,
  }));
  const { list } = await keptList(db, job.catalogue);
  const text = writePriceList([...parts, ...cables], list.prices, list.currency);
  return file({ name: 'prices.csv', type: 'text/csv; charset=utf-8', body: text, saved: true });
}

/** What a cord costs that is made at a site, beside one that is bought. */
export async function costOfCord({ id, body }: Asked<Endpoints['cost']>, db: Database) {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const links = await listLinks(db, id);
  const kit = await kitOf(cordOf(body), links, job, body.author, db);
  if (kit.refused > 0)
    throw invalid([{ path: 'cable', reason: 'does not fit one of the connectors' }]);
  const tell = teller(body.language, site.units);
  const names = new Map(kit.parts.map((part) => [part.id, tell(part.name)]));
  names.set(body.cable, tell(common('name', { name: job.catalogue.cable(body.cable).name })));
  const { list } = await keptList(db, job.catalogue);
  const {
    parts,
    unpriced: _,
    ...cost
  } = costOfMaking(
    {
      parts: [
        ...kit.parts.map(({ id: part, count }) => ({ part, count })),
        { part: body.cable, count: body.lengthM },
      ],
      minutes: kit.seconds / 60,
      rates: await ratesOf(db, links, job, [body.near.connector, body.far.connector]),
    },
    list.prices,
    {
      count: body.count,
      buy: { price: body.boughtEach },
      wagePerHour: body.wagePerHour,
      tools: body.tools ? [body.tools] : [],
    },
  );
  return {
    ...cost,
    currency: list.currency,
    minutes: kit.seconds / 60,
    parts: parts.map(({ part, count, cost: price }) => ({
      name: names.get(part) ?? part,
      count,
      cable: part === body.cable,
      cost: price,
    })),
  };
}

type Cost = Asked<Endpoints['cost']>['body'];

/** What costs that which is left of a site, of a link of it, or of one end. */
export async function costOfLeft({ id, body }: Asked<Endpoints['left']>, db: Database) {
  const site = await getSite(db, id);
  const job = await jobOf(db, site);
  const all = await listLinks(db, id);
  const links = all.filter((link) => body.link === null || link.id === body.link);
  if (body.link !== null && links.length === 0)
    throw invalid([{ path: 'link', reason: 'is no link of this site' }]);
  const ticks = await ticksOf(db, all);
  const pace =
    body.author === null ? null : ownPace([...ticks.values()].flat(), body.author, all, job);
  const left = endsLeft(links, ticks, job).filter(
    ({ end }) => body.end === null || end === body.end,
  );
  const connectors = [...new Set(left.map(({ link, end }) => link[end].connector))];
  const rates = await ratesOf(db, all, job, connectors);
  const kits = connectors.map((connector) => {
    const tasks = left.filter(({ link, end }) => link[end].connector === connector);
    const kit = kitFor(
      tasks.map(({ link, end }) => taskOf(link, end, job)),
      job.catalogue,
      (step, usual) => pace?.get(step)?.seconds ?? usual,
    );
    return { kit, ends: tasks.length - kit.refused };
  });
  // Who asks for one end has its cable already, or does not ask for it.
  const pulled = links.filter((link) => body.end === null && !isPulled(ticks.get(link.id)));
  const { list } = await keptList(db, job.catalogue);
  const {
    unpriced: _,
    parts,
    ...cost
  } = costOfWork(
    {
      groups: kits.map(({ kit, ends }, index) => ({
        ends,
        parts: kit.parts.map(({ id: part, count }) => ({ part, count })),
        minutes: kit.seconds / 60,
        rate: rates[index] ?? { value: 0, u: 0 },
      })),
      cables: pulled.flatMap(({ cable: part, lengthM }) =>
        lengthM === null ? [] : [{ part, count: lengthM }],
      ),
    },
    list.prices,
    body.wagePerHour,
  );
  const tell = teller(body.language, site.units);
  const names = new Map(
    kits.flatMap(({ kit }) => kit.parts.map((part) => [part.id, tell(part.name)] as const)),
  );
  const cables = new Set(pulled.map(({ cable }) => cable));
  return {
    ...cost,
    currency: list.currency,
    ends: left.length,
    refused: kits.reduce((sum, { kit }) => sum + kit.refused, 0),
    unknown: pulled.filter(({ lengthM }) => lengthM === null).length,
    parts: parts.map(({ part, count, cost: price }) => ({
      name: cables.has(part) ? job.catalogue.cable(part).name : (names.get(part) ?? part),
      count,
      cable: cables.has(part),
      cost: price,
    })),
  };
}

/** A cord as a link that lies nowhere. */
const cordOf = ({ near, far, cable, lengthM }: Cost): Link => ({
  label: '',
  hub: '',
  near: { place: '', ...near },
  far: { place: '', ...far },
  cable,
  lengthM,
  route: [],
  environment: 'indoor',
  schools: {},
  note: '',
});

/** What both ends take: a cord's own connectors, with the time of who asks where it is known. */
async function kitOf(
  cord: Link,
  links: readonly SiteLink[],
  job: Job,
  author: string | null,
  db: Database,
): Promise<Kit> {
  const ticks = [...(await ticksOf(db, links)).values()].flat();
  const pace = author === null ? null : ownPace(ticks, author, links, job);
  const ends = ENDS.map((end) => taskOf(cord, end, job));
  return kitFor(ends, job.catalogue, (step, usual) => pace?.get(step)?.seconds ?? usual);
}

/** How often an end with each connector is made again, from this site's own remakes. */
async function ratesOf(
  db: Database,
  links: readonly SiteLink[],
  job: Job,
  connectors: readonly string[],
) {
  const counted = await endsMade(db, links, job);
  const rows = connectors.map((id, index) => {
    const { made, failed } = counted.get(id) ?? { made: 0, failed: 0 };
    return { id: `${index}`, needed: 1, made, failed, pack: 1 };
  });
  return spares(rows, 0.5).map(({ rate }) => rate);
}
