import { LIGHT_M_S, formatDistance, type Uncertain, type UnitSystem } from '../../units';
import type { KnownLength } from './velocity';

/** Whether a measured velocity factor may be kept, and if not, the likely slip. */
export interface VelocityVerdict {
  readonly keep: boolean;
  /** Empty where nothing is to be said. */
  readonly sentence: string;
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
  const told = `${catalogue.value.toFixed(2)} ± ${(2 * catalogue.u).toFixed(2)}`;
  const refuse = (sentence: string): VelocityVerdict => ({ keep: false, sentence });
  if (near(ratio, 2))
    return refuse(
      `It is twice the catalogue’s ${told}: one way was counted as two. The delay is there and back, the length one way.`,
    );
  if (measured.value >= 1)
    return refuse(
      'Nothing is faster than light: was a one-way delay typed, or the length doubled?',
    );
  if (near(ratio, 0.5))
    return refuse(
      `It is half the catalogue’s ${told}: the delay was doubled once more, or half the length was typed.`,
    );
  if (Math.abs(measured.value - catalogue.value) > APART * Math.hypot(measured.u, catalogue.u))
    return refuse(
      `It contradicts the catalogue’s ${told} for this cable: the length, the delay or the kind of cable is another.`,
    );
  if (measured.u > catalogue.u)
    return refuse(
      `It is known less well than the catalogue’s ${told}: a longer piece, or a better delay, would tell more.`,
    );
  return { keep: true, sentence: '' };
}

/** Within this share two figures are one, rounded otherwise. */
const SAME = 0.002;
/** What people take for the speed of light, m/s. */
const ROUND_LIGHT = 3e8;

/**
 * A velocity factor that a person reckoned, held against ours for the same length and delay, with the slip
 * that explains the difference.
 */
export function compareReckoned(
  own: number,
  { lengthM, delayS }: KnownLength,
  units: UnitSystem = 'metric',
): string {
  const [twice, oneWay] = [2 * lengthM.value, lengthM.value];
  const ours = twice / (LIGHT_M_S * delayS.value);
  const off = own / ours - 1;
  const percent = `${Math.abs(100 * off).toFixed(1)} % ${off > 0 ? 'high' : 'low'}`;
  if (Math.abs(off) < SAME) return `${own} agrees with ours, ${ours.toFixed(4)}.`;
  if (Math.abs(own * LIGHT_M_S * delayS.value - oneWay) < SAME * oneWay)
    return `${own} is half of ours, ${ours.toFixed(4)}: the length was not doubled, and the pulse goes there and back.`;
  if (Math.abs(own / (2 * ours) - 1) < SAME)
    return `${own} is twice ours, ${ours.toFixed(4)}: the delay was halved, or the length doubled twice.`;
  if (Math.abs((own * ROUND_LIGHT * delayS.value) / twice - 1) < 1e-4)
    return `${own} is ${percent}: it takes 300 000 km/s for the speed of light.`;
  const implied = own * LIGHT_M_S * delayS.value;
  return `${own} is ${percent}: twice ${formatDistance(oneWay, units)} is ${formatDistance(twice, units)}, not ${formatDistance(implied, units, implied < 100 ? 1 : 0)}; or the delay was ${((twice / (own * LIGHT_M_S)) * 1e9).toFixed(1)} ns, not ${(delayS.value * 1e9).toFixed(1)} ns.`;
}
