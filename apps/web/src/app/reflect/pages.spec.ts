import type { Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { HttpTestingController } from '@angular/common/http/testing';
import type { LinkSummary } from '@near-spoke/contract';
import type { CableFact } from '@near-spoke/contract/reflect';
import {
  normalFrom,
  practise,
  simulate,
  type PracticeLine,
} from '@near-spoke/core/reflect/simulate';
import { writeTraceJson } from '@near-spoke/core/captures';
import { CableFacts } from '../link/cable-facts';
import { OpenLink } from '../link/open-link';
import { provideCables } from '../store/reflect/provide';
import { SITE_ID, testLink } from '../testing/links';
import { boxes, button, field, give, headline, host, shown, text, type } from '../testing/page';
import { openSite } from '../testing/store';
import { REFLECT_BENCH, type ReflectBench } from './reflect-bench';
import { reflectWork, type Work } from './reflect-work';
import { SetupPage } from './setup/setup-page';
import { SimulatePage } from './simulate/simulate-page';
import { TracePage } from './trace/trace-page';
import { ReelPage } from './velocity/reel-page';
import { VelocityPage } from './velocity/velocity-page';

/** Works at once, where the real one works beside the page. */
class AtOnce implements ReflectBench {
  private readonly work = reflectWork();
  ask<K extends keyof Work>(
    kind: K,
    ask: Work[K]['ask'],
    progress: (share: number) => void = () => undefined,
  ): Promise<Work[K]['answer']> {
    return Promise.resolve(this.work[kind](ask, progress));
  }
  drop(): void {
    // Nothing is under way.
  }
}

const LINE: PracticeLine = {
  cable: {
    lengthM: 40,
    velocityFactor: 0.7,
    impedanceOhm: 100,
    loss: { a0: 0, a1: 1.85, a2: 0.015 },
  },
  fault: 'series',
  atM: 15,
  strength: 60,
  end: 'open',
  launch: 'step',
  widthS: 5e-9,
  noiseV: 0.003,
};

/** What an instrument wrote of a line. */
function file(line: PracticeLine): File {
  const capture = simulate(practise(line), normalFrom(3));
  if (capture.kind === 'sweep') throw new Error('A sweep was made');
  return new File([writeTraceJson(capture)], 'practice.json');
}

const ROUTE = [
  { name: 'Tray T1', atM: 5 },
  { name: 'Ceiling void', atM: 25 },
];

describe('the pages of Reflect', () => {
  let http: HttpTestingController;
  let link: LinkSummary;

  async function open<T>(
    page: Type<T>,
    facts: readonly CableFact[] = [],
    more: Partial<LinkSummary> = {},
  ): Promise<ComponentFixture<T>> {
    link = testLink('AP6', { lengthM: 40, route: ROUTE, ...more });
    ({ http } = await openSite(
      [link],
      [OpenLink, provideCables(), { provide: REFLECT_BENCH, useValue: () => new AtOnce() }],
    ));
    TestBed.inject(OpenLink).open(link.id);
    const fixture = TestBed.createComponent(page);
    await shown(fixture);
    for (const asked of http.match(`/api/sites/${SITE_ID}/cable-facts`)) asked.flush({ facts });
    await shown(fixture);
    return fixture;
  }
  afterEach(() => localStorage.clear());

  const fact = (id: number, deed: CableFact['deed'], reel = ''): CableFact => ({
    id: `01900000-0000-7000-8000-00000000010${id}`,
    siteId: SITE_ID,
    linkId: null,
    cable: testLink('any').cable,
    reel,
    at: `2026-05-0${id}T08:00:00.000Z`,
    author: 'tech 2',
    deed,
  });
  const velocity = (value: number) =>
    ({ kind: 'velocity', velocityFactor: { value, u: 0.001 }, how: 'one-length' }) as const;
  /** What was sent to be kept. */
  const kept = () =>
    http
      .match((request) => request.method === 'POST' && request.url.endsWith('/cable-facts'))
      .map(({ request }) => request.body as Pick<CableFact, 'deed' | 'reel' | 'linkId'>);

  describe('Velocity', () => {
    it('tells the factor of lengths, with the leads apart, and keeps it for the cable', async () => {
      const page = await open(VelocityPage);
      expect(headline(page)).toContain('Measure a piece of this cable');
      expect(text(page)).toContain('generic figure: it was not measured here yet');
      for (const [row, metres, nanoseconds] of [
        [0, '10', '98.4'],
        [1, '40', '384.0'],
      ] as const) {
        await type(page, field(page, `Length ${row + 1}`), metres);
        await type(page, field(page, 'Delay, there and back', row), nanoseconds);
      }
      expect(headline(page)).toContain('Velocity factor 0.7008');
      expect(text(page)).toContain('Leads before the cable: 3.20 ns');
      await type(page, field(page, 'Reel'), ' Reel 9 ');
      button(page, 'Keep it for this cable').click();
      await shown(page);
      const [sent] = kept();
      expect(sent?.reel).toBe('Reel 9');
      expect(sent?.deed).toEqual(
        jasmine.objectContaining({ kind: 'velocity', how: 'several-lengths' }),
      );
      // It stands there before the server has answered.
      expect(text(page)).toContain('measured once on this reel');
    });

    it('keeps nothing that is faster than light', async () => {
      const page = await open(VelocityPage);
      await type(page, field(page, 'Length 1'), '20');
      await type(page, field(page, 'Delay, there and back'), '100');
      expect(headline(page)).toContain('Nothing is faster than light');
      expect(() => button(page, 'Keep it')).toThrowError();
    });

    it('places a cut from both ends, and says when they don’t agree', async () => {
      const page = await open(VelocityPage);
      await type(page, field(page, 'Whole length'), '30.5');
      await type(page, field(page, 'Delay from here'), '111.1');
      await type(page, field(page, 'Delay from the far end'), '163.3');
      expect(text(page)).toContain('12.35 ±');
      await type(page, field(page, 'Length 1'), '30');
      await type(page, field(page, 'Delay, there and back'), '400');
      expect(text(page)).toContain('The ends don’t agree');
      // Then nothing is told to be opened or kept.
      expect(text(page)).not.toContain('To have it within');
      expect(() => button(page, 'Keep this place')).toThrowError();
    });

    it('places a cut by a trace from either end, whatever the velocity factor', async () => {
      const page = await open(VelocityPage);
      const side = (lengthM: number) =>
        file({ ...LINE, fault: 'none', cable: { ...LINE.cable, lengthM, velocityFactor: 0.74 } });
      await give(page, side(12.35), ': one echo', 'Trace taken here');
      expect(text(page)).toContain('The other end’s trace is still wanted');
      await give(page, side(18.15), 'Type the whole length', 'Trace from the far end');
      expect(text(page)).toContain('Type the whole length');
      await type(page, field(page, 'Whole length'), '30.5');
      expect(text(page)).toMatch(/Open: 12\.3[3-7] ± 0\.0\d m from here/);
      expect(text(page)).toContain('between Tray T1 and Ceiling void, 7.3');
      const { layer } = TestBed.inject(OpenLink);
      expect(layer()).toEqual({
        kind: 'places',
        places: [jasmine.objectContaining({ name: 'Open' })],
      });
      button(page, 'Keep the factor').click();
      button(page, 'Keep this place').click();
      await shown(page);
      // The second waits until the server has the first.
      const all = page.debugElement.injector.get(CableFacts).all();
      expect(all.map(({ deed, linkId }) => [deed.kind, linkId])).toEqual([
        ['velocity', null],
        ['place', link.id],
      ]);
      expect(kept()[0]?.deed).toEqual(
        jasmine.objectContaining({ kind: 'velocity', how: 'both-ends' }),
      );
      await type(page, field(page, 'Whole length'), '90');
      expect(text(page)).toContain('are of the same place');
    });

    it('takes a measurement back', async () => {
      const page = await open(VelocityPage, [fact(1, velocity(0.66))]);
      expect(text(page)).toContain('0.6600 ± 0.00');
      button(page, 'Take back').click();
      await shown(page);
      expect(kept()[0]?.deed).toEqual({ kind: 'undone', of: fact(1, velocity(0.66)).id });
      expect(text(page)).toContain('it was not measured here yet');
    });
  });

  describe('Reel', () => {
    it('tells what is left by the reel’s own velocity factor, and what was used', async () => {
      const page = await open(ReelPage, [
        fact(1, velocity(0.66), 'Reel 3'),
        fact(2, velocity(0.72), 'Reel 4'),
        fact(3, { kind: 'reel', leftM: { value: 100, u: 0.5 } }, 'Reel 3'),
        fact(4, { kind: 'reel', leftM: { value: 60, u: 0.5 } }, 'Reel 3'),
        fact(5, { kind: 'reel', leftM: { value: 7, u: 0.5 } }, 'Reel 4'),
      ]);
      await type(page, field(page, 'Reel'), 'Reel 3');
      await type(page, field(page, 'Delay'), '500');
      // 0.66 × 299 792 458 × 500e-9 / 2
      expect(headline(page)).toContain('49.5 m left');
      const rows = [...host(page).querySelectorAll('tbody tr')].map((row) => row.textContent ?? '');
      expect(rows.length).toBe(2);
      expect(rows[0]).toContain('60.0');
      expect(rows[0]).toContain('40.0');
      button(page, 'Keep this reading').click();
      await shown(page);
      expect(kept()[0]?.deed).toEqual(jasmine.objectContaining({ kind: 'reel' }));
      expect(host(page).querySelectorAll('tbody tr').length).toBe(3);
    });

    it('is not kept without a name', async () => {
      const page = await open(ReelPage);
      await type(page, field(page, 'Reel'), ' ');
      await type(page, field(page, 'Delay'), '500');
      expect(text(page)).toContain('Name the reel to keep this reading');
      expect(() => button(page, 'Keep')).toThrowError();
    });
  });

  describe('Set up', () => {
    it('tells pulse, span and averages, and what a scope can’t do', async () => {
      const page = await open(SetupPage);
      expect(headline(page)).toMatch(/^Pulse \d+ ns, span \d+ ns/);
      expect(text(page)).toContain('This scope is good enough');
      await type(page, field(page, 'Scope memory'), '50');
      expect(text(page)).toContain('the far end would be cut off');
      await type(page, field(page, 'Scope memory'), 'much');
      expect(headline(page)).toContain('Correct what can’t be read');
    });

    it('matches the pulser to the line by E24 and E96, and checks a terminator', async () => {
      const page = await open(SetupPage);
      const rows = [...host(page).querySelectorAll('tbody tr')].map((row) => row.textContent ?? '');
      expect(rows.find((row) => row.includes('E24'))).toContain('in the way');
      await type(page, field(page, 'Terminator, measured'), '150');
      expect(text(page)).toContain('gives back 20.0 %: too high');
      await type(page, field(page, 'Terminator, measured'), '100.5');
      expect(text(page)).toContain('it is good');
    });
  });

  describe('What if', () => {
    it('draws a fault where it is put, on this cable as it was measured', async () => {
      const page = await open(SimulatePage, [fact(1, velocity(0.66))]);
      expect(headline(page)).toContain('Water in it, 18.0 m from here: 4.00 m');
      button(page, 'Branch').click();
      await shown(page);
      expect(headline(page)).toContain('Branch, 18.0 m from here');
      expect(TestBed.inject(OpenLink).layer()).toEqual({
        kind: 'places',
        places: [{ atM: 18, withinM: 0, name: 'Branch' }],
      });
      button(page, 'Nothing').click();
      await shown(page);
      expect(headline(page)).toContain('A whole link');
      expect(TestBed.inject(OpenLink).layer()).toEqual({ kind: 'places', places: [] });
    });
  });

  describe('Trace', () => {
    it('becomes a place on the route, with the sum; a cursor’s place and the record too', async () => {
      const page = await open(TracePage, [fact(1, velocity(0.7))]);
      expect(headline(page)).toContain('Give a trace');
      await give(page, file(LINE), 'On the cable');
      expect(headline(page)).toMatch(/^Resistance in the way at 1[45]\.\d\d m ± 0\.\d\d m\.$/);
      expect(text(page)).toContain('between Tray T1 and Ceiling void');
      expect(text(page)).toContain('0.7 × 299 792 458 m/s');
      expect(text(page)).toContain('measured once on this cable');
      button(page, 'Keep this place in the record').click();
      await shown(page);
      const [sent] = kept();
      expect(sent?.linkId).toBe(link.id);
      expect(sent?.deed).toEqual(jasmine.objectContaining({ kind: 'place', event: 'series' }));
      expect(text(page)).toContain('Kept of this link');
    });

    it('takes a cursor that is typed, and makes it a place', async () => {
      const page = await open(TracePage, [fact(1, velocity(0.7))]);
      await give(page, file({ ...LINE, fault: 'none' }), 'On the cable');
      await type(page, field(page, 'Cursor at'), '12,5');
      await shown(page);
      expect(text(page)).toContain('= 12.50 m ±');
      button(page, 'Make it a place').click();
      await shown(page);
      expect(text(page)).toContain('12.50 m ±');
      expect(host(page).querySelectorAll('ns-trace-events ol li').length).toBe(2);
      // No cursor behind the record, and none of words.
      await type(page, field(page, 'Cursor at'), '9000');
      await type(page, field(page, 'Cursor at'), 'there');
      await shown(page);
      expect(() => button(page, 'Make it a place')).toThrowError();
    });

    it('is zoomed and moved by keys', async () => {
      const page = await open(TracePage, [fact(1, velocity(0.7))]);
      await give(page, file({ ...LINE, fault: 'none' }), 'On the cable');
      const canvas = host(page).querySelector('canvas');
      const key = (name: string) => {
        const event = new KeyboardEvent('keydown', { key: name, cancelable: true });
        canvas?.dispatchEvent(event);
        return event.defaultPrevented;
      };
      expect(['+', 'ArrowRight', '-', 'Home'].map(key)).toEqual([true, true, true, true]);
      expect(key('x')).toBeFalse();
    });

    it('moves with the velocity factor, without being explained again', async () => {
      const page = await open(TracePage, [fact(1, velocity(0.7))]);
      await give(page, file(LINE), 'On the cable');
      const before = /at (\d+\.\d+) m/.exec(headline(page))?.[1] ?? '';
      await type(page, field(page, 'Velocity factor'), '0.35');
      await shown(page);
      const after = /at (\d+\.\d+) m/.exec(headline(page))?.[1] ?? '';
      expect(Number(after)).toBeCloseTo(Number(before) / 2, 1);
    });

    it('doubts every place before an end that shows behind the link’s own', async () => {
      const page = await open(TracePage, [fact(1, velocity(0.7))], { lengthM: 30 });
      await give(page, file(LINE), 'On the cable');
      expect(text(page)).toMatch(/The end shows at 40\.\d\d m, and this link is told as 30\.00 m/);
      expect(text(page)).toMatch(/If the length is right, 15\.0\d m is 11\.2\d m/);
    });

    it('lets a place be taken out, and says that a whole cable is whole', async () => {
      const page = await open(TracePage, [fact(1, velocity(0.7))]);
      await give(page, file({ ...LINE, fault: 'none' }), 'On the cable');
      expect(headline(page)).toContain('The cable is whole to its far end: 40.0');
      button(page, 'Take this one out').click();
      await shown(page);
      expect(host(page).querySelectorAll('ns-trace-events ol li').length).toBe(0);
    });

    it('refuses what is no trace with its line, and numbers that can’t be', async () => {
      const page = await open(TracePage);
      await give(page, new File(['Time,CH1\n0,1\n1e-9,x\n'], 'odd.csv'), 'odd.csv');
      expect(host(page).querySelector('[role=alert]')?.textContent).toContain('odd.csv');
      await type(page, field(page, 'Cable impedance'), 'many');
      expect(text(page)).toContain('Cable impedance: not a value that can be.');
    });

    it('is taken from a reflectometer, whose silence is told', async () => {
      const page = await open(TracePage);
      for (const asked of http.match('/api/reflect/reflectometer'))
        asked.flush({ host: '127.0.0.1', port: 5026 });
      await shown(page);
      expect(field(page, 'Port').value).toBe('5026');
      button(page, 'Take a trace').click();
      await shown(page);
      const asked = http.expectOne('/api/reflect/acquire');
      expect(asked.request.body).toEqual(
        jasmine.objectContaining({ host: '127.0.0.1', port: 5026, averages: 16 }),
      );
      asked.flush(
        { type: 'about:blank', title: 'No trace', status: 502, detail: 'It does not answer.' },
        { status: 502, statusText: 'Bad Gateway' },
      );
      await shown(page);
      expect(text(page)).toContain('It does not answer.');
      expect(boxes(page).length).toBeGreaterThan(5);
    });
  });
});
