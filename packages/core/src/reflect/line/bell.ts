import { blank, type Plane } from './plane';

/** What smoothing by a bell makes of a spectrum at every point: exp(s²·sd²/2). */
export function bellOf({ re, im }: Plane, sdS: number): Plane {
  const out = blank(re.length);
  for (let k = 0; k < re.length; k += 1) {
    const a = (re[k] as number) * sdS;
    const b = (im[k] as number) * sdS;
    const size = Math.exp((a * a - b * b) / 2);
    out.re[k] = size * Math.cos(a * b);
    out.im[k] = size * Math.sin(a * b);
  }
  return out;
}
