import type { Prediction, Measured } from './fit-guess';
import type { Change, Guess } from './guess';

/** Size that trials are made with: small enough for what is predicted to be in proportion. */
const TRIAL = 0.1;
const MOST = 0.9;
/** A resistance in the way gives back upright, one across upside down. */
const SIGN: Readonly<Partial<Record<Change['kind'], number>>> = { series: 1, shunt: -1 };

/**
 * One more change on a guess, at the delay and of the size that explain most of what the guess leaves.
 * One trial in their midst tells what comes back at each of them, and of what size: it is nearly in
 * proportion to the size, and moves along with the delay.
 *
 * @param changed the guess with the change at a delay and of a size
 * @returns null where nothing at these delays explains anything
 */
export function placeBest(
  guess: Guess,
  kind: Change['kind'],
  delaysS: readonly number[],
  changed: (delayS: number, size: number) => Guess,
  { values, weights, to }: Measured,
  prediction: Prediction,
): Guess | null {
  const midS = delaysS[delaysS.length >> 1];
  if (midS === undefined) return null;
  const base = prediction.values(guess, to);
  const there = prediction.values(changed(midS, TRIAL), to);
  const echo = there.map((one, n) => one - (base[n] as number));
  const sign = SIGN[kind] ?? 0;
  let best: { readonly gain: number; readonly guess: Guess } | null = null;
  for (const delayS of delaysS) {
    const more = prediction.later(echo, delayS - midS);
    let [cross, own] = [0, 0];
    for (let n = 0; n < to; n += 1) {
      if ((weights[n] as number) === 0) continue;
      cross += (more[n] as number) * ((values[n] as number) - (base[n] as number));
      own += (more[n] as number) ** 2;
    }
    if (own === 0 || cross * sign < 0) continue;
    const size = Math.max(-MOST, Math.min(MOST, (TRIAL * cross) / own));
    // A branch throws back what it does, whatever its size is said to be.
    const share = kind === 'tap' ? 1 : size / TRIAL;
    const gain = 2 * share * cross - share * share * own;
    if (!best || gain > best.gain) best = { gain, guess: changed(delayS, size) };
  }
  return best?.guess ?? null;
}
