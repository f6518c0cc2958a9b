import { inEnglish } from '../testing/in-english';
import { METRES_PER, type UnitSystem } from '../units';
import { delayOf, distanceSum, velocitySum } from './hand';
import { oneDiagnosis, placeOnLink, tooLong } from './place';
import { compareReckoned, placeFromTwoEnds, readReel } from './velocity';

const LINK = {
  lengthM: 55,
  lengthHow: 'taped' as const,
  route: [
    { name: 'Tray', atM: 3.5 },
    { name: 'Loop', atM: 20, extraM: 4 },
    { name: 'Void', atM: 30.3 },
  ],
};
const of = (value: number, u = 0.2) => ({ value, u });
const at = (metres: number) => of(delayOf(metres, 0.7), 1e-10);

/** Every kind of sentence that speaks of a distance, in one unit. */
const sentences = (units: UnitSystem): string[] => [
  ...[2, 12, 22, 26, 40, 62].flatMap((metres) => {
    const { sentence, better } = placeOnLink(
      { distanceM: of(metres, 0.9), end: false },
      0.05,
      LINK,
    );
    return inEnglish(better ? [sentence, better.sentence] : [sentence], units);
  }),
  inEnglish(tooLong({ distanceM: of(62.8), end: true }, of(17.05), 0.684, LINK), units) ?? '',
  ...[0.1, 20, 54.9, 60].map((metres) =>
    inEnglish(
      oneDiagnosis({
        kind: 'open',
        contacts: ['4'],
        distanceM: of(metres),
        lengthM: of(55, 0.1),
        nearConnector: 'jack',
        farConnector: 'plug',
      }).sentence,
      units,
    ),
  ),
  ...[
    [1, 2],
    [12, 43],
    [9, 14],
    [30, 60],
  ].map(([near = 0, far = 0]) =>
    inEnglish(placeFromTwoEnds(of(55, 0.05), at(near), at(far), of(0.7, 0.004)).sentence, units),
  ),
  distanceSum(0.66, 104.2e-9, units),
  velocitySum(12.5, 119e-9, units),
  readReel(of(83.4, 1.2), 'Cable', 'today', units).label,
  inEnglish(compareReckoned(0.6, { lengthM: of(12.5), delayS: of(119e-9, 1e-10) }), units),
];

/** The lengths that a sentence names, in metres, and how finely. */
function lengthsIn(text: string): { readonly metres: number; readonly finestM: number }[] {
  return [...text.matchAll(/(\d[\d ]*(?:\.(\d+))?) (m|ft)(?![a-z/])/g)].map(
    ([, digits = '', behind = '', unit = 'm']) => {
      const perM = unit === 'm' ? 1 : METRES_PER.ft;
      return {
        metres: Number(digits.replaceAll(' ', '')) * perM,
        finestM: 10 ** -behind.length * perM,
      };
    },
  );
}

describe('What is told of a distance', () => {
  const [metric, imperial] = [sentences('metric'), sentences('imperial')];

  it('names no metre where a site measures in feet, and no foot where it measures in metres', () => {
    for (const text of imperial) expect(text).not.toMatch(/\d\s?(?:m|cm|mm)\b(?!\/)/);
    for (const text of imperial) expect(text).not.toContain('m/s');
    for (const text of metric) expect(text).not.toMatch(/\d\s?(?:ft|in)\b/);
  });

  it('is the same length in both, as finely as it is written', () => {
    metric.forEach((text, row) => {
      const [ours, theirs] = [lengthsIn(text), lengthsIn(imperial[row] ?? '')];
      expect(theirs.length).withContext(text).toBe(ours.length);
      ours.forEach((length, place) => {
        const other = theirs[place];
        // What is left on a reel is rounded down, in either unit.
        const apart = Math.abs(length.metres - (other?.metres ?? Infinity));
        expect(apart)
          .withContext(`${text} | ${imperial[row] ?? ''}`)
          .toBeLessThan(1.01 * (length.finestM + (other?.finestM ?? 0)));
      });
    });
    expect(metric.flatMap(lengthsIn).length).toBeGreaterThan(30);
  });

  it('reckons with the speed of light in feet: 299 792 458 m/s over 0.3048 m', () => {
    expect(distanceSum(0.66, 104.2e-9, 'imperial')).toContain('983 571 056 ft/s');
  });
});
