import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { LinkSummary, Tick } from '@near-spoke/contract';
import { PLAIN_JOB } from '@near-spoke/core/link';
import { taskOf } from '@near-spoke/core/record';
import { planTermination, tickKeys } from '@near-spoke/core/terminate';
import type { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { OpenLink } from '../link/open-link';
import { factsActions } from '../store/facts/facts';
import { kept } from '../store/facts/kept';
import { SITE_ID, testLink } from '../testing/links';
import { headline, host, shown, text } from '../testing/page';
import { openSite } from '../testing/store';
import { asked } from '../testing/until';
import { RecordPage } from './record-page';

/** Ticks of a whole end, so many seconds apart from one to the next. */
function ticksOf(link: LinkSummary, seconds: number): Tick[] {
  const keys = planTermination(taskOf(link, 'far', PLAIN_JOB), PLAIN_JOB.catalogue).steps.flatMap(
    tickKeys,
  );
  const start = Date.parse('2026-05-04T14:02:00.000Z');
  return keys.map((key, index) => ({
    id: v7(),
    linkId: link.id,
    end: 'far',
    key,
    done: true,
    measuredMm: null,
    cause: '',
    at: new Date(start + index * seconds * 1000).toISOString(),
    author: 'tech 1',
  }));
}

describe('The record of a link', () => {
  let http: HttpTestingController;
  let store: Store<Record<string, unknown>>;
  let fixture: ComponentFixture<RecordPage>;

  const open = async (link: LinkSummary, ticks: readonly Tick[] = []) => {
    ({ http, store } = await openSite([link], [OpenLink]));
    const about = { of: 'link', id: link.id } as const;
    store.dispatch(factsActions.loaded({ about, facts: ticks.map(kept('tick', about)) }));
    TestBed.inject(OpenLink).open(link.id);
    fixture = TestBed.createComponent(RecordPage);
    await shown(fixture);
    (await asked(http, `/api/sites/${SITE_ID}/cable-facts`)).flush({ facts: [] });
    await shown(fixture);
  };
  const work = () =>
    [...host(fixture).querySelectorAll('li')]
      .map((one) => (one.textContent ?? '').replace(/\s+/g, ' ').trim())
      .filter((line) => line !== '');

  afterEach(() => localStorage.clear());

  it('says of an untouched link that nothing is tested, and what it is meant to be', async () => {
    await open(testLink('K4', { lengthHow: 'scheduled' }));
    expect(text(fixture)).toContain('Not tested.');
    expect(text(fixture)).toContain('Wire map, as intended');
    expect(text(fixture)).toContain('30 m, as scheduled; not measured here');
    expect(headline(fixture)).not.toContain('Print the record of');
  });

  it('says how the length is known', async () => {
    await open(testLink('K4', { lengthHow: 'taped' }));
    expect(text(fixture)).toContain('30 m, taped');
  });

  it('tells steps that were ticked within seconds as ticked together, with the time', async () => {
    const link = testLink('K4');
    await open(link, ticksOf(link, 1));
    expect(text(fixture)).toMatch(/15 ticked together,\s+4 May, 14:02/);
    const stops = work().filter((line) => /The order at the nose|copper ends are seen/.test(line));
    expect(stops.length).toBeGreaterThan(0);
    for (const line of stops) expect(line).toMatch(/ticked together/i);
  });

  it('tells steps that were ticked as the work went on one by one', async () => {
    const link = testLink('K4');
    await open(link, ticksOf(link, 60));
    expect(text(fixture)).not.toMatch(/ticked together/i);
    expect(text(fixture)).toContain('The order at the nose reads T568B');
  });

  it('tells nothing of what was taken back', async () => {
    const link = testLink('K4');
    const ticks = ticksOf(link, 60);
    const last = ticks.at(-1);
    if (!last) throw new Error('No tick');
    const back = ticks.map((tick, index) => ({
      ...tick,
      id: v7(),
      done: false,
      at: new Date(Date.parse(last.at) + (index + 1) * 60_000).toISOString(),
    }));
    await open(link, [...ticks, ...back]);
    expect(text(fixture)).not.toContain('The order at the nose reads T568B');
  });
});
