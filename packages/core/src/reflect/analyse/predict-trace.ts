import { bellOf } from '../line/bell';
import { gridOf, sizeFor, type Grid } from '../line/grid';
import { launchSlope, launchSpectrum, type Launch } from '../line/launch';
import { blank, multiplyIn, plus, scaleIn, times, type Plane } from '../line/plane';
import { teeShare } from '../line/ratio';
import type { Prediction } from './fit-guess';
import type { Guess } from './guess';
import { lookAtGuess, smallStep } from './look-at-guess';
import type { Parameter } from './parameter';

/** What a sample is of the trace about it: its mean over a while, or what a bell of some deviation weighs. */
export type Smoothing =
  | { readonly kind: 'none' }
  | { readonly kind: 'mean'; readonly overS: number }
  | { readonly kind: 'bell'; readonly sdS: number };

/** A grid is so much longer than what is asked of it: at its very end what comes round is a few parts in 1e5. */
const ROOM = 1.03;

/**
 * What a guess predicts at the tee, sample by sample from a trace's first on. The grid is as long as the
 * samples asked for need, so that a beginning is worked out faster than the whole.
 *
 * @param finer points of the grid to a sample
 */
export function predictTrace(intervalS: number, finer: number, smoothing: Smoothing): Prediction {
  const benches = new Map<number, Bench>();
  const benchOf = (count: number): Bench => {
    const size = sizeFor(count * finer * ROOM);
    const known = benches.get(size);
    if (known) return known;
    const made = benchOfSize(size, intervalS / finer, smoothing);
    benches.set(size, made);
    return made;
  };
  const picked = (from: Float64Array, count: number, more: number) => {
    const out = new Float64Array(count);
    for (let n = 0; n < count; n += 1) out[n] = (from[n * finer] as number) + more;
    return out;
  };
  return {
    values: (guess, count) => {
      const { grid, sent, look, timesA } = benchOf(count);
      grid.toTime(times(sent(guess), look.value(guess)), null, timesA, null);
      return picked(timesA, count, guess.offsetV);
    },
    jacobian: (guess, parameters, count) => {
      const { grid, sent, look, timesA, timesB } = benchOf(count);
      const source = sent(guess);
      const whole = times(source, look.value(guess));
      const ofLine = parameters.filter((one) => one.of === 'line');
      const onLine = look.jacobian(guess, ofLine);
      const planeOf = (parameter: Parameter): Plane | null => {
        if (parameter.of === 'offset') return null;
        if (parameter.of === 'line')
          return multiplyIn(onLine[ofLine.indexOf(parameter)] as Plane, source);
        const step = smallStep(parameter, guess);
        if (parameter.of === 'tee') {
          const more = plus(look.value(step.guess), -1, look.value(guess));
          return scaleIn(multiplyIn(more, source), 1 / step.share);
        }
        const more = launchSlope(guess.launch, step.guess.launch, grid.plane);
        return scaleIn(multiplyIn(more, whole), 1 / step.share);
      };
      const columns = parameters.map(({ scale }) => new Float64Array(count).fill(scale));
      // Two at a time: both are real, and one transform does for two.
      const planes = [...parameters.entries()].flatMap(([index, parameter]) => {
        const plane = planeOf(parameter);
        return plane ? [{ index, plane }] : [];
      });
      for (let n = 0; n < planes.length; n += 2) {
        const [a, b] = [planes[n], planes[n + 1]];
        if (!a) break;
        grid.toTime(a.plane, b?.plane ?? null, timesA, b ? timesB : null);
        columns[a.index] = picked(timesA, count, 0);
        if (b) columns[b.index] = picked(timesB, count, 0);
      }
      return columns;
    },
    later: (echo, byS) => {
      const by = Math.round(byS / intervalS);
      return echo.map((_, n) => echo[n - by] ?? 0);
    },
  };
}

interface Bench {
  readonly grid: Grid;
  readonly sent: (guess: Guess) => Plane;
  readonly look: ReturnType<typeof lookAtGuess>;
  readonly timesA: Float64Array;
  readonly timesB: Float64Array;
}

function benchOfSize(size: number, intervalS: number, smoothing: Smoothing): Bench {
  const grid = gridOf(size, intervalS);
  const window = windowOf(grid.plane, smoothing);
  let last: { readonly launch: Launch; readonly sent: Plane } | null = null;
  return {
    grid,
    sent: ({ launch }) => {
      if (last?.launch === launch) return last.sent;
      const plain = launchSpectrum(launch, grid.plane);
      last = { launch, sent: window ? times(plain, window) : plain };
      return last.sent;
    },
    look: lookAtGuess(grid.plane, ({ tee }) => teeShare(tee)),
    timesA: new Float64Array(grid.size),
    timesB: new Float64Array(grid.size),
  };
}

/** Of the mean over T, sinh(s·T/2) over s·T/2. */
function windowOf(plane: Plane, smoothing: Smoothing): Plane | null {
  if (smoothing.kind === 'none') return null;
  if (smoothing.kind === 'bell') return bellOf(plane, smoothing.sdS);
  const { re, im } = plane;
  const out = blank(re.length);
  const meanOverS = smoothing.overS;
  for (let k = 0; k < re.length; k += 1) {
    const x = ((re[k] as number) * meanOverS) / 2;
    const y = ((im[k] as number) * meanOverS) / 2;
    const sRe = Math.sinh(x) * Math.cos(y);
    const sIm = Math.cosh(x) * Math.sin(y);
    const all = x * x + y * y;
    out.re[k] = (sRe * x + sIm * y) / all;
    out.im[k] = (sIm * x - sRe * y) / all;
  }
  return out;
}
