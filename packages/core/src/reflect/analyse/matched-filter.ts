import FFT from 'fft.js';
import { sizeFor } from '../line/grid';

/** A record that is searched for echoes of what was sent. */
export interface Searched {
  readonly values: Float64Array;
  /** What was sent, as it stands in such a record; its first sample is at `sentAt`. */
  readonly sent: Float64Array;
  readonly sentAt: number;
  /** An edge of it, in samples. */
  readonly edge: number;
  /** What both are seen through: of a step its slope, since its level stays. */
  readonly through: 'level' | 'slope';
  /** Of one sample, of noise. */
  readonly sd: number;
  /** From so many samples behind what was sent on. */
  readonly from: number;
  /** Shares of what was sent that are too small to be told. */
  readonly least: number;
}

/** Where what was sent comes again. */
export interface MatchedEcho {
  /** Samples behind what was sent. */
  readonly later: number;
  /** Share of what was sent, with what skin effect took of it by then undone. */
  readonly size: number;
  /** How far skin effect has smeared it, in samples: its rise is some of these. */
  readonly smeared: number;
}

/** Times that smear, in edges: an echo of cable is looked for in each of these shapes. */
const SMEARS = [0, 0.03, 0.1, 0.3, 1, 3];
const MOST_ECHOES = 10;
/** So many times what noise makes of nothing. */
const STANDS_OUT = 7;
/** What such shapes don't meet of an echo, and so is left over about it. */
const SHAPE_SHARE = 0.12;
/** So many edges, and so many of its own smears, about an echo something of it is left over. */
const LEFT_ABOUT = { edges: 6, smears: 8 };
/** What was sent has a tail too, that a much smeared shape is like. */
const TAIL = { share: 0.06, smears: 12 };

/**
 * Every place where what was sent comes again, the greatest first: a filter that is matched to it, with
 * what skin effect makes of it on longer and longer ways. Each is taken out before the next is looked
 * for. Nothing is known of what goes to and fro: an echo's echo is one more.
 *
 * Source: matched filter and matching pursuit; skin effect takes exp(−2·√(τ·s)) of a wave.
 */
export function matchedEchoes(searched: Searched): MatchedEcho[] {
  const { values, sent, sentAt, edge, from, least } = searched;
  const size = sizeFor(values.length + sent.length + 1);
  const fft = new FFT(size);
  const see = searched.through === 'slope' ? (of: Float64Array) => slopes(of, edge) : padded;
  const last = values.length - sentAt - edge;
  const left = transformed(see(values, size), fft, size);
  const whole = transformed(see(sent, size), fft, size);
  const shapes = SMEARS.map((edges) => shapeOf(whole, edges * edge, searched, size));
  takeOut(left, shapes[0] as Shape, sentAt, 1, size);
  const found: MatchedEcho[] = [];
  const looking: Looking = { left, fft, size, sentAt, from: Math.ceil(from), last, leastAt };
  for (let turn = 0; turn < MOST_ECHOES; turn += 1) {
    const best = shapes
      .map((shape) => bestOf(shape, looking))
      .reduce((one, other) => (other.gain > one.gain ? other : one));
    if (best.gain === 0) break;
    takeOut(left, best.shape, sentAt + best.later, best.size, size);
    found.push({ later: best.later, size: best.size, smeared: best.shape.smeared });
  }
  return found;

  /** What has to be exceeded there: of what was found near by, something is left over. */
  function leastAt(later: number, smeared: number): number {
    const tail = later < TAIL.smears * smeared ? TAIL.share : 0;
    return found.reduce(
      (most, one) =>
        Math.abs(one.later - later) <
        LEFT_ABOUT.edges * edge + LEFT_ABOUT.smears * Math.max(smeared, one.smeared)
          ? Math.max(most, SHAPE_SHARE * Math.abs(one.size))
          : most,
      Math.max(least, tail),
    );
  }
}

/** What was sent, smeared. */
interface Shape {
  readonly smeared: number;
  /** Complex: re, im, re, im … */
  readonly spectrum: Float64Array;
  readonly energy: number;
  /** Deviation of a correlation with it, by noise. */
  readonly sd: number;
}

function shapeOf(
  sent: Float64Array,
  smeared: number,
  { sd, edge, through }: Searched,
  size: number,
): Shape {
  const spectrum = new Float64Array(2 * size);
  let [energy, noise] = [0, 0];
  for (let k = 0; k < size; k += 1) {
    // exp(−2·√(τ·i·ω)): the root of i has a half turn’s quarter.
    const turns = (2 * Math.PI * Math.min(k, size - k)) / size;
    const depth = Math.sqrt(2 * smeared * turns);
    const left = Math.exp(-depth);
    const [re, im] = [left * Math.cos(depth), (2 * k > size ? 1 : -1) * left * Math.sin(depth)];
    const [a, b] = [sent[2 * k] as number, sent[2 * k + 1] as number];
    spectrum[2 * k] = a * re - b * im;
    spectrum[2 * k + 1] = a * im + b * re;
    const power = (spectrum[2 * k] as number) ** 2 + (spectrum[2 * k + 1] as number) ** 2;
    energy += power / size;
    noise += (power / size) * (through === 'slope' ? slopePower(turns, edge) : 1);
  }
  return { smeared, spectrum, energy, sd: sd * Math.sqrt(noise) };
}

interface Best {
  readonly shape: Shape;
  readonly later: number;
  readonly size: number;
  /** How much of the record it explains; nothing where nothing stands out. */
  readonly gain: number;
}

/** What is left of a record, and where in it echoes are looked for. */
interface Looking {
  /** Complex spectrum: re, im, re, im … */
  readonly left: Float64Array;
  readonly fft: FFT;
  readonly size: number;
  readonly sentAt: number;
  /** Samples behind what was sent, from and up to. */
  readonly from: number;
  readonly last: number;
  /** What a size has to exceed there, of a shape that is smeared so. */
  readonly leastAt: (later: number, smeared: number) => number;
}

/** Where a shape explains most of what is left. */
function bestOf(shape: Shape, { left, fft, size, sentAt, from, last, leastAt }: Looking): Best {
  const { spectrum, energy, sd, smeared } = shape;
  const product = new Float64Array(2 * size);
  for (let k = 0; k < 2 * size; k += 2) {
    const [a, b] = [left[k] as number, left[k + 1] as number];
    const [c, d] = [spectrum[k] as number, spectrum[k + 1] as number];
    product[k] = a * c + b * d;
    product[k + 1] = b * c - a * d;
  }
  const out = new Float64Array(2 * size);
  fft.inverseTransform(out, product);
  const at = (later: number) => out[2 * (sentAt + later)] ?? 0;
  let best: Best = { shape, later: 0, size: 0, gain: 0 };
  for (let later = from; later < last; later += 1) {
    const here = at(later);
    const gain = (here * here) / energy;
    if (gain <= best.gain || Math.abs(here) < STANDS_OUT * sd) continue;
    if (Math.abs(here) < energy * leastAt(later, smeared)) continue;
    best = { shape, later, size: here / energy, gain };
  }
  if (best.gain === 0) return best;
  // Between the samples, by the parabola through the three about the top.
  const [before, top, behind] = [-1, 0, 1].map((step) => at(best.later + step)) as [
    number,
    number,
    number,
  ];
  const bend = before - 2 * top + behind;
  const off = bend === 0 ? 0 : Math.max(-0.5, Math.min(0.5, (before - behind) / (2 * bend)));
  return { ...best, later: best.later + off };
}

/** Takes so much of a shape out of what is left, at a sample or between two. */
function takeOut(left: Float64Array, { spectrum }: Shape, at: number, share: number, size: number) {
  for (let k = 0; k < size; k += 1) {
    const angle = (-2 * Math.PI * (2 * k > size ? k - size : k) * at) / size;
    const [re, im] = [share * Math.cos(angle), share * Math.sin(angle)];
    const [a, b] = [spectrum[2 * k] as number, spectrum[2 * k + 1] as number];
    left[2 * k] = (left[2 * k] as number) - (a * re - b * im);
    left[2 * k + 1] = (left[2 * k + 1] as number) - (a * im + b * re);
  }
}

function transformed(values: Float64Array, fft: FFT, size: number): Float64Array {
  const out = new Float64Array(2 * size);
  fft.realTransform(out, values.length === size ? values : padded(values, size));
  fft.completeSpectrum(out);
  return out;
}

function padded(values: Float64Array, size: number): Float64Array {
  const out = new Float64Array(size);
  out.set(values);
  return out;
}

/** Mean over the edge behind each sample, less that before it; nothing where either hangs over. */
function slopes(values: Float64Array, edge: number): Float64Array {
  const sums = new Float64Array(values.length + 1);
  for (let n = 0; n < values.length; n += 1)
    sums[n + 1] = (sums[n] as number) + (values[n] as number);
  const mean = (from: number) => ((sums[from + edge] as number) - (sums[from] as number)) / edge;
  return Float64Array.from(values, (_, n) =>
    n < edge || n + edge > values.length ? 0 : mean(n) - mean(n - edge),
  );
}

/** What such a slope leaves of noise at a frequency, in radians a sample. */
function slopePower(turns: number, edge: number): number {
  if (turns === 0) return 0;
  const [mean, apart] = [
    Math.sin((edge * turns) / 2) / (edge * Math.sin(turns / 2)),
    2 * Math.sin((edge * turns) / 2),
  ];
  return (mean * apart) ** 2;
}
