import {
  readingEndpoints,
  siteInput,
  tickInput,
  type Endpoint,
  type Link,
  type ReadingInput,
  type SiteInput,
  type TickInput,
} from '@near-spoke/contract';
import { scheduleEndpoints } from '@near-spoke/contract/schedule';
import { cordBatchInput, cordEndpoints } from '@near-spoke/contract/cords';
import { drawingFactInput } from '@near-spoke/contract/drawing';
import { adapterEndpoints } from '@near-spoke/contract/map';
import { cableFactInput } from '@near-spoke/contract/reflect';
import { testEndpoints } from '@near-spoke/contract/tests';
import { PLAIN_JOB, wiringOf } from '@near-spoke/core/link';
import { taskOf } from '@near-spoke/core/record';
import { fixingKeys, planTermination, tickKeys } from '@near-spoke/core/terminate';
import { mapContacts, parseWireMap } from '@near-spoke/core/verify';
import { sql } from 'drizzle-orm';
import { keepAdapter } from '../adapters/write-adapter';
import { keepCord } from '../cords/keep-cord';
import { keepBlob } from '../blobs/repository';
import { createBatch } from '../cords/repository';
import type { Database } from '../db/database';
import { addFact } from '../facts/repository';
import { askedOf } from '../http/asked';
import { importSchedule } from '../links/import-schedule';
import { listLinks } from '../links/repository';
import { refreshSite } from '../links/standing';
import { keepReading } from '../readings/keep-reading';
import { createSite, listSites } from '../sites/repository';
import { keepTest } from '../tests/keep-test';
import type { Work } from '../work/job';
import { ADAPTERS } from './adapters';
import { CABLE_FACTS } from './cables';
import { FLOORS, floorDeeds, floorSvg } from './floors';
import { CORDS, FAULTY_CORDS, cordReading } from './cords';
import { SCHEDULE } from './schedule';
import { STORIES, type Made, type Story, type StoryReading } from './story';

const SITE: SiteInput = {
  name: 'Skerry Holm ferry terminal',
  note: 'Comms room C1, gatehouse cabinet G2, linkspan cabinet L3',
  defaultScheme: 'T568B',
  schemeReason: 'Nothing asks for T568A but the ticket office, whose old plant has it.',
  schools: {
    plug: { choice: 'standard', reason: 'The terminal’s spares are standard plugs.' },
    pin: { choice: 'crimped', reason: 'Every van has the pin die.' },
    joint: { choice: 'solder', reason: 'Salt air: joints must last.' },
    unused: { choice: 'kept', reason: 'A second reader is planned at every gate.' },
    ringing: { choice: 'capacitor', reason: 'No old bells are left on the site.' },
    bond: { choice: 'both-ends', reason: 'One earthing system under the whole quay.' },
  },
};

/** The first working day of the demonstration; one link is worked on every 20 minutes. */
const FIRST_DAY = Date.UTC(2026, 4, 4, 7, 0);
const LINK_MINUTES = 20;

/** Arbitrary, the same in every server: of two that start at once on a new database, one loads it. */
const DEMO_LOCK = 716_569;

/**
 * Fills an empty database with the demonstration site, by the same jobs that a user's data takes. A
 * database that has a site is left alone.
 *
 * @param tx a transaction: all of it is there, or nothing
 */
export async function loadDemo(tx: Database): Promise<void> {
  await tx.execute(sql`select pg_advisory_xact_lock(${DEMO_LOCK})`);
  if ((await listSites(tx)).length > 0) return;
  const site = await createSite(tx, siteInput.parse(SITE));
  const told = teller(tx);
  await told(scheduleEndpoints.read, importSchedule, site.id, { csv: SCHEDULE });
  const links = await listLinks(tx, site.id);
  for (const [index, link] of links.entries()) {
    const story = STORIES[link.label];
    if (story) await tell(tx, link, story, FIRST_DAY + index * LINK_MINUTES * 60_000);
  }
  for (const { link, ...adapter } of ADAPTERS) {
    const linkId = links.find(({ label }) => label === link)?.id ?? null;
    await told(adapterEndpoints.keep, keepAdapter, '', { ...adapter, linkId });
  }
  await testCords(tx, site.id);
  for (const { minute, link, ...fact } of CABLE_FACTS) {
    const linkId = links.find(({ label }) => label === link)?.id ?? null;
    await addFact(
      tx,
      'cable',
      { subject: site.id },
      cableFactInput.parse({
        ...fact,
        linkId,
        at: new Date(FIRST_DAY + minute * 60_000).toISOString(),
        author: 'tech 1',
      }),
    );
  }
  for (const floor of FLOORS) await draw(tx, site.id, floor);
  await refreshSite(tx, site.id, () => false);
}

/** A floor plan, with what is on it. */
async function draw(tx: Database, siteId: string, floor: (typeof FLOORS)[number]): Promise<void> {
  const picture = new TextEncoder().encode(floorSvg(floor));
  const { sha256 } = await keepBlob(tx, picture, 'image/svg+xml');
  for (const deed of floorDeeds(floor, sha256)) {
    const at = new Date(FIRST_DAY).toISOString();
    const fact = drawingFactInput.parse({ drawing: floor.id, deed, at, author: 'planner' });
    await addFact(tx, 'drawing', { subject: siteId }, fact);
  }
}

/** Does what an operation does, as a request would have it done. */
const teller =
  (tx: Database) =>
  async <E extends Endpoint>(endpoint: E, work: Work<E>, id: string, body: object) => {
    const bytes = new TextEncoder().encode(JSON.stringify(body));
    const ask = { params: { id }, query: {}, type: 'application/json', body: bytes, author: '' };
    await work(askedOf(endpoint, ask), tx);
  };

/** A box of cords, tested one after the other. */
async function testCords(tx: Database, siteId: string): Promise<void> {
  const { count, seconds, ...batch } = CORDS;
  const { id } = await createBatch(tx, siteId, cordBatchInput.parse(batch));
  const told = teller(tx);
  for (let number = 1; number <= count; number += 1) {
    const lit = FAULTY_CORDS.get(number);
    await told(cordEndpoints.keep, keepCord, id, {
      label: `KC-${String(number).padStart(3, '0')}`,
      tester: batch.tester,
      verdict: lit ? 'fail' : 'pass',
      reading: lit ? cordReading(lit) : null,
      entered: lit ? 'by-hand' : 'one-key',
      at: new Date(FIRST_DAY + number * seconds * 1000).toISOString(),
      author: 'tech 1',
    });
  }
}

async function tell(tx: Database, link: Link, story: Story, start: number): Promise<void> {
  let at = start;
  const next = (seconds: number) => new Date((at += seconds * 1000)).toISOString();
  const tick = (body: TickInput) =>
    addFact(tx, 'tick', { subject: link.id }, tickInput.parse(body));
  const told = teller(tx);
  const author = link.hub === 'C1' ? 'tech 1' : 'tech 2';
  for (const end of ['near', 'far'] as const)
    for (const { key, seconds } of keysFor(link, end, story[end]))
      await tick({ end, key, at: next(seconds), author });
  for (const reading of story.readings ?? [])
    await told(readingEndpoints.keep, keepReading, link.id, {
      ...toReading(reading, link),
      takenAt: next(120),
      author,
      entered: 'by-hand',
    });
  for (const { reading, note } of story.tests ?? [])
    await told(testEndpoints.keep, keepTest, link.id, {
      reading,
      note,
      takenAt: next(120),
      author,
      entered: 'by-hand',
    });
  if (story.remade) {
    const [key = ''] = fixingKeys(planOf(link, story.remade));
    await tick({ end: story.remade, key, at: next(300), author });
  }
}

function planOf(link: Link, end: 'near' | 'far') {
  return planTermination(taskOf(link, end, PLAIN_JOB), PLAIN_JOB.catalogue);
}

function keysFor(link: Link, end: 'near' | 'far', made: Made) {
  const { steps } = planOf(link, end);
  const keys = steps.flatMap((step) =>
    tickKeys(step).map((key) => ({ key, seconds: step.seconds, step: step.id })),
  );
  const wanted = {
    bare: [],
    begun: keys.slice(0, 4),
    bootless: keys.filter(
      ({ step }) => !/^(thread|seat)-boot$|^(thread|close)-backshell$/.test(step),
    ),
    made: keys,
  };
  return wanted[made];
}

function toReading({ tester, map, splitPairs, note }: StoryReading, link: Link): ReadingInput {
  const parsed = parseWireMap(map, mapContacts(wiringOf(link, PLAIN_JOB)));
  if (!parsed.ok) throw new Error(`${map}: ${parsed.reason}`);
  const nets = parsed.nets.map(({ near, far }) => ({ near: [...near], far: [...far] }));
  return { tester, nets, splitPairs: splitPairs ?? [], note };
}
