import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { LinkSummary, Tick } from '@near-spoke/contract';
import type { Test } from '@near-spoke/contract/tests';
import type { Edit } from '@near-spoke/contract/edit';
import { PLAIN_JOB } from '@near-spoke/core/link';
import { taskOf } from '@near-spoke/core/record';
import { planTermination, tickKeys } from '@near-spoke/core/terminate';
import type { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { OpenLink } from '../link/open-link';
import { factsActions, factsFeature } from '../store/facts/facts';
import { kept } from '../store/facts/kept';
import { SITE_ID, testLink } from '../testing/links';
import { headline, host, shown, text } from '../testing/page';
import { openSite, settle } from '../testing/store';
import { asked, giveSiteFacts } from '../testing/until';
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
    device: '',
  }));
}

describe('The record of a link', () => {
  let http: HttpTestingController;
  let store: Store<Record<string, unknown>>;
  let fixture: ComponentFixture<RecordPage>;

  const open = async (
    link: LinkSummary,
    ticks: readonly Tick[] = [],
    edits: readonly Edit[] = [],
  ) => {
    ({ http, store } = await openSite([link], [OpenLink]));
    const about = { of: 'link', id: link.id } as const;
    store.dispatch(factsActions.loaded({ about, facts: ticks.map(kept('tick', about)) }));
    TestBed.inject(OpenLink).open(link.id);
    fixture = TestBed.createComponent(RecordPage);
    fixture.detectChanges();
    await giveSiteFacts(http, SITE_ID, {});
    (await asked(http, `/api/links/${link.id}/edits`)).flush({ edits });
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

  it('tells who has changed what of the link, in its own words', async () => {
    const link = testLink('K4', { lengthM: 42, lengthHow: 'taped', version: 3 });
    const at = '2026-05-04T15:00:00.000Z';
    await open(
      link,
      [],
      [
        { at, author: 'tech 2', version: 2, changed: [{ field: 'label', from: 'K3', to: 'K4' }] },
        {
          at,
          author: '',
          version: 3,
          changed: [
            { field: 'lengthM', from: 30, to: 42 },
            { field: 'lengthHow', from: 'scheduled', to: 'taped' },
          ],
        },
      ],
    );
    expect(text(fixture)).toMatch(
      /Changes of the link.*somebody:\s+Length: 42 m, taped along the cable; before, 30 m, as scheduled.*tech 2:\s+Label: K4; before, K3\./s,
    );
  });

  it('tells and draws what was measured more than once', async () => {
    const link = testLink('K4');
    await open(link);
    const loop = (day: number, ohm: number) => ({
      id: v7(),
      linkId: link.id,
      author: 'tech 1',
      device: '',
      takenAt: `2026-05-0${day}T08:00:00.000Z`,
      note: '',
      entered: 'by-hand' as const,
      tester: 'ohmmeter',
      wiring: { near: { contacts: [], rows: [] }, far: { contacts: [], rows: [] } },
      reading: {
        tester: 'ohmmeter' as const,
        moved: null,
        from: { end: 'near' as const, contact: '4' },
        to: { end: 'near' as const, contact: '5' },
        joined: ['4', '5'],
        ohm,
      },
      verdict: 'part' as const,
      missed: [],
      summary: 'Ohms.',
    });
    const about = { of: 'link', id: link.id } as const;
    const tests = [loop(4, 12.4), loop(9, 14.9)] as unknown as Test[];
    store.dispatch(factsActions.loaded({ about, facts: tests.map(kept('test', about)) }));
    await shown(fixture);
    expect(text(fixture)).toMatch(
      /Ohms from near 4 to near 5, far 4 and 5 joined:\s+From 12\.4 .* to 14\.9 .* in 2 measurements: more than both leave open\./,
    );
    const drawn = [...host(fixture).querySelectorAll('ns-drift-plot circle')].map((dot) =>
      ['cx', 'cy'].map((name) => Number(dot.getAttribute(name))),
    );
    // Later stands to the right, and more ohms above.
    expect(drawn.length).toBe(2);
    expect(drawn[1]?.[0]).toBeGreaterThan(drawn[0]?.[0] ?? 0);
    expect(drawn[1]?.[1]).toBeLessThan(drawn[0]?.[1] ?? 0);
  });

  it('keeps a note with where it was seen', async () => {
    const link = testLink('K4');
    await open(link);
    const box = host(fixture).querySelector<HTMLInputElement>('ns-notes input[matInput]');
    const keep = () =>
      [...host(fixture).querySelectorAll<HTMLButtonElement>('ns-notes button')].find(
        (one) => one.textContent?.trim() === 'Keep the note',
      );
    if (!box) throw new Error('No field');
    expect(keep()?.disabled).toBeTrue();
    box.value = ' Tile 14 is glued. ';
    box.dispatchEvent(new Event('input'));
    await shown(fixture);
    keep()?.click();
    // It is being sent: nothing is stable before that is answered.
    await settle();
    fixture.detectChanges();
    expect(text(fixture)).toMatch(/Notes.*tech 1:\s+Near end: Tile 14 is glued\./s);
    const fact = store.selectSignal(factsFeature.selectFactsState)()[link.id]?.facts.at(-1);
    expect(fact?.of).toBe('note');
    expect(box.value).toBe('');
  });
});
