import { NOTHING, type Message } from '../../message';
import { LIGHT_M_S, type Uncertain } from '../../units';
import { tell } from './messages';
import type { KnownLength } from './velocity';

/** Whether a measured velocity factor may be kept, and if not, the likely slip. */
export interface VelocityVerdict {
  readonly keep: boolean;
  /** Nothing where nothing is to be said. */
  readonly sentence: Message;
}

/** So near to half or double counts as just that slip. Generic. */
const NEAR_FACTOR = 0.12;
/** So many standard uncertainties away, two figures contradict each other. */
const APART = 4;

const near = (ratio: number, factor: number): boolean => Math.abs(ratio / factor - 1) < NEAR_FACTOR;

/**
 * Holds a measured velocity factor against the catalogue's: what contradicts it, or is known less well, is no
 * improvement and is not offered for keeping.
 */
export function judgeVelocity(measured: Uncertain, catalogue: Uncertain): VelocityVerdict {
  const ratio = measured.value / catalogue.value;
  const refuse = (sentence: Message): VelocityVerdict => ({ keep: false, sentence });
  if (near(ratio, 2)) return refuse(tell('velocity-twice', { catalogue }));
  if (measured.value >= 1) return refuse(tell('velocity-above-light', {}));
  if (near(ratio, 0.5)) return refuse(tell('velocity-half', { catalogue }));
  if (Math.abs(measured.value - catalogue.value) > APART * Math.hypot(measured.u, catalogue.u))
    return refuse(tell('velocity-contradicts', { catalogue }));
  if (measured.u > catalogue.u) return refuse(tell('velocity-known-better', { catalogue }));
  return { keep: true, sentence: NOTHING };
}

/** Within this share two figures are one, rounded otherwise. */
const SAME = 0.002;
/** What people take for the speed of light, m/s. */
const ROUND_LIGHT = 3e8;
/** Within this share a figure comes of it, and of nothing else: the two lights differ by seven times that. */
const SAME_BY_LIGHT = 1e-4;

/**
 * A velocity factor that a person reckoned, held against ours for the same length and delay, with the slip
 * that explains the difference.
 */
export function compareReckoned(own: number, { lengthM, delayS }: KnownLength): Message {
  const [twice, oneWayM] = [2 * lengthM.value, lengthM.value];
  const ours = twice / (LIGHT_M_S * delayS.value);
  const off = own / ours - 1;
  const impliedM = own * LIGHT_M_S * delayS.value;
  if (Math.abs((own * ROUND_LIGHT * delayS.value) / twice - 1) < SAME_BY_LIGHT)
    return tell('reckoned-round-light', { own, off });
  if (Math.abs(off) < SAME) return tell('reckoned-same', { own, ours });
  if (Math.abs(impliedM - oneWayM) < SAME * oneWayM) return tell('reckoned-half', { own, ours });
  if (Math.abs(own / (2 * ours) - 1) < SAME) return tell('reckoned-twice', { own, ours });
  return tell('reckoned-other', {
    own,
    off,
    oneWayM,
    impliedM,
    impliedS: twice / (own * LIGHT_M_S),
    delayS: delayS.value,
  });
}
