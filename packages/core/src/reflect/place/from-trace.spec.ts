import { inEnglish } from '../../testing/in-english';
import type { LengthHow } from '../../link';
import { analyse } from '../analyse';
import { normalFrom, practise, simulate, type PracticeLine } from '../simulate';
import { NOTHING_TOLD } from '../told';
import { knownEnd, verdictOf, type FarEnd } from '.';

/** What lies at the end of the cable under test, and how long the cable is said to be. */
interface Case {
  readonly lengthM: number;
  readonly endsAtM: number;
  readonly end: PracticeLine['end'];
  readonly said: FarEnd;
  readonly how: LengthHow;
  readonly headline: RegExp;
}

const VF = { value: 0.7, u: 0.002 };

/** The last place that a trace of such a cable shows: a step, 3 mV of noise. */
function lastPlace({ endsAtM, end }: Pick<Case, 'endsAtM' | 'end'>, seed: number) {
  const capture = simulate(
    practise({
      cable: {
        lengthM: endsAtM,
        velocityFactor: VF.value,
        impedanceOhm: 100,
        loss: { a0: 0, a1: 1.85, a2: 0.015 },
      },
      fault: 'none',
      atM: endsAtM / 2,
      strength: 0,
      end,
      launch: 'step',
      widthS: 5e-9,
      noiseV: 0.003,
    }),
    normalFrom(seed),
  );
  const analysed = analyse(capture, {
    ...NOTHING_TOLD,
    velocityFactor: VF,
    impedanceOhm: 100,
    sourceOhm: 50,
    scopeOhm: 1e6,
  });
  if (!analysed.ok) throw new Error(analysed.reason.code);
  const last = analysed.analysis.events.filter(({ kind }) => kind !== 'ghost').at(-1);
  if (!last) throw new Error('Nothing was found');
  return last;
}

const CASES: readonly Case[] = [
  // What is said to be there, at a taped length: whole.
  {
    lengthM: 22,
    endsAtM: 22,
    end: 'open',
    said: 'open',
    how: 'taped',
    headline: /^The cable is whole to its far end, 2[12]\.\d+ m/,
  },
  {
    lengthM: 22,
    endsAtM: 22,
    end: 'short',
    said: 'short',
    how: 'taped',
    headline: /^The cable is whole to its far end/,
  },
  // Not what is said to be there: its kind, at the far end.
  {
    lengthM: 4.2,
    endsAtM: 4.2,
    end: 'short',
    said: 'open',
    how: 'taped',
    headline: /^Short at the far end, 4\.\d+ m ± .*: the plug, or the \d+ cm before it\.$/,
  },
  {
    lengthM: 22,
    endsAtM: 22,
    end: 'short',
    said: 'terminated',
    how: 'taped',
    headline: /^Short at the far end/,
  },
  {
    lengthM: 22,
    endsAtM: 22,
    end: 'open',
    said: 'terminated',
    how: 'taped',
    headline: /^Open at the far end/,
  },
  // Nobody has said what is there: never whole.
  {
    lengthM: 22,
    endsAtM: 22,
    end: 'open',
    said: 'unsaid',
    how: 'taped',
    headline: /^Open at the far end/,
  },
  // Cut before the end, as far as six in a hundred: a place, not the end.
  {
    lengthM: 4.2,
    endsAtM: 3.95,
    end: 'open',
    said: 'open',
    how: 'taped',
    headline: /^Open at 3\.\d+ m/,
  },
  {
    lengthM: 60,
    endsAtM: 56.5,
    end: 'open',
    said: 'open',
    how: 'taped',
    headline: /^Open at 56\.\d+ m/,
  },
  {
    lengthM: 60,
    endsAtM: 56.5,
    end: 'short',
    said: 'open',
    how: 'taped',
    headline: /^Short at 56\.\d+ m/,
  },
  // The same where the length is only scheduled: nobody can tell, and that is said.
  {
    lengthM: 60,
    endsAtM: 58.5,
    end: 'open',
    said: 'open',
    how: 'scheduled',
    headline: /the far end as you say it is, or up to .* before it\.$/,
  },
  // Longer than its link.
  {
    lengthM: 22,
    endsAtM: 30,
    end: 'open',
    said: 'open',
    how: 'taped',
    headline: /^Open at (29|30)\.\d+ m .*, behind the far end\.$/,
  },
];

describe('A trace, to the sentence that stands over it', () => {
  CASES.forEach((row, index) => {
    const { lengthM, endsAtM, end, said, how, headline } = row;
    it(`${end} at ${endsAtM} m of ${lengthM} m ${how}, said to be ${said}`, () => {
      const last = lastPlace(row, index + 1);
      const { sentence, whole } = inEnglish(verdictOf(last, { lengthM, lengthHow: how }, said));
      expect(sentence).toMatch(headline);
      expect(whole).toBe(headline.source.includes('whole'));
      // The give or take that is written holds the true place.
      const { value, u } = last.distanceM;
      expect(Math.abs(value - endsAtM)).toBeLessThan(3 * u);
    });
  });

  it('scales itself by an end that is known, and a velocity factor that is 3 % high is mended', () => {
    const last = lastPlace({ endsAtM: 22, end: 'open' }, 9);
    // The page goes by a figure that is 3 % high.
    const high = { ...last, distanceM: { value: last.distanceM.value * 1.03, u: 0.7 } };
    const known = inEnglish(knownEnd(high, null, { lengthM: 22, lengthHow: 'taped' }));
    expect(known?.sentence).toContain('is 22.00 m');
    expect(Math.abs((known?.velocityFactor.value ?? 0) - VF.value)).toBeLessThan(0.004);
    expect(known?.velocityFactor.u).toBeLessThan(0.01);
  });
});
