import type { Fit } from './fit-guess';

/** What is more than a change of impedance has to explain more by so much. */
const PLAIN = 9;

/** Every cable ends: that nothing but a joint is seen has to explain more by so much, for a size of one. */
const ENDLESS = 200;
const SEEN_SIZE = 0.15;
/** A change that gives back as much is an end, or was pressed against its bound for want of a better. */
const AT_BOUND = 0.945;

/**
 * How far a fit is off, where what is less plain counts as a little further; infinitely where its changes
 * have lost their order.
 */
export function plainly({ cost, guess }: Fit): number {
  const { changes } = guess.line;
  const disordered = changes.some(
    ({ delayS, size, kind }, index) =>
      delayS <= (changes[index - 1]?.delayS ?? 0) || (kind !== 'end' && Math.abs(size) > AT_BOUND),
  );
  if (disordered) return Infinity;
  const odd = changes.filter(({ kind }) => kind === 'series' || kind === 'shunt');
  const last = changes.at(-1);
  const endless =
    last && last.kind !== 'end' && Math.abs(last.size) > SEEN_SIZE
      ? ENDLESS * Math.abs(last.size)
      : 0;
  return cost + PLAIN * odd.length + endless;
}
