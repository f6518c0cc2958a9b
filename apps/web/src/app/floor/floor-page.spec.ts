import type { ComponentFixture } from '@angular/core/testing';
import { TestBed } from '@angular/core/testing';
import type { DrawingFact } from '@near-spoke/contract/drawing';
import { SITE_ID, testLink } from '../testing/links';
import { button, give, goOn, headline, host, shown, text, type, field } from '../testing/page';
import { openSite } from '../testing/store';
import { asked, giveSiteFacts, until } from '../testing/until';
import { FloorPage } from './floor-page';

const DRAWING = '0197f000-0000-7000-8000-00000000d001';
const UPPER = '0197f000-0000-7000-8000-00000000d002';
const BLOB = 'a'.repeat(64);
const LINK = testLink('Z1', { lengthM: 20 });
const [NEAR, FAR] = [LINK.near.place, LINK.far.place];

let minute = 10;
const fact = (deed: DrawingFact['deed'], drawing = DRAWING): DrawingFact => ({
  id: `0190a000-0000-7000-8000-0000000000${(minute += 1)}`,
  siteId: SITE_ID,
  drawing,
  at: `2026-05-04T08:${minute}:00.000Z`,
  author: 'planner',
  device: '',
  deed,
});
const PICTURE: DrawingFact['deed'] = {
  kind: 'picture',
  name: 'Ground floor',
  blob: BLOB,
  width: 1000,
  height: 500,
  floorM: 0,
};
const SCALE: DrawingFact['deed'] = {
  kind: 'scale',
  from: { x: 0, y: 0 },
  to: { x: 1000, y: 0 },
  metres: 50,
};
const TRAY: DrawingFact['deed'] = {
  kind: 'way',
  way: '0197f000-0000-7000-8000-00000000d0a1',
  name: 'Tray T1',
  of: 'tray',
  points: [
    { x: 100, y: 250 },
    { x: 900, y: 250 },
  ],
  heightM: 3,
  areaMm2: 20,
};
const place = (name: string, x: number, y: number, heightM: number): DrawingFact['deed'] => ({
  kind: 'place',
  place: name,
  at: { x, y },
  heightM,
});
/** 1.5 up, 20 along, 1 across, 2.5 down, a metre at each end: 27. */
const DRAWN = [PICTURE, SCALE, TRAY, place(NEAR, 100, 250, 1.5), place(FAR, 500, 270, 0.5)];

describe('FloorPage', () => {
  async function open(
    deeds: readonly DrawingFact['deed'][],
    {
      cables = [],
      upper = [],
      links = [LINK],
      link,
    }: {
      cables?: readonly object[];
      upper?: readonly DrawingFact['deed'][];
      links?: readonly (typeof LINK)[];
      link?: string;
    } = {},
  ) {
    const { http } = await openSite(links);
    const fixture = TestBed.createComponent(FloorPage);
    host(fixture).style.width = '1100px';
    fixture.componentRef.setInput('siteId', SITE_ID);
    if (link) fixture.componentRef.setInput('link', link);
    fixture.detectChanges();
    await giveSiteFacts(http, SITE_ID, {
      cables,
      drawings: [...deeds.map((deed) => fact(deed)), ...upper.map((deed) => fact(deed, UPPER))],
    });
    await shown(fixture);
    const kept = async (): Promise<Pick<DrawingFact, 'deed' | 'drawing'>> =>
      (await asked(http, ({ method, url }) => method === 'POST' && url.endsWith('/drawings')))
        .request.body;
    return { fixture, http, kept };
  }
  const board = (fixture: ComponentFixture<FloorPage>): HTMLElement => {
    const found = host(fixture).querySelector<HTMLElement>('.board');
    if (!found) throw new Error('No plan');
    return found;
  };
  const boxOf = (fixture: ComponentFixture<FloorPage>, mark: string): DOMRect => {
    const found = host(fixture).querySelector(mark);
    if (!found) throw new Error(`No ${mark}`);
    return found.getBoundingClientRect();
  };
  const tool = async (fixture: ComponentFixture<FloorPage>, name: string) => {
    button(fixture, name).click();
    await shown(fixture);
  };
  const press = async (fixture: ComponentFixture<FloorPage>, key: string) => {
    board(fixture).dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    await shown(fixture);
  };
  const clickAt = async (
    fixture: ComponentFixture<FloorPage>,
    clientX: number,
    clientY: number,
  ) => {
    const at = { clientX, clientY, bubbles: true };
    board(fixture).dispatchEvent(new MouseEvent('click', at));
    await shown(fixture);
  };

  it('takes a picture of a floor, with its size, and asks for the scale next', async () => {
    const { fixture, http } = await open([]);
    expect(headline(fixture)).toBe('No floor plan is here yet.');
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 800 400"><path/></svg>';
    const picture = new File([svg], 'Quay level.svg', { type: 'image/svg+xml' });
    await give(fixture, picture, 'Quay level is added.');
    const file = await asked(http, ({ url }) => url.endsWith('/blobs'));
    expect(file.request.body.type).toBe('image/svg+xml');
    const plan = () => host(fixture).querySelector<HTMLImageElement>('img.plan');
    const before = plan();
    expect(before?.src).toMatch(/^blob:/u);
    button(fixture, '+').click();
    const wide = before?.getBoundingClientRect().width;
    file.flush({ sha256: BLOB, type: 'image/svg+xml', bytes: 9 });
    const { request } = await asked(http, ({ url }) => url.endsWith('/drawings'));
    expect(request.body.deed).toEqual(
      jasmine.objectContaining({ kind: 'picture', name: 'Quay level', width: 800, height: 400 }),
    );
    expect(headline(fixture)).toBe('Quay level has no scale yet.');
    // Once it is sent it comes from the server, and stays under the hand as it was.
    await until('the sent picture', () => plan()?.src.includes('/api/blobs/') === true);
    expect(plan()).toBe(before);
    expect(plan()?.getBoundingClientRect().width).toBe(wide);
  });

  it('says why a file is no picture of a floor', async () => {
    const { fixture } = await open([]);
    await give(fixture, new File(['plan'], 'plan.dwg'), 'plan.dwg can’t be shown: it is no PNG');
    await give(fixture, new File([], 'empty.png'), 'there is nothing in it.');
    const whole = '<svg xmlns="http://www.w3.org/2000/svg" width="100%" height="100%"/>';
    await give(fixture, new File([whole], 'a.svg'), 'it does not say how wide and high it is.');
    expect(headline(fixture)).toBe('No floor plan is here yet.');
  });

  it('is set to scale by two points from the keyboard and what lies between them', async () => {
    const { fixture, kept } = await open([PICTURE]);
    await goOn(fixture);
    expect(headline(fixture)).toBe('Put the first point.');
    await press(fixture, 'Enter');
    await press(fixture, 'Backspace');
    expect(headline(fixture)).toBe('Put the first point.');
    await press(fixture, 'Enter');
    button(fixture, '+').click();
    board(fixture).dispatchEvent(
      new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, repeat: true }),
    );
    await shown(fixture);
    expect(headline(fixture)).toBe('Put the second point.');
    const { left, top, height } = board(fixture).getBoundingClientRect();
    await clickAt(fixture, left + 40, top + height / 2);
    await type(fixture, field(fixture, 'Distance'), '12.5');
    await goOn(fixture);
    const { deed } = await kept();
    if (deed.kind !== 'scale') throw new Error(deed.kind);
    expect(deed.metres).toBe(12.5);
    // The middle of the picture, and straight to the left of it.
    expect(deed.from.x).toBeCloseTo(500, -1);
    expect(deed.from.y).toBeCloseTo(250, -1);
    expect(deed.to.x).toBeLessThan(400);
    expect(deed.to.y).toBeCloseTo(deed.from.y, 6);
  });

  it('puts the places that runs want, one after the other, and takes the last one back', async () => {
    const { fixture, http } = await open([PICTURE, SCALE, TRAY]);
    expect(headline(fixture)).toBe('2 places to go: C1 is next.');
    await goOn(fixture);
    const tray = boxOf(fixture, '.line.tray');
    await clickAt(fixture, tray.left + tray.width / 4, tray.top + tray.height / 2);
    const sent = await asked(
      http,
      ({ method, url }) => method === 'POST' && url.endsWith('/drawings'),
    );
    const { deed } = sent.request.body as Pick<DrawingFact, 'deed'>;
    if (deed.kind !== 'place') throw new Error(deed.kind);
    expect([deed.place, deed.heightM]).toEqual(['C1', 0.4]);
    expect(deed.at.x).toBeCloseTo(300, -1);
    expect(deed.at.y).toBeCloseTo(250, -1);
    expect(headline(fixture)).toBe(`Put ${FAR} where it is on the plan.`);
    sent.flush({ ...sent.request.body, siteId: SITE_ID });
    await shown(fixture);
    button(fixture, 'Take back').click();
    const gone = await asked(http, ({ url }) => url.endsWith('/void'));
    expect(gone.request.url).toContain(sent.request.body.id);
    await shown(fixture);
    expect(headline(fixture)).toBe('Put C1 where it is on the plan.');
  });

  it('draws a tray that begins where another one ends', async () => {
    const { fixture, kept } = await open(DRAWN);
    await tool(fixture, 'Ways');
    const tray = boxOf(fixture, '.line.tray');
    await clickAt(fixture, tray.right - 5, tray.top + 4);
    await clickAt(fixture, tray.right - 4, tray.top - 60);
    expect(headline(fixture)).toBe('Tray 1');
    await goOn(fixture);
    const { deed } = await kept();
    if (deed.kind !== 'way') throw new Error(deed.kind);
    expect([deed.name, deed.of, deed.heightM]).toEqual(['Tray 1', 'tray', 2.8]);
    expect(deed.points[0]).toEqual({ x: 900, y: 250 });
    // Straight up from there.
    expect(deed.points[1]?.x).toBeCloseTo(900, 6);
    expect(deed.points[1]?.y).toBeLessThan(250);
  });

  it('tells lengths beside those that are kept, what is too full, and has the server take them', async () => {
    const { fixture, http } = await open(DRAWN);
    expect(headline(fixture)).toBe('1 link has a length by the plan, one not as kept.');
    const row = host(fixture).querySelector('ns-floor-lengths tbody tr');
    expect(row?.textContent?.replace(/\s+/gu, ' ').trim()).toMatch(
      /^Z1 27\.0 m ± 1\.4 m ?20\.0 m$/u,
    );
    expect(text(fixture)).toContain('Tray T1: 1 link, 1');
    expect(text(fixture)).toContain('too full');
    await goOn(fixture);
    const taken = await asked(
      http,
      ({ method, url }) => method === 'POST' && url.endsWith('/lengths'),
    );
    expect(taken.request.body).toEqual({ slackM: 1, reachM: 6 });
    taken.flush({ changed: 1, same: 0, measured: 0, routes: ['K9'], none: 0 });
    await shown(fixture);
    expect(text(fixture)).toContain(
      '1 link changed. K9 keeps its own: the route goes on beyond it.',
    );
  });

  it('marks where a fault lies on the way that the cable takes, as wide as it is known', async () => {
    const place = {
      id: '0190a000-0000-7000-8000-00000000f001',
      siteId: SITE_ID,
      linkId: LINK.id,
      cable: LINK.cable,
      reel: '',
      at: '2026-05-04T09:00:00.000Z',
      author: 'tech 1',
      device: '',
      deed: {
        kind: 'place',
        event: 'open',
        distanceM: { value: 11.5, u: 0.25 },
        sentence: 'Open at 11.5 m.',
      },
    };
    const { fixture } = await open(DRAWN, { cables: [place], link: LINK.id });
    expect(headline(fixture)).toBe(
      `Z1: here, in Tray T1, 9.0 m to 12.0 m along the way from ${NEAR}.`,
    );
    expect(text(fixture)).toContain('The cable is 2.0 m longer than the drawn way.');
    expect(text(fixture)).toContain('look for power, water and gas');
    await until('the mark', () => host(fixture).querySelector('.line.fault') !== null);
    const [tray, fault] = [boxOf(fixture, '.line.tray'), boxOf(fixture, '.line.fault')];
    // 1.5 m go up to the tray, of which 800 units are 40 m: from 7.5 to 10.5 of them.
    expect((fault.left - tray.left) / tray.width).toBeCloseTo((9.01 - 1.5) / 40, 2);
    expect((fault.right - tray.left) / tray.width).toBeCloseTo((11.99 - 1.5) / 40, 2);
  });

  it('shows the first of very many links, the one that is looked at, and all when asked', async () => {
    const links = Array.from({ length: 260 }, (_, index) => testLink(`M${index}`));
    const { fixture } = await open(DRAWN, { link: links[250]?.id ?? '', links });
    const labels = () =>
      [...host(fixture).querySelectorAll('ns-floor-lengths tbody button')].map((one) =>
        one.textContent?.trim(),
      );
    expect(labels().length).toBe(201);
    expect(labels()[0]).toBe('M250');
    button(fixture, 'Show all 260').click();
    await shown(fixture);
    expect(labels().length).toBe(260);
    expect(labels()).toContain('M259');
  });

  it('shows another floor when it is asked for, though the run that is looked at is not there', async () => {
    const upper: DrawingFact['deed'] = { ...PICTURE, name: 'Upper deck', floorM: 4 };
    const { fixture } = await open(DRAWN, { link: LINK.id, upper: [upper, SCALE] });
    expect(board(fixture).ariaLabel).toBe('Ground floor, to scale');
    expect(text(fixture)).toContain('Upper deck has no riser that another plan has');
    await tool(fixture, 'Upper deck');
    expect(board(fixture).ariaLabel).toBe('Upper deck, to scale');
    expect(host(fixture).querySelector('.line.run')).toBeNull();
  });

  it('shows a name as it is written, whatever is in it', async () => {
    const { fixture } = await open([
      ...DRAWN,
      {
        ...TRAY,
        of: 'riser',
        points: [{ x: 500, y: 250 }],
        way: '0197f000-0000-7000-8000-00000000d0a2',
        name: '<b>Łódź</b>',
      },
    ]);
    expect(host(fixture).querySelector('.leaflet-tooltip.riser')?.textContent).toBe('<b>Łódź</b>');
  });
});
