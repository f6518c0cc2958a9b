import { CONNECTORS } from './connectors';
import { describeView, faceContacts, type FaceView } from './face';
import { outline, ribbonOrder } from './outline';
import { parseOutline } from './outline-text';
import { OUTLINES } from './outlines';
import { CONTACT_NAME } from './scheme';

const VIEWS: readonly FaceView[] = (['mating', 'wiring'] as const).flatMap((side) =>
  (['down', 'up'] as const).map((latch) => ({ side, latch })),
);
const spelled = (gender: 'plug' | 'socket', id: string, view: FaceView) =>
  faceContacts({ gender, outline: id }, view)
    .map(({ contact, xMm, yMm }) => `${contact}@${(xMm + 0).toFixed(3)},${(yMm + 0).toFixed(3)}`)
    .join(' ')
    .replace(/-0\.000/g, '0.000');

describe('outlines', () => {
  it('make a plug’s mating face the wiring side of its socket, in every family', () => {
    for (const { id } of OUTLINES)
      for (const latch of ['down', 'up'] as const)
        expect(spelled('plug', id, { side: 'mating', latch }))
          .withContext(id)
          .toBe(spelled('socket', id, { side: 'wiring', latch }));
  });

  it('are the same again when turned twice or mirrored twice', () => {
    for (const { id } of OUTLINES)
      for (const gender of ['plug', 'socket'] as const) {
        const [down, up] = (['down', 'up'] as const).map((latch) =>
          faceContacts({ gender, outline: id }, { side: 'mating', latch }),
        );
        down?.forEach(({ xMm, yMm }, index) => {
          expect(up?.[index]?.xMm).toBeCloseTo(-xMm, 9);
          expect(up?.[index]?.yMm).toBeCloseTo(-yMm, 9);
        });
      }
  });

  it('keep every contact inside the shell, and none on another', () => {
    for (const { id, widthMm, heightMm, places } of OUTLINES) {
      for (const { xMm, yMm } of places) {
        expect(Math.abs(xMm))
          .withContext(id)
          .toBeLessThan(widthMm / 2);
        expect(Math.abs(yMm))
          .withContext(id)
          .toBeLessThan(heightMm / 2);
      }
      const spots = places.map(({ xMm, yMm }) => `${xMm},${yMm}`);
      expect(new Set(spots).size).toBe(spots.length);
    }
  });

  it('have a place for every contact of every connector that is drawn with them', () => {
    for (const part of CONNECTORS) {
      if (!part.outline) continue;
      const places = new Set(outline(part.outline).places.map(({ contact }) => contact));
      for (const contact of part.contacts)
        expect(places.has(contact)).withContext(`${part.id} ${contact}`).toBeTrue();
    }
  });

  it('space a D-sub as IEC 60807-2 does: 2.77 mm along, 2.84 mm between the rows', () => {
    for (const id of ['d-sub-9', 'd-sub-15', 'd-sub-25'] as const) {
      const at = new Map(outline(id).places.map((place) => [place.contact, place]));
      const [one, two] = [at.get('1'), at.get('2')];
      expect(Math.abs((one?.xMm ?? 0) - (two?.xMm ?? 0))).toBeCloseTo(2.77, 9);
      const lower = [...at.values()].find(({ yMm }) => yMm !== one?.yMm);
      expect(Math.abs((one?.yMm ?? 0) - (lower?.yMm ?? 0))).toBeCloseTo(2.84, 9);
    }
  });

  it('say in every view which side is seen, and what is not certain', () => {
    for (const part of CONNECTORS) {
      if (!part.outline) continue;
      const { doubt, shape } = outline(part.outline);
      for (const view of VIEWS) {
        const label = describeView(part, view);
        expect(label).toMatch(/^Looking (into|from|at)/);
        if (doubt && shape !== 'coaxial') expect(label).toContain(doubt);
      }
    }
  });
});

/** What is read off a drawing: rows from the top, contacts from the left. */
function readOff(id: string, gender: 'plug' | 'socket', latch: FaceView['latch'] = 'down'): string {
  const contacts = faceContacts({ gender, outline: id }, { side: 'mating', latch });
  const heights = [...new Set(contacts.map(({ yMm }) => Math.round(yMm * 10)))].sort(
    (a, b) => b - a,
  );
  return heights
    .map((height) =>
      contacts
        .filter(({ yMm }) => Math.round(yMm * 10) === height)
        .sort((a, b) => a.xMm - b.xMm)
        .map(({ contact }) => contact)
        .join(' '),
    )
    .join(' / ');
}

/**
 * Mating faces as the standards draw them: IEC 60603-7 (modular, latch down), IEC 60807-2 (D-sub, wide row
 * up), IEC 60130-9 (DIN, key down), IEC 60603-13 (box header, notch down), USB Type-C specification.
 */
const DRAWN: readonly (readonly [id: string, gender: 'plug' | 'socket', face: string])[] = [
  ['modular-8', 'socket', '1 2 3 4 5 6 7 8'],
  ['modular-8', 'plug', '8 7 6 5 4 3 2 1'],
  ['modular-6', 'socket', '1 2 3 4 5 6'],
  ['modular-4', 'socket', '1 2 3 4'],
  ['d-sub-9', 'socket', '5 4 3 2 1 / 9 8 7 6'],
  ['d-sub-9', 'plug', '1 2 3 4 5 / 6 7 8 9'],
  ['d-sub-15', 'plug', '1 2 3 4 5 6 7 8 / 9 10 11 12 13 14 15'],
  ['d-sub-25', 'plug', '1 2 3 4 5 6 7 8 9 10 11 12 13 / 14 15 16 17 18 19 20 21 22 23 24 25'],
  ['d-sub-15-dense', 'socket', '5 4 3 2 1 / 10 9 8 7 6 / 15 14 13 12 11'],
  ['d-sub-15-dense', 'plug', '1 2 3 4 5 / 6 7 8 9 10 / 11 12 13 14 15'],
  ['din-3', 'socket', '2 / 1 3'],
  ['din-5', 'socket', '2 / 4 5 / 1 3'],
  ['din-6', 'socket', '3 / 2 4 / 6 / 1 5'],
  ['din-5', 'plug', '2 / 5 4 / 3 1'],
  ['mini-din-4', 'socket', '4 3 / 2 1'],
  ['mini-din-6', 'socket', '6 5 / 4 3 / 2 1'],
  ['mini-din-8', 'socket', '7 / 8 6 / 5 4 3 / 2 1'],
  ['box-2x3', 'plug', '2 4 6 / 1 3 5'],
  ['box-2x5', 'plug', '2 4 6 8 10 / 1 3 5 7 9'],
  ['box-2x5', 'socket', '10 8 6 4 2 / 9 7 5 3 1'],
  [
    'usb-c',
    'socket',
    'A1 A2 A3 A4 A5 A6 A7 A8 A9 A10 A11 A12 / B12 B11 B10 B9 B8 B7 B6 B5 B4 B3 B2 B1',
  ],
];

describe('mating faces', () => {
  for (const [id, gender, face] of DRAWN)
    it(`read ${face} on a ${id} ${gender}`, () => {
      expect(readOff(id, gender)).toBe(face);
    });

  it('set the middle row of a high-density D-sub half a step over', () => {
    const at = new Map(outline('d-sub-15-dense').places.map((place) => [place.contact, place]));
    const x = (contact: string) => at.get(contact)?.xMm ?? 0;
    expect(Math.abs(x('6') - x('1'))).toBeCloseTo(2.29 / 2, 9);
    expect(x('11')).toBeCloseTo(x('1'), 9);
  });

  it('give the order of a pressed-on ribbon: zig-zag on a D-sub, counting on a header', () => {
    expect(ribbonOrder('d-sub-9').join(' ')).toBe('1 6 2 7 3 8 4 9 5');
    expect(ribbonOrder('box-2x3').join(' ')).toBe('1 2 3 4 5 6');
    expect(ribbonOrder('d-sub-25').slice(0, 5).join(' ')).toBe('1 14 2 15 3');
  });

  it('have one id each, and contacts that a pin table can name', () => {
    const ids = OUTLINES.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { id, places } of OUTLINES)
      for (const { contact } of places) expect(contact).withContext(id).toMatch(CONTACT_NAME);
  });
});

describe('a geometry of one’s own', () => {
  const read = (text: string) => {
    const parsed = parseOutline(text, 'Own');
    if (!parsed.ok) throw new Error(parsed.reason);
    return parsed.outline;
  };

  it('is a grid counted in rows from the top left, as one looks into the socket', () => {
    const own = read('grid 2 x 3 pitch 2,54 mm');
    expect(own.places.map(({ contact }) => contact).join(' ')).toBe('1 2 3 4 5 6');
    expect(own.places[0]).toEqual({ contact: '1', xMm: -2.54, yMm: 1.27 });
    expect(own.places[5]).toEqual({ contact: '6', xMm: 2.54, yMm: -1.27 });
  });

  it('is a circle clockwise from the top, or free places about their middle', () => {
    const [top, right] = read('circle 4 diameter 7').places;
    expect([top?.xMm, top?.yMm]).toEqual([0, 3.5]);
    expect(right?.xMm).toBeCloseTo(3.5, 9);
    const free = read('A 0 0\nB; 4; 0\n C,4,2 mm');
    expect(free.places).toEqual([
      { contact: 'A', xMm: -2, yMm: -1 },
      { contact: 'B', xMm: 2, yMm: -1 },
      { contact: 'C', xMm: 2, yMm: 1 },
    ]);
  });

  it('says line and reason of what can’t be read', () => {
    for (const [text, line] of [
      ['', 1],
      ['A 0 0\nB zero 0', 2],
      ['A 0 0\n\nA 1 1', 3],
      ['A 0 0\nB 0 0', 2],
      ['grid 2 x 3\nA 0 0', 2],
      ['grid 40 x 40', 1],
      ['circle 0', 1],
      ['1 1..2 3', 1],
    ] as const) {
      const parsed = parseOutline(text, 'Own');
      expect(parsed.ok ? 0 : parsed.line)
        .withContext(text)
        .toBe(line);
    }
  });

  it('is drawn and described like any other', () => {
    const own = read('grid 2 x 2');
    const view = { side: 'wiring', latch: 'down' } as const;
    expect(faceContacts({ gender: 'socket', outline: own }, view)[0]?.xMm).toBe(1.27);
    expect(describeView({ gender: 'socket', outline: own }, view)).toContain('contact 1 top right');
  });
});
