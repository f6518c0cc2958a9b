import { TestBed } from '@angular/core/testing';
import type { SiteDayAnswer } from '@near-spoke/contract/site-day';
import { SITE_ID, testLink } from '../testing/links';
import { boxes, button, goOn, headline, host, shown, text, type } from '../testing/page';
import { openSite } from '../testing/store';
import { asked } from '../testing/until';
import { DayPage } from './day-page';

const LINK = testLink('K1');
const deed = (what: 'near' | 'far' | 'test' | 'put', minutes: number) => ({
  link: LINK.id,
  label: 'K1',
  what,
  minutes,
});
const DAY: SiteDayAnswer = {
  stops: [
    {
      person: 1,
      place: 'Kiosk 1',
      startMinute: 1,
      minutes: 9,
      walkMinutes: 1,
      waitMinutes: 0,
      deeds: [deed('far', 9)],
      outdoors: true,
    },
    {
      person: 1,
      place: 'C1',
      startMinute: 71,
      minutes: 8.5,
      walkMinutes: 31,
      waitMinutes: 30,
      deeds: [deed('put', 0.5), deed('near', 6), deed('test', 2)],
      outdoors: false,
    },
  ],
  carry: { parts: [{ name: '8P8C plug', count: 2 }], tools: ['crimper'] },
  totalMinutes: 79,
  boundMinutes: 70,
  listedMinutes: 99,
  links: 1,
  later: 2,
  faults: [{ link: LINK.id, label: 'K4' }],
  unfit: [],
  shut: [{ link: LINK.id, label: 'K5' }],
  unknownPlaces: ['Shed'],
  unknownLengths: 1,
  places: ['Kiosk 1', 'C1'],
  hubs: ['C1', 'G2'],
};
const NOTHING: SiteDayAnswer = {
  ...DAY,
  stops: [],
  totalMinutes: 0,
  boundMinutes: 0,
  listedMinutes: 0,
  links: 0,
  later: 0,
};

describe('DayPage', () => {
  /** @param more what this device has kept of the page */
  async function open(more: Readonly<Record<string, unknown>> = {}) {
    const { http } = await openSite([LINK]);
    const stored = { [`day.${SITE_ID}`]: { begin: '8:00' }, ...more };
    for (const [name, value] of Object.entries(stored))
      localStorage.setItem(`near-spoke.${name}`, JSON.stringify(value));
    const fixture = TestBed.createComponent(DayPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.detectChanges();
    const request = () => asked(http, `/api/sites/${SITE_ID}/plan/day`);
    const answer = async (day: SiteDayAnswer) => {
      const one = await request();
      one.flush(day);
      await shown(fixture);
      return one.request.body as Readonly<Record<string, unknown>>;
    };
    return { fixture, request, answer };
  }

  it('says where to begin, how long it takes, what to do at each stop and what to carry', async () => {
    const { fixture, answer } = await open();
    expect(await answer(DAY)).toEqual(
      jasmine.objectContaining({ people: 1, hours: 8, walkMPerMinute: 40, startPlace: null }),
    );
    expect(headline(fixture)).toBe('Begin at Kiosk 1: 1 link in 1 h 19 min.');
    const told = text(fixture).replace(/\s+/g, ' ');
    expect(told).toContain('20 min less than in the order of the list.');
    expect(told).toContain('No order takes less than 1 h 10 min.');
    expect(told).toContain('8:01, after a walk of 1 min');
    expect(told).toContain('9:11, after a walk of 31 min and a wait of 30 min');
    expect(told).toMatch(/Put a remote for\s*K1\s*Make\s*K1\s*Test\s*K1/);
    expect(told).toContain('no room for it in the times of its place: K5.');
    expect(told).toContain('No end is at Shed: its times count for nothing.');
    expect(told).toContain('To fetch the last remotes is not in it.');
    expect(told).toContain('A cable here runs outdoors: its end must be made dry.');
    expect(told).toMatch(/2 8P8C plug/);
    expect(told).toContain('2 more links are for another day.');
    expect(told).toContain('how long a repair takes: K4.');
    expect(told).toContain('1 link without a length: 5 min are reckoned for such a walk.');
  });

  it('plans again by one key, and from where somebody stands', async () => {
    const { fixture, answer } = await open();
    await answer(DAY);
    await goOn(fixture);
    expect((await answer(DAY))['startPlace']).toBeNull();
    button(fixture, 'Plan from here').click();
    expect((await answer(DAY))['startPlace']).toBe('Kiosk 1');
    button(fixture, 'Plan from here').click();
    expect((await answer(NOTHING))['startPlace']).toBe('Kiosk 1');
    expect(headline(fixture)).toBe('Nothing is left to make or to test here.');
  });

  it('says so where no server answers', async () => {
    const { fixture, request } = await open();
    (await request()).flush(null, { status: 503, statusText: 'Away' });
    await shown(fixture);
    expect(text(fixture)).toContain('The server does not answer.');
  });

  it('asks by the clock: times of a place from when the day begins on, kept on this device', async () => {
    const row = { bar: 'in', place: 'Kiosk 1', from: '9:30', to: '12' };
    const dry = { bar: 'dry', place: null, from: '', to: '4 pm' };
    const { fixture, answer } = await open({ [`day.times.${SITE_ID}`]: [row, dry] });
    expect((await answer(DAY))['times']).toEqual([
      { place: 'Kiosk 1', outdoors: false, spans: [{ fromMinute: 90, toMinute: 240 }] },
      { place: null, outdoors: true, spans: [{ fromMinute: 0, toMinute: 480 }] },
    ]);
    const box = [...host(fixture).querySelectorAll<HTMLInputElement>('ns-day-times input')];
    await type(fixture, box[0], 'noon');
    expect(text(fixture)).toContain('A time of day, such as 8:30.');
    expect(headline(fixture)).toBe('This can’t be worked out now.');
    await type(fixture, box[0], '10');
    const again = await answer(DAY);
    expect(again['times']).toContain(
      jasmine.objectContaining({ spans: [{ fromMinute: 120, toMinute: 240 }] }),
    );
    expect(localStorage.getItem(`near-spoke.day.times.${SITE_ID}`)).toContain('"from":"10"');
    await type(fixture, box[2], '7:15');
    expect((await answer(DAY))['times']).toContain({
      place: null,
      outdoors: true,
      spans: [{ fromMinute: 0, toMinute: 480 }],
    });
    expect(localStorage.getItem(`near-spoke.day.times.${SITE_ID}`)).toContain('"from":"7:15"');
    button(fixture, 'Take out').click();
    expect((await answer(DAY))['times']).toEqual([jasmine.objectContaining({ outdoors: true })]);
  });

  it('waits for no answer where a kept time is none', async () => {
    const row = { bar: 'off', place: null, from: 'x', to: '' };
    const { fixture } = await open({ [`day.times.${SITE_ID}`]: [row] });
    await shown(fixture);
    expect(headline(fixture)).toBe('This can’t be worked out now.');
    expect(text(fixture)).toContain('proven dead by whoever may do that here');
  });

  it('asks with the remotes there are, and, for two, with the tools of which there is one', async () => {
    const { fixture, answer } = await open({ [`day.only-one.${SITE_ID}`]: ['tester'] });
    expect(await answer(DAY)).toEqual(jasmine.objectContaining({ remotes: null, onlyOne: [] }));
    await type(fixture, boxes(fixture)[4], '8');
    expect((await answer(DAY))['remotes']).toBe(8);
    button(fixture, 'Two').click();
    expect((await answer(DAY))['onlyOne']).toEqual(['tester']);
    await shown(fixture);
    button(fixture, 'crimper').click();
    expect((await answer(DAY))['onlyOne']).toEqual(['tester', 'crimper']);
  });
});
