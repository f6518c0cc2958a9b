import { formatLength } from './format-length';
import { METRES_PER, UNIT_SPELLINGS } from './length-unit';
import { parseLength } from './parse-length';

const metres = (text: string, options = {}): number => {
  const parsed = parseLength(text, options);
  if (!parsed.ok) throw new Error(parsed.reason);
  return parsed.lengthM;
};

describe('parseLength', () => {
  const readable: [string, number][] = [
    ['12.5 m', 12.5],
    ['12,5m', 12.5],
    ['  12.5 M ', 12.5],
    ['0,125 m', 0.125],
    ['.5 m', 0.5],
    ['41 ft', 12.4968],
    ["41'", 12.4968],
    ['41’', 12.4968],
    ['1/2 in', 0.0127],
    ['1 1/2 in', 0.0381],
    ['1-1/2"', 0.0381],
    [`5' 6"`, 1.6764],
    ["5'6''", 1.6764],
    ['5 ft 6 1/2 in', 1.6891],
    ['13 mm', 0.013],
    ['1 km 20 m', 1020],
    ['12.5\u00a0m', 12.5],
    ['3 ft.', 0.9144],
  ];
  for (const [text, lengthM] of readable)
    it(`reads ${text}`, () => expect(metres(text)).toBeCloseTo(lengthM, 10));

  const refused: [string, number, RegExp][] = [
    ['', 1, /No length/],
    ['12,5x', 5, /'x' is not a unit/],
    ['12.5', 5, /unit is missing/],
    ['twelve m', 1, /number should stand here/],
    ['-3 m', 1, /negative/],
    ['3 m -2', 5, /negative/],
    ['1/0 in', 1, /below the line/],
    ['12.5.5 m', 5, /not a unit/],
    ['6" 5\'', 5, /ft can’t follow in/],
    ['1,250 ft', 1, /1\.250 or as 1250/],
    ['3 m 4', 6, /unit is missing/],
  ];
  for (const [text, column, reason] of refused)
    it(`refuses ${text || 'nothing'} at column ${column}`, () => {
      const parsed = parseLength(text);
      expect(parsed).toEqual(jasmine.objectContaining({ ok: false, column }));
      if (!parsed.ok) expect(parsed.reason).toMatch(reason);
    });

  it('reads a bare number only when its unit is known from elsewhere', () => {
    expect(metres('41', { bareUnit: 'ft' })).toBeCloseTo(12.4968, 10);
    expect(parseLength('41').ok).toBeFalse();
  });

  it('takes a comma as decimal where the file says so', () => {
    expect(metres('1,250 m', { comma: 'decimal' })).toBe(1.25);
  });

  it('reads every unit spelling as the same length as its plain unit', () => {
    for (const [spelling, unit] of Object.entries(UNIT_SPELLINGS))
      expect(metres(`7${spelling}`)).toBeCloseTo(7 * METRES_PER[unit], 12);
  });
});

describe('formatLength', () => {
  it('reads back to within what it shows, in both systems', () => {
    for (let step = 1; step < 400; step += 1) {
      const lengthM = step * step * 0.0037;
      for (const system of ['metric', 'imperial'] as const) {
        const shown = formatLength(lengthM, system);
        const error = Math.abs(metres(shown) - lengthM);
        expect(error)
          .withContext(shown)
          .toBeLessThanOrEqual(lengthM < 0.3 ? 0.0006 : 0.051);
      }
    }
  });
});

describe('Units of length', () => {
  it('are what they are defined to be, to the millimetre', () => {
    for (const [text, lengthM] of [
      ['1 in', 0.0254],
      ['1 ft', 0.3048],
      ['1 yd', 0.9144],
      ['100 yards', 91.44],
      ['1 mm', 0.001],
      ['1 cm', 0.01],
      ['1 m', 1],
    ] as const) {
      const parsed = parseLength(text, { bareUnit: 'm', comma: 'decimal' });
      expect(parsed.ok ? parsed.lengthM : parsed.reason)
        .withContext(text)
        .toBe(lengthM);
    }
  });
});
