import {
  linkList,
  site as siteSchema,
  siteList,
  type LinkSummary,
  type ReadingInput,
  type SiteInput,
  type TickInput,
} from '@near-spoke/contract';
import { cordBatch } from '@near-spoke/contract/cords';
import { PLAIN_JOB, wiringOf } from '@near-spoke/core/link';
import { taskOf } from '@near-spoke/core/record';
import { fixingKeys, planTermination, tickKeys } from '@near-spoke/core/terminate';
import { mapContacts, parseWireMap } from '@near-spoke/core/verify';
import { ADAPTERS } from './adapters';
import { CABLE_FACTS } from './cables';
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

/**
 * Fills an empty server with the demonstration site, over the same HTTP that a user's data takes. A
 * server that has a site is left alone.
 */
export async function loadDemo(url: string): Promise<void> {
  const { sites } = siteList.parse(await call(url, 'GET', '/api/sites'));
  if (sites.length > 0) return;
  const site = siteSchema.parse(await call(url, 'POST', '/api/sites', SITE));
  await call(url, 'POST', `/api/sites/${site.id}/links/import`, { csv: SCHEDULE });
  const { links } = linkList.parse(await call(url, 'GET', `/api/sites/${site.id}/links`));
  const tellOne = async (link: LinkSummary, index: number) => {
    const story = STORIES[link.label];
    if (story) await tell(url, link, story, FIRST_DAY + index * LINK_MINUTES * 60_000);
  };
  await Promise.all(links.map(tellOne));
  for (const { link, ...adapter } of ADAPTERS) {
    const linkId = links.find(({ label }) => label === link)?.id ?? null;
    await call(url, 'POST', '/api/adapters', { ...adapter, linkId });
  }
  await testCords(url, site.id);
  for (const { minute, ...fact } of CABLE_FACTS)
    await call(url, 'POST', `/api/sites/${site.id}/cable-facts`, {
      ...fact,
      at: new Date(FIRST_DAY + minute * 60_000).toISOString(),
      author: 'tech 1',
    });
}

/** A box of cords, tested one after the other. */
async function testCords(url: string, siteId: string): Promise<void> {
  const { count, seconds, ...batch } = CORDS;
  const { id } = cordBatch.parse(await call(url, 'POST', `/api/sites/${siteId}/cords`, batch));
  for (let number = 1; number <= count; number += 1) {
    const lit = FAULTY_CORDS.get(number);
    await call(url, 'POST', `/api/cords/${id}/facts`, {
      label: `KC-${String(number).padStart(3, '0')}`,
      tester: batch.tester,
      verdict: lit ? 'fail' : 'pass',
      reading: lit ? cordReading(lit) : null,
      at: new Date(FIRST_DAY + number * seconds * 1000).toISOString(),
      author: 'tech 1',
    });
  }
}

async function tell(url: string, link: LinkSummary, story: Story, start: number): Promise<void> {
  let at = start;
  const next = (seconds: number) => new Date((at += seconds * 1000)).toISOString();
  const tick = (body: TickInput) => call(url, 'POST', `/api/links/${link.id}/ticks`, body);
  const person = link.hub === 'C1' ? 'tech 1' : 'tech 2';
  for (const end of ['near', 'far'] as const)
    for (const { key, seconds } of keysFor(link, end, story[end]))
      await tick({ end, key, at: next(seconds), author: person });
  for (const reading of story.readings ?? [])
    await call(url, 'POST', `/api/links/${link.id}/readings`, {
      ...toReading(reading, link),
      takenAt: next(120),
      author: person,
    });
  for (const { reading, note } of story.tests ?? [])
    await call(url, 'POST', `/api/links/${link.id}/tests`, {
      reading,
      note,
      takenAt: next(120),
      author: person,
    });
  if (story.remade) {
    const [key = ''] = fixingKeys(planOf(link, story.remade));
    await tick({ end: story.remade, key, at: next(300), author: person });
  }
}

function planOf(link: LinkSummary, end: 'near' | 'far') {
  return planTermination(taskOf(link, end, PLAIN_JOB), PLAIN_JOB.catalogue);
}

function keysFor(link: LinkSummary, end: 'near' | 'far', made: Made) {
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

function toReading(
  { tester, map, splitPairs, note }: StoryReading,
  link: LinkSummary,
): ReadingInput {
  const parsed = parseWireMap(map, mapContacts(wiringOf(link, PLAIN_JOB)));
  if (!parsed.ok) throw new Error(`${map}: ${parsed.reason}`);
  const nets = parsed.nets.map(({ near, far }) => ({ near: [...near], far: [...far] }));
  return { tester, nets, splitPairs: (splitPairs ?? []) as ReadingInput['splitPairs'], note };
}

async function call(url: string, method: string, path: string, body?: unknown): Promise<unknown> {
  const response = await fetch(url + path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  const answer = await response.text();
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${answer}`);
  return JSON.parse(answer);
}
