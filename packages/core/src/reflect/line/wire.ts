import type { Loss } from './line';
import { blank, type Plane } from './plane';

/** From here on the asymptotic series is right to a part in a hundred thousand, below it the continued fraction. */
const LARGE = 9;
/** Of the continued fraction, so many terms: up to LARGE they leave less than that. */
const TERMS = 16;

/**
 * What a cable's conductors have of impedance, over L′, at every point s: that of a round wire,
 * R x/2 · I0(x) / I1(x), where x = 4 · skin · √s / R. At direct current that is R, well above it
 * 2 · skin · √s and a quarter of R: resistance and skin effect do not add.
 *
 * @param root √s at every point, its real part above nothing
 */
export function wireImpedance({ resistance, skin }: Loss, root: Plane): Plane {
  const out = blank(root.re.length);
  if (resistance === 0) {
    for (let k = 0; k < out.re.length; k += 1) {
      out.re[k] = 2 * skin * (root.re[k] as number);
      out.im[k] = 2 * skin * (root.im[k] as number);
    }
    return out;
  }
  const by = (4 * skin) / resistance;
  for (let k = 0; k < out.re.length; k += 1) {
    const re = by * (root.re[k] as number);
    const im = by * (root.im[k] as number);
    const all = re * re + im * im;
    // Both go through 1/x, whose powers or quotients they add up.
    const overRe = re / all;
    const overIm = -im / all;
    if (all > LARGE * LARGE) {
      let sumRe = 0;
      let sumIm = 0;
      for (let n = TAIL.length - 1; n >= 0; n -= 1) {
        const more = sumRe + (TAIL[n] as number);
        sumRe = more * overRe - sumIm * overIm;
        sumIm = more * overIm + sumIm * overRe;
      }
      out.re[k] = resistance * (re / 2 + 0.25 + sumRe);
      out.im[k] = resistance * (im / 2 + sumIm);
    } else if (all === 0) out.re[k] = resistance;
    else {
      // I1 / I2 = 4/x + 1 / (6/x + 1 / (8/x + …)), and x/2 · I0 / I1 = 1 + x/2 · I2 / I1.
      let sumRe = 2 * TERMS * overRe;
      let sumIm = 2 * TERMS * overIm;
      for (let n = TERMS - 1; n >= 2; n -= 1) {
        const size = sumRe * sumRe + sumIm * sumIm;
        sumRe = 2 * n * overRe + sumRe / size;
        sumIm = 2 * n * overIm - sumIm / size;
      }
      const size = 2 * (sumRe * sumRe + sumIm * sumIm);
      out.re[k] = resistance * (1 + (re * sumRe + im * sumIm) / size);
      out.im[k] = (resistance * (im * sumRe - re * sumIm)) / size;
    }
  }
  return out;
}

/** Of x/2 · I0 / I1 less x/2 + 1/4, by the powers of 1/x. Source: the asymptotic series of the Bessel functions. */
const TAIL = [3 / 16, 3 / 16, 63 / 256, 27 / 64, 1899 / 2048];
