import { frequencies } from '../line/plane';
import type { Prediction } from './fit-guess';
import { predictSweep } from './predict-sweep';

/** A reflection over frequency, as measured. */
export interface Reflection {
  readonly hz: readonly number[];
  readonly re: Float64Array;
  readonly im: Float64Array;
  readonly referenceOhm: number;
}

/** Some of a reflection's points, evenly: all real parts, then all imaginary ones, and what predicts them. */
export interface Points {
  readonly values: Float64Array;
  readonly prediction: Prediction;
}

/**
 * @param dense so many are taken one by one, from the lowest on; above, the fewer the higher: what comes
 * from far away stands in the lowest alone
 */
export function pointsOf({ hz, re, im, referenceOhm }: Reflection, dense: number): Points {
  const taken: number[] = [];
  for (let k = 0; k < hz.length; k += Math.max(1, Math.floor(k / dense))) taken.push(k);
  const values = new Float64Array(2 * taken.length);
  for (const [place, k] of taken.entries()) {
    values[place] = re[k] as number;
    values[taken.length + place] = im[k] as number;
  }
  const points = frequencies(taken.map((k) => hz[k] as number));
  return { values, prediction: predictSweep(points, referenceOhm) };
}
