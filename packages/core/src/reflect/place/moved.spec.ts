import { inEnglish } from '../../testing/in-english';
import { compareTraces, movedSentence, type KeptEvent } from '.';

/** A place at so many metres, by a velocity factor of 2/3. */
const at = (metres: number, uMetres = 0.005, kind: KeptEvent['kind'] = 'open'): KeptEvent => {
  const seconds = 2 / ((2 / 3) * 299_792_458);
  return { kind, delayS: { value: metres * seconds, u: uMetres * seconds } };
};
const compare = (before: KeptEvent[], now: KeptEvent[]) => compareTraces(before, now, 2 / 3);

describe('Two traces of one line', () => {
  it('tell by how much a place has moved, and to which side', () => {
    const [row] = compare([at(26.4)], [at(26.426)]);
    expect(row?.byM?.value).toBeCloseTo(0.026, 6);
    expect(row?.byM?.u).toBeCloseTo(0.0071, 4);
    expect(row?.moved).toBeTrue();
    if (row)
      expect(inEnglish(movedSentence(row, 2 / 3))).toMatch(
        /^Open at 26\.43 m has moved by .*further away\.$/,
      );
    const [back] = compare([at(26.426)], [at(26.4)]);
    if (back) expect(inEnglish(movedSentence(back, 2 / 3))).toContain('nearer');
  });

  it('do not tell that something moved where they can’t', () => {
    const [row] = compare([at(26.4, 0.02)], [at(26.426, 0.02)]);
    expect(row?.moved).toBeFalse();
    if (row) expect(inEnglish(movedSentence(row, 2 / 3))).toContain('is where it was, as far as');
  });

  it('tell what is new and what is gone, and take no place for another', () => {
    const rows = compare([at(12, 0.01, 'rise'), at(40)], [at(40.01), at(25, 0.01, 'short')]);
    expect(rows.map(({ before, now }) => [before?.kind ?? '', now?.kind ?? ''])).toEqual([
      ['open', 'open'],
      ['', 'short'],
      ['rise', ''],
    ]);
  });

  it('pair each place once, the nearest first', () => {
    const rows = compare([at(10), at(10.4)], [at(10.05), at(10.45)]);
    expect(rows.map(({ byM }) => byM?.value.toFixed(2))).toEqual(['0.05', '0.05']);
  });
});
