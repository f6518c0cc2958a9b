import { blank, times, type Plane } from '../line/plane';
import { reflectionAgainst } from '../line/ratio';
import type { Prediction } from './fit-guess';
import { lookAtGuess } from './look-at-guess';

/** What a guess predicts of a reflection over frequency: all real parts, then all imaginary ones. */
export function predictSweep(plane: Plane, referenceOhm: number): Prediction {
  const ratio = reflectionAgainst(referenceOhm);
  const look = lookAtGuess(plane, () => ratio);
  const both = ({ re, im }: Plane): Float64Array => {
    const out = new Float64Array(2 * re.length);
    out.set(re);
    out.set(im, re.length);
    return out;
  };
  return {
    values: (guess) => both(look.value(guess)),
    jacobian: (guess, parameters) => look.jacobian(guess, parameters).map(both),
    later: (echo, byS) => {
      const count = plane.im.length;
      const turned = blank(count);
      for (let k = 0; k < count; k += 1) {
        const angle = -(plane.im[k] as number) * byS;
        turned.re[k] = Math.cos(angle);
        turned.im[k] = Math.sin(angle);
      }
      return both(times({ re: echo.subarray(0, count), im: echo.subarray(count) }, turned));
    },
  };
}
