import type { Trace } from '../../formats/captures';
import type { Uncertain } from '../../units';

/** Where a cursor comes to rest. */
export interface Snapped {
  /** After the instrument's clock. */
  readonly atS: Uncertain;
  /** How many times more than the noise the edge there stands out. */
  readonly sigmas: number;
}

/**
 * The steepest place of a trace near a time: a cursor is put where an edge is half way, as both launch and
 * echo have it, so that their difference is the delay.
 *
 * @param riseS of the launch; edges are looked for over as long
 * @returns null where nothing within reach stands out of the noise
 */
export function snapToEdge(
  { volts, intervalS, fromS }: Trace,
  noiseV: number,
  riseS: number,
  nearS: number,
  reachS: number,
): Snapped | null {
  const span = Math.max(1, Math.round(riseS / intervalS));
  const centre = (nearS - fromS) / intervalS;
  const first = Math.max(span, Math.floor(centre - reachS / intervalS));
  const last = Math.min(volts.length - span - 1, Math.ceil(centre + reachS / intervalS));
  const slope = (n: number) => {
    let sum = 0;
    for (let m = 0; m < span; m += 1)
      sum += (volts[n + 1 + m] as number) - (volts[n - m] as number);
    return sum / span;
  };
  let [best, most] = [-1, 0];
  for (let n = first; n <= last; n += 1) {
    const size = Math.abs(slope(n));
    if (size > most) [best, most] = [n, size];
  }
  if (best < 0) return null;
  const noise = noiseV * Math.sqrt(2 / span);
  if (most < 4 * noise) return null;
  // A parabola through the steepest place and its neighbours; the slope at n belongs half a sample on.
  const [a, b, c] = [
    Math.abs(slope(Math.max(span, best - 1))),
    most,
    Math.abs(slope(Math.min(volts.length - span - 1, best + 1))),
  ];
  const bend = a - 2 * b + c;
  const shift = bend < 0 ? Math.max(-0.5, Math.min(0.5, (a - c) / (2 * bend))) : 0;
  const value = fromS + (best + 0.5 + shift) * intervalS;
  return {
    atS: {
      value,
      u: Math.hypot((riseS * noise) / most, intervalS / Math.sqrt(12) / Math.sqrt(span)),
    },
    sigmas: most / noise,
  };
}
