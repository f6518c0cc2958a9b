import type { Message } from '../../message';
import type { Uncertain } from '../../units';
import { metresOf } from '../hand';
import { tell } from './messages';
import { velocityFromBothEnds } from './velocity';

/** A place seen from both ends. */
export interface TwoEnds {
  /** From the near end; free of the velocity factor. */
  readonly placeM: Uncertain;
  readonly velocityFactor: Uncertain;
  /** Beside a velocity factor known from elsewhere: how many standard uncertainties apart. */
  readonly apart: number | null;
  /** Whether both ends may have seen the same place; null where nothing tells. If not, nothing is there to open. */
  readonly agree: boolean | null;
  /** What to make of it. */
  readonly sentence: Message;
}

/** From here on two figures do not agree: one in some hundreds by chance. */
const DISAGREE = 3;

/**
 * The place of one fault by its delays from both ends and the cable's whole length: L t1 / (t1 + t2).
 * The velocity factor does not count; beside a known one it tells whether both saw the same place.
 */
export function placeFromTwoEnds(
  lengthM: Uncertain,
  nearS: Uncertain,
  farS: Uncertain,
  known: Uncertain | null,
): TwoEnds {
  const sum = nearS.value + farS.value;
  const share = nearS.value / sum;
  const placeM: Uncertain = {
    value: lengthM.value * share,
    u: Math.hypot(
      lengthM.u * share,
      (lengthM.value * farS.value * nearS.u) / sum ** 2,
      (lengthM.value * nearS.value * farS.u) / sum ** 2,
    ),
  };
  const { velocityFactor } = velocityFromBothEnds(lengthM, nearS, farS);
  const apart = known
    ? Math.abs(velocityFactor.value - known.value) / Math.hypot(velocityFactor.u, known.u)
    : null;
  const possible = velocityFactor.value < 1;
  const agree = !possible ? false : apart === null ? null : apart < DISAGREE;
  const ends = {
    seenM: metresOf(sum, (known ?? velocityFactor).value),
    wholeM: lengthM.value,
  };
  const sentence = !possible
    ? tell('ends-too-short', { wholeM: lengthM.value })
    : !known
      ? tell('ends-untold', {})
      : agree
        ? tell('ends-agree', { ...ends, velocityFactor: known })
        : tell(ends.seenM < ends.wholeM ? 'ends-see-less' : 'ends-see-more', ends);
  return { placeM, velocityFactor, apart, agree, sentence };
}
