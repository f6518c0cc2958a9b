import { TestBed } from '@angular/core/testing';
import type { SiteDayAnswer } from '@near-spoke/contract/site-day';
import { SITE_ID, testLink } from '../testing/links';
import { button, goOn, headline, shown, text } from '../testing/page';
import { openSite } from '../testing/store';
import { asked } from '../testing/until';
import { DayPage } from './day-page';

const LINK = testLink('K1');
const deed = (what: 'near' | 'far' | 'test', minutes: number) => ({
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
      deeds: [deed('far', 9)],
      outdoors: true,
    },
    {
      person: 1,
      place: 'C1',
      startMinute: 71,
      minutes: 8,
      walkMinutes: 61,
      deeds: [deed('near', 6), deed('test', 2)],
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
  async function open() {
    const { http } = await openSite([LINK]);
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
    expect(told).toContain('0:01, after a walk of 1 min');
    expect(told).toContain('1:11, after a walk of 1 h 1 min');
    expect(told).toMatch(/Make\s*K1\s*Test\s*K1/);
    expect(told).toContain('A cable here runs outdoors: its end must be made dry.');
    expect(told).toMatch(/2 8P8C plug/);
    expect(told).toContain('2 links more are for another day.');
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
});
