import { Matrix, solve } from 'ml-matrix';
import type { Uncertain } from '../../units';

/** What a wave that went through a line tells of it. */
export interface Through {
  /** One way, at high frequency. */
  readonly delayS: Uncertain;
  /** Loss at some frequencies, dB. */
  readonly lossDb: readonly { readonly hz: number; readonly db: number }[];
}

/** The points of a phase are unwrapped by; a jump between neighbours must stay under half a turn. */
export interface Transmission {
  readonly hz: readonly number[];
  readonly re: readonly number[];
  readonly im: readonly number[];
}

/**
 * The delay of a through measurement. The phase of a cable is 2πf τ and, by the skin effect, a share of
 * √f beside it; both are fitted, and the turns that lie below the first point are found by trying.
 *
 * Source: the textbook line with skin effect, whose phase exceeds the delay's by as many radians as it
 * loses neper.
 */
export function throughDelay({ hz, re, im }: Transmission): Through | null {
  const count = hz.length;
  if (count < 8) return null;
  const phases: number[] = [];
  let turns = 0;
  for (let k = 0; k < count; k += 1) {
    const phase = Math.atan2(im[k] as number, re[k] as number);
    const before = phases.at(-1);
    if (before !== undefined) {
      const jump = phase + turns - before;
      turns -= 2 * Math.PI * Math.round(jump / (2 * Math.PI));
    }
    phases.push(phase + turns);
  }
  const size = (k: number) => Math.hypot(re[k] as number, im[k] as number);
  const weights = hz.map((_, k) => size(k));
  const best = fittedDelay(hz, phases, weights);
  const lossDb = [1e6, 10e6, 100e6, 250e6, 500e6]
    .filter((at) => at >= (hz[0] as number) && at <= (hz.at(-1) as number))
    .map((at) => ({ hz: at, db: -20 * Math.log10(sizeAt(hz, size, at)) }));
  return { delayS: best, lossDb };
}

function fittedDelay(hz: readonly number[], phases: readonly number[], weights: readonly number[]) {
  // −phase = 2πf·τ + 2π·√f·k + 2π·n: the middle of an open count of turns is rounded, then fitted again.
  const rows = (withTurn: boolean) =>
    new Matrix(
      hz.map((f, k) =>
        [2 * Math.PI * (f / 1e9), 2 * Math.PI * Math.sqrt(f / 1e9), ...(withTurn ? [1] : [])].map(
          (one) => one * (weights[k] as number),
        ),
      ),
    );
  const right = (turn: number) =>
    Matrix.columnVector(phases.map((phase, k) => (-phase - turn) * (weights[k] as number)));
  const loose = solve(rows(true), right(0)).to1DArray();
  const turn = 2 * Math.PI * Math.round((loose[2] as number) / (2 * Math.PI));
  const design = rows(false);
  const answer = solve(design, right(turn));
  const left = Matrix.sub(design.mmul(answer), right(turn)).to1DArray();
  const variance = left.reduce((sum, one) => sum + one * one, 0) / Math.max(1, hz.length - 2);
  const normal = design.transpose().mmul(design);
  const [a, b, d] = [normal.get(0, 0), normal.get(0, 1), normal.get(1, 1)];
  const u = Math.sqrt((variance * d) / Math.max(1e-30, a * d - b * b));
  const value = answer.get(0, 0) * 1e-9;
  return { value, u: Math.hypot(u * 1e-9, value * 0.001) };
}

function sizeAt(hz: readonly number[], size: (k: number) => number, at: number): number {
  const k = Math.max(
    1,
    hz.findIndex((f) => f >= at),
  );
  const [low, high] = [hz[k - 1] as number, hz[k] as number];
  return size(k - 1) + ((size(k) - size(k - 1)) * (at - low)) / (high - low);
}
