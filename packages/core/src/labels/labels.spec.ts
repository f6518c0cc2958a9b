import { evenDraws } from '../units';
import { PLAIN_LINK } from '../testing/plain-link';
import { labelFace } from './label-figure';
import { labelNotes } from './notes';
import { positionOf } from './position';
import { facesOf, placeOnSheet, sheetProblem, type Stock } from './stock';
import { writeLabels, type LabelScheme } from './write-labels';

const STOCK: Stock = {
  kind: 'flat',
  widthMm: 60,
  heightMm: 30,
  whiteMm: 30,
  sheet: {
    widthMm: 210,
    heightMm: 297,
    columns: 3,
    rows: 8,
    leftMm: 10,
    topMm: 12,
    stepXMm: 64,
    stepYMm: 34,
  },
};
const SCHEME: LabelScheme = {
  lines: ['{floor}-{hub}-{panel}{port}', '{here} to {there}'],
  floors: { C1: '2' },
  ends: ['near', 'far'],
};
const LINKS = [
  { ...PLAIN_LINK, id: 'a' },
  {
    ...PLAIN_LINK,
    id: 'b',
    label: 'K2',
    near: { ...PLAIN_LINK.near, place: 'C1-A02' },
    far: { ...PLAIN_LINK.far, place: 'Łódź kiosk' },
  },
];

describe('The labels of links', () => {
  it('know hub, panel and port however a schedule writes them', () => {
    for (const [place, hub, panel, port] of [
      ['C1/A/01', 'C1', 'A', '01'],
      ['C1-A01', 'C1', 'A', '01'],
      ['C1 panel A port 1', 'C1', 'A', '1'],
      ['Comms room C1, rack 2', 'Comms room C1', '', '2'],
      ['Kiosk', 'Kiosk', '', ''],
      ['C2/R1/B/24', 'C2', 'R1-B', '24'],
    ] as const)
      expect(positionOf(place)).withContext(place).toEqual({ hub, panel, port });
  });

  it('carry one name at both ends, in the order in which somebody walks', () => {
    const { labels, doubles, blanks, unknown } = writeLabels(LINKS, SCHEME, () => 'Cat 6');
    expect(labels.map(({ lines }) => lines)).toEqual([
      ['2-C1-A01', 'C1/A/01 to Kiosk 1'],
      ['2-C1-A02', 'C1-A02 to Łódź kiosk'],
      ['2-C1-A01', 'Kiosk 1 to C1/A/01'],
      ['2-C1-A02', 'Łódź kiosk to C1-A02'],
    ]);
    expect([doubles, blanks, unknown]).toEqual([[], [], []]);
  });

  it('are checked for doubles, for what is empty and for what no label can have', () => {
    const { doubles, blanks, unknown } = writeLabels(
      LINKS,
      { lines: ['{hub} {floor} {room}'], floors: {}, ends: ['near'] },
      () => '',
    );
    expect(doubles.map(({ linkIds }) => linkIds)).toEqual([['a', 'b']]);
    expect(blanks).toEqual([{ field: 'floor', ends: 2 }]);
    expect(unknown).toEqual(['room']);
  });
});

describe('A label on a cable', () => {
  it('that is wrapped shows all its words, and its tail covers all of them', () => {
    const draw = evenDraws(7);
    let fitting = 0;
    for (let n = 0; n < 300; n += 1) {
      const heightMm = 15 + 60 * draw();
      const whiteMm = heightMm * draw();
      const roundMm = Math.PI * (2 + 14 * draw());
      const stock: Stock = { ...STOCK, kind: 'wrap', heightMm, whiteMm };
      const { faces, problem } = facesOf(stock, roundMm / Math.PI);
      const [face] = faces;
      if (!face) {
        expect(problem?.needMm).toBeCloseTo(roundMm + 4, 9);
        continue;
      }
      fitting += 1;
      // Laid round and round: what lies over a spot is one turn further on.
      for (let y = 0.01; y < face.heightMm; y += face.heightMm / 9) {
        expect(y).toBeLessThan(whiteMm);
        const over = [1, 2, 3, 4].map((turn) => y + turn * roundMm).filter((at) => at < heightMm);
        expect(over.length).withContext(`${n} covered at ${y}`).toBeGreaterThan(0);
        expect(over.some((at) => at < face.heightMm)).toBeFalse();
      }
    }
    expect(fitting).toBeGreaterThan(60);
  });

  it('that is a flag has two halves that meet, and a bare middle as long as the cable is round', () => {
    const { faces } = facesOf({ ...STOCK, kind: 'flag' }, 6);
    const [left, right] = faces;
    expect(left?.widthMm).toBeCloseTo(right?.widthMm ?? 0, 9);
    expect((right?.xMm ?? 0) - (left?.widthMm ?? 0)).toBeCloseTo(Math.PI * 6, 9);
    expect((right?.xMm ?? 0) + (right?.widthMm ?? 0)).toBeCloseTo(60, 9);
    expect(facesOf({ ...STOCK, kind: 'flag' }, 14).problem?.kind).toBe('flag-too-short');
  });

  it('keeps words and code within it, beside each other, with the quiet zone that a code needs', () => {
    const code = Array.from({ length: 33 }, (_, y) =>
      Array.from({ length: 33 }, (__, x) => (x * y + x) % 3 === 0),
    );
    const measure = (text: string) => 0.55 * text.length;
    for (const [widthMm, heightMm] of [
      [60, 30],
      [20, 40],
      [90, 12],
    ] as const) {
      const { marks, letterMm, moduleMm } = labelFace(
        { xMm: 5, yMm: 7, widthMm, heightMm },
        ['2-C1-A01', 'C1/A/01 to Kiosk 1', ''],
        code,
        measure,
      );
      const texts = marks.flatMap((mark) => (mark.kind === 'text' ? [mark] : []));
      expect(texts.map(({ text }) => text)).toEqual(['2-C1-A01', 'C1/A/01 to Kiosk 1']);
      const [symbol] = marks;
      const starts = [...(symbol?.kind === 'path' ? symbol.d : '').matchAll(/M([\d.]+) ([\d.]+)/g)];
      const rightMm = 5 + (33 + 8) * (moduleMm ?? 0);
      for (const [, x, y] of starts) {
        expect(Number(x)).toBeGreaterThanOrEqual(5 + 4 * (moduleMm ?? 0) - 0.01);
        expect(Number(x)).toBeLessThan(rightMm - 4 * (moduleMm ?? 0));
        expect(Number(y)).toBeLessThan(7 + heightMm);
      }
      for (const { xMm, yMm, text, sizeMm } of texts) {
        expect(xMm).toBeGreaterThanOrEqual(rightMm - 1e-9);
        expect(xMm + sizeMm * measure(text)).toBeLessThanOrEqual(5 + widthMm);
        expect(yMm - sizeMm).toBeGreaterThanOrEqual(7 - 0.1);
        expect(yMm).toBeLessThan(7 + heightMm);
      }
      expect(letterMm).toBeGreaterThan(0.3);
    }
  });
});

describe('Labels on a sheet', () => {
  it('lie by rows, after those that are gone', () => {
    const at = (index: number, gone = 0) => placeOnSheet(STOCK.sheet, index, gone);
    expect(at(0)).toEqual({ sheet: 0, xMm: 10, yMm: 12 });
    expect(at(4)).toEqual({ sheet: 0, xMm: 74, yMm: 46 });
    expect(at(0, 23)).toEqual({ sheet: 0, xMm: 138, yMm: 250 });
    expect(at(1, 23)).toEqual({ sheet: 1, xMm: 10, yMm: 12 });
  });

  it('are stopped where they would overlap, leave the sheet, or be called alike; small ones are named', () => {
    const sheet = (changed: Partial<Stock['sheet']>) =>
      sheetProblem({ ...STOCK, sheet: { ...STOCK.sheet, ...changed } });
    expect(sheet({})).toBeNull();
    expect(sheet({ stepXMm: 59 })).toBe('overlap');
    expect(sheet({ rows: 9 })).toBe('past-the-edge');
    const doubles = Array.from({ length: 7 }, (_, n) => ({ name: `${n}`, linkIds: ['a', 'b'] }));
    const { stops, notes } = labelNotes({
      stock: STOCK,
      written: { doubles, blanks: [], unknown: ['room'] },
      labelOf: (id) => id.toUpperCase(),
      misfits: [],
      smallest: { letterMm: 1.2, name: 'K1' },
      moduleMm: 0.29,
    });
    expect(stops.map(({ code }) => code)).toEqual([
      'label-unknown-field',
      ...Array.from({ length: 5 }, () => 'label-double'),
      'label-more-doubles',
    ]);
    expect(notes.map(({ code }) => code)).toEqual(['label-small', 'label-fine-code']);
  });
});
