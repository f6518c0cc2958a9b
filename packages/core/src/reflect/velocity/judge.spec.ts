import { LIGHT_M_S } from '../../units';
import { NOTHING } from '../../message';
import { inEnglish } from '../../testing/in-english';
import { compareReckoned, judgeVelocity } from '.';

const CATALOGUE = { value: 0.7, u: 0.03 };
const judge = (value: number, u = 0.005) => judgeVelocity({ value, u }, CATALOGUE);

describe('A velocity factor that was measured', () => {
  it('may be kept where it agrees with the catalogue and is known better', () => {
    expect(judge(0.72)).toEqual({ keep: true, sentence: NOTHING });
    expect(judge(0.66).keep).toBeTrue();
  });

  it('is not offered where it contradicts, with the slip that is likely', () => {
    const refused: readonly (readonly [number, number, string])[] = [
      [1.4, 0.01, 'one way was counted as two'],
      [1.33, 0.01, 'one way was counted as two'],
      [1.1, 0.01, 'Nothing is faster than light'],
      [0.35, 0.005, 'half the catalogue’s'],
      [0.9, 0.005, 'contradicts the catalogue’s'],
      [0.71, 0.05, 'known less well'],
    ];
    for (const [value, u, words] of refused) {
      const verdict = judge(value, u);
      expect(verdict.keep).withContext(String(value)).toBeFalse();
      expect(inEnglish(verdict.sentence)).withContext(String(value)).toContain(words);
    }
  });
});

describe('A figure that was reckoned by hand', () => {
  const delay = (vf: number, lengthM: number) => ({
    lengthM: { value: lengthM, u: 0.01 },
    delayS: { value: (2 * lengthM) / (vf * LIGHT_M_S), u: 1e-10 },
  });
  const known = delay(0.7, 6.4);

  const told = (own: number) => inEnglish(compareReckoned(own, known));

  it('is held against ours, with the doubling that explains it', () => {
    expect(told(0.718)).toContain('0.718 is 2.6 % high: twice 6.40 m is 12.80 m, not 13.1 m');
    expect(told(0.7)).toContain('agrees with ours, 0.7000');
    expect(told(0.35)).toContain('the length was not doubled');
    expect(told(1.4)).toContain('the delay was halved');
    const round = Number(((2 * 6.4) / (3e8 * known.delayS.value)).toFixed(6));
    expect(told(round)).toContain('0.1 % low: it takes 300 000 km/s for the speed of light');
    expect(told(0.6991)).toContain('agrees with ours');
  });
});
