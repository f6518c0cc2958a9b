import FFT from 'fft.js';
import { add, by, div, exp, mul, real, type C } from './complex';
import { seenAt, type FieldLine } from './line';

/** What is sent, and what looks at it: a source behind its own resistance, a scope's input with its capacitance. */
export interface FieldSet {
  readonly kind: 'pulse' | 'step';
  readonly volts: number;
  /** From 10 to 90 %. */
  readonly riseS: number;
  readonly edge: 'bell' | 'cosine' | 'poles';
  readonly widthS: number;
  readonly sourceOhm: number;
  readonly scopeOhm: number;
  readonly scopeF: number;
  readonly intervalS: number;
  readonly samples: number;
  readonly beforeS: number;
}

/** The spectrum of an edge's slope, of area one, in the middle of its rise at no time. */
function slopeOf({ edge, riseS }: Pick<FieldSet, 'edge' | 'riseS'>, radians: number): C {
  switch (edge) {
    case 'bell':
      return real(Math.exp(-(((radians * riseS) / 2.563) ** 2) / 2));
    case 'cosine': {
      // A raised cosine's slope is half a sine over the whole of its way, 1.69 times its 10 to 90 %.
      const x = (radians * riseS * 1.694) / Math.PI;
      const down = 1 - x * x;
      return real(Math.abs(down) < 1e-6 ? Math.PI / 4 : Math.cos((x * Math.PI) / 2) / down);
    }
    case 'poles': {
      // Two alike, whose rise is 3.36 times either's time; half the volts are there after 1.68 of them.
      const poleS = riseS / 3.36;
      const one = div(real(1), [1, radians * poleS]);
      return mul(mul(one, one), exp([0, radians * 1.678 * poleS]));
    }
  }
}

/** Of the source's volts, the share at the tee. */
function teeAt(line: FieldLine, { sourceOhm, scopeOhm, scopeF }: FieldSet, hz: number): C {
  const radians = 2 * Math.PI * hz;
  const across = add(div(real(1), seenAt(line, hz)), [1 / scopeOhm, radians * scopeF]);
  return div(real(1), add(real(1), by(across, sourceOhm)));
}

/** Periods of the record that the transform has room for: what goes to and fro dies away in them. */
const ROOM = 4;

/** What stands at the tee, sample by sample, without noise. */
export function traceAt(line: FieldLine, set: FieldSet): Float64Array {
  const { intervalS, samples, beforeS, widthS, volts, kind } = set;
  const size = 2 ** Math.ceil(Math.log2(ROOM * samples));
  const spacingHz = 1 / (size * intervalS);
  const fft = new FFT(size);
  const spectrum = new Float64Array(2 * size);
  for (let k = 0; k <= size / 2; k += 1) {
    // Direct current is looked at nearly: a line has no impedance of its own there.
    const hz = Math.max(k, 0.05) * spacingHz;
    const later = exp([0, -2 * Math.PI * k * spacingHz * beforeS]);
    const [re, im] = mul(mul(teeAt(line, set, hz), slopeOf(set, 2 * Math.PI * hz)), later);
    spectrum[2 * k] = re;
    spectrum[2 * k + 1] = k === 0 || k === size / 2 ? 0 : im;
    if (k > 0 && k < size / 2) {
      spectrum[2 * (size - k)] = re;
      spectrum[2 * (size - k) + 1] = -im;
    }
  }
  const times = new Float64Array(2 * size);
  fft.inverseTransform(times, spectrum);
  // Each sample is what has come so far: a step's answer is its slope's, summed up.
  const step = new Float64Array(size);
  let sum = 0;
  for (let n = 0; n < size; n += 1) {
    const slope = times[2 * n] as number;
    step[n] = sum + slope / 2;
    sum += slope;
  }
  const late = widthS / intervalS;
  const before = (n: number) => {
    const at = Math.floor(n - late);
    if (at < 0) return 0;
    const share = n - late - at;
    return (step[at] as number) * (1 - share) + (step[at + 1] as number) * share;
  };
  return Float64Array.from(
    { length: samples },
    (_, n) => volts * ((step[n] as number) - (kind === 'pulse' ? before(n) : 0)),
  );
}
