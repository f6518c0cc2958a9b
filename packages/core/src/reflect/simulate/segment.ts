import { LIGHT_M_S } from '../../units';
import type { Loss, Section } from '../line/line';

/**
 * A cable's loss as sheets tell it, dB for 100 m: `a1 √(f / MHz) + a2 (f / MHz)`, and `a0` at direct current,
 * which the skin effect takes the place of instead of adding to it: see Loss.
 */
export interface SheetLoss {
  readonly a0: number;
  readonly a1: number;
  readonly a2: number;
}

/** A piece of cable in people's terms. */
export interface Segment {
  readonly lengthM: number;
  readonly velocityFactor: number;
  readonly impedanceOhm: number;
  readonly loss: SheetLoss;
}

const NEPER_PER_DB = Math.LN10 / 20;

/**
 * What a sheet's loss is of a line's elements.
 *
 * Source: the low-loss line, whose conductors take R / 2Z and whose dielectric π f δ / v neper a metre.
 */
export function lossOf({ a0, a1, a2 }: SheetLoss, velocityFactor: number): Loss {
  const speed = velocityFactor * LIGHT_M_S;
  const perM = NEPER_PER_DB / 100;
  return {
    resistance: 2 * a0 * perM * speed,
    skin: ((a1 * perM) / 1e3 / Math.sqrt(Math.PI)) * speed,
    dielectric: ((a2 * perM) / 1e6 / Math.PI) * speed,
  };
}

export function sectionOf({ lengthM, velocityFactor, impedanceOhm, loss }: Segment): Section {
  return {
    impedanceOhm,
    delayS: lengthM / (velocityFactor * LIGHT_M_S),
    loss: lossOf(loss, velocityFactor),
  };
}
