import type { Uncertain } from '../../units';
import { distanceOf } from '../hand';
import type { BenchTrace } from './bench-trace';
import type { TraceEvent } from './event';
import type { Guess } from './guess';
import { lookAtTrace } from './look-at-trace';

/** What throws back so much has little behind it but its own echoes. */
const OF_AN_END = 0.5;
/** More than these would be told of nothing that can be trusted. */
const MOST_LEFT = 2;
/** What is smaller would rather be what the explanation got wrong. */
const LEAST_LEFT = 0.08;

/** What is told of places that only a plain look sees. */
interface Telling {
  readonly velocityFactor: Uncertain;
  readonly edgeS: number;
  /** From there on, there and back, more is there than the guess explains. */
  readonly fromS: number;
}

/** What a plain look tells of a delay, in edges and in smears: by the captures of another model. */
const LOOK_U = { edges: 0.4, smears: 1 };
/** It may be an echo’s echo: nobody could be sure of one. */
const LOOKED_AT = 0.3;
/** Of a size, with all that the way and what lies before it take unknown. */
const SIZE_U_SHARE = 0.3;

/**
 * Places that stand out in what a guess leaves of a trace: told, for nobody should miss them, and as doubtful.
 *
 * @param known places that are told already
 */
export function leftOver(
  guess: Guess,
  bench: BenchTrace,
  known: readonly TraceEvent[],
  { velocityFactor, edgeS, fromS }: Telling,
): TraceEvent[] {
  const { launch, offsetV } = guess;
  const predicted = bench.prediction.values(guess, bench.count);
  const left = bench.measured.values.map((volt, n) => volt - (predicted[n] as number));
  return lookAtTrace(
    bench,
    { kind: launch.kind, atS: launch.atS, widthS: launch.widthS, baselineV: offsetV },
    left,
    fromS - 2 * edgeS,
  )
    .sort((a, b) => a.delayS - b.delayS)
    .filter(({ size }) => Math.abs(size) > LEAST_LEFT)
    .filter((_, index, all) => all.slice(0, index).every(({ size }) => Math.abs(size) < OF_AN_END))
    .slice(0, MOST_LEFT)
    .map(({ delayS, size, smearedS }): TraceEvent => {
      const delay = {
        value: delayS,
        u: Math.hypot(LOOK_U.edges * edgeS, LOOK_U.smears * smearedS),
      };
      return {
        delayS: delay,
        distanceM: distanceOf(delay, velocityFactor),
        kind: size > 0 ? 'rise' : 'drop',
        reflection: { value: size, u: SIZE_U_SHARE * Math.abs(size) },
        end: Math.abs(size) > OF_AN_END,
        confidence: LOOKED_AT,
        ohm: null,
        branchS: null,
      };
    })
    .filter(({ delayS: { value, u } }) =>
      known.every((one) => Math.abs(one.delayS.value - value) > 2 * (u + edgeS)),
    );
}
