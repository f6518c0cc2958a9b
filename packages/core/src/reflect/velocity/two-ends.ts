import { formatDistance, type Uncertain, type UnitSystem } from '../../units';
import { metresOf } from '../hand';
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
  readonly sentence: string;
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
  units: UnitSystem = 'metric',
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
  const seen = metresOf(sum, (known ?? velocityFactor).value);
  const length = formatDistance(seen, units, 1);
  const whole = formatDistance(lengthM.value, units, 1);
  const factor = known ? `${known.value.toFixed(3)} ± ${known.u.toFixed(3)}` : '';
  const sentence = !possible
    ? `The two delays are too short for ${whole}: nothing is faster than light. The length, or one of the delays, is wrong.`
    : apart === null
      ? 'Nothing else tells whether both ends saw the same place.'
      : apart < DISAGREE
        ? `Both ends agree as well as the velocity factor is known, ${factor}: by it they see ${length} of ${whole}.`
        : seen < lengthM.value
          ? `The ends don’t agree: together they see ${length} of ${whole}. There may be two faults, and a piece between them that neither end sees.`
          : `The ends don’t agree: together they see ${length} of ${whole}. The length may be longer than told, or one echo is not of this place.`;
  const agree = !possible ? false : apart === null ? null : apart < DISAGREE;
  return { placeM, velocityFactor, apart, agree, sentence };
}
