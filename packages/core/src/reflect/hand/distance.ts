import { LIGHT_M_S, type Uncertain } from '../../units';

/** How far a delay there and back is. Twice the distance is the classic slip. */
export const metresOf = (delayS: number, velocityFactor: number): number =>
  (velocityFactor * LIGHT_M_S * delayS) / 2;

/** The delay there and back of a distance. */
export const delayOf = (metres: number, velocityFactor: number): number =>
  (2 * metres) / (velocityFactor * LIGHT_M_S);

/** Standard uncertainties of a distance, each with what it comes from, m. */
export interface DistanceBudget {
  readonly delayM: number;
  readonly velocityM: number;
}

export const budgetOf = (delayS: Uncertain, velocityFactor: Uncertain): DistanceBudget => ({
  delayM: metresOf(delayS.u, velocityFactor.value),
  velocityM: metresOf(delayS.value, velocityFactor.u),
});

/** The same with what neither the delay nor the velocity factor tells better. */
export function distanceOf(delayS: Uncertain, velocityFactor: Uncertain): Uncertain {
  const { delayM, velocityM } = budgetOf(delayS, velocityFactor);
  return {
    value: metresOf(delayS.value, velocityFactor.value),
    u: Math.hypot(delayM, velocityM),
  };
}
