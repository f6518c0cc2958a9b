import { LIGHT_M_S, type Uncertain } from '../../units';
import { delayOf } from '../hand';

/** A cable of known length and what came back from its end. */
export interface KnownLength {
  readonly lengthM: Uncertain;
  /** There and back. */
  readonly delayS: Uncertain;
}

export interface VelocityFit {
  readonly velocityFactor: Uncertain;
  /** Delay of what lies before the cable: leads and adapters. Null where one length cannot tell it. */
  readonly leadsS: Uncertain | null;
  /** Sum of squares over uncertainties for each length that is left over; far above 1, one is wrong. */
  readonly misfit: number | null;
}

/** Lengths that differ by less than this share are one length. */
const ALIKE = 1e-6;

/** From one known length: 2 L / (c t). Leads before it count as cable: measure from its own near end. */
export function velocityFromLength({ lengthM, delayS }: KnownLength): VelocityFit {
  const value = delayOf(lengthM.value, 1) / delayS.value;
  return {
    velocityFactor: {
      value,
      u: value * Math.hypot(lengthM.u / lengthM.value, delayS.u / delayS.value),
    },
    leadsS: null,
    misfit: null,
  };
}

/**
 * From several known lengths of one cable: a straight line through their delays, whose slope is 2 / (VF c)
 * and whose beginning is the leads' own delay. Least squares, each weighted by the uncertainties of its
 * delay and of its length; a few times, since the length's weighs by the slope. Lengths that are all the
 * same can't tell the leads apart: then their mean, as if there were none.
 *
 * @returns null where what is longer came back sooner: then these are not lengths of one cable
 */
export function velocityFromLengths(list: readonly KnownLength[]): VelocityFit | null {
  const [first, ...others] = list;
  if (!first) throw new Error('No length is known');
  const alike = ({ lengthM: { value } }: KnownLength) =>
    Math.abs(value - first.lengthM.value) <= ALIKE * first.lengthM.value;
  if (others.every(alike)) {
    const each = list.map((one) => velocityFromLength(one).velocityFactor);
    return {
      velocityFactor: pooledVelocity(each) ?? (each[0] as Uncertain),
      leadsS: null,
      misfit: null,
    };
  }
  let slope = 2 / (0.7 * LIGHT_M_S);
  let [offset, slopeU, offsetU, misfit] = [0, 0, 0, 0];
  for (let round = 0; round < 3; round += 1) {
    let [sum, sumX, sumY, sumXX, sumXY] = [0, 0, 0, 0, 0];
    const weightOf = ({ lengthM, delayS }: KnownLength) =>
      1 / Math.max(1e-30, delayS.u ** 2 + (slope * lengthM.u) ** 2);
    for (const one of list) {
      const weight = weightOf(one);
      sum += weight;
      sumX += weight * one.lengthM.value;
      sumY += weight * one.delayS.value;
      sumXX += weight * one.lengthM.value ** 2;
      sumXY += weight * one.lengthM.value * one.delayS.value;
    }
    const spread = sum * sumXX - sumX * sumX;
    slope = (sum * sumXY - sumX * sumY) / spread;
    offset = (sumXX * sumY - sumX * sumXY) / spread;
    [slopeU, offsetU] = [Math.sqrt(sum / spread), Math.sqrt(sumXX / spread)];
    if (!(slope > 0)) return null;
    misfit = list.reduce(
      (total, one) =>
        total + weightOf(one) * (one.delayS.value - offset - slope * one.lengthM.value) ** 2,
      0,
    );
  }
  const left = list.length - 2;
  const perLeft = left > 0 ? misfit / left : null;
  // What does not lie on the line is more uncertain than was told.
  const loose = Math.sqrt(Math.max(1, perLeft ?? 1));
  const value = 2 / (slope * LIGHT_M_S);
  return {
    velocityFactor: { value, u: (value * slopeU * loose) / slope },
    leadsS: { value: offset, u: offsetU * loose },
    misfit: perLeft,
  };
}

/** One fault seen from both ends of a cable of known length: VF = 2 L / (c (t1 + t2)). */
export function velocityFromBothEnds(
  lengthM: Uncertain,
  nearS: Uncertain,
  farS: Uncertain,
): VelocityFit {
  return velocityFromLength({
    lengthM,
    delayS: { value: nearS.value + farS.value, u: Math.hypot(nearS.u, farS.u) },
  });
}

/** What was measured of the velocity factor before: the mean by weight, and whether they agree. */
export function pooledVelocity(list: readonly Uncertain[]): Uncertain | null {
  if (list.length === 0) return null;
  const weights = list.map(({ u }) => 1 / Math.max(1e-12, u * u));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  const value = list.reduce((total, one, n) => total + one.value * (weights[n] as number), 0) / sum;
  const misfit = list.reduce(
    (total, one, n) => total + (weights[n] as number) * (one.value - value) ** 2,
    0,
  );
  const loose = list.length > 1 ? Math.max(1, misfit / (list.length - 1)) : 1;
  return { value, u: Math.sqrt(loose / sum) };
}
