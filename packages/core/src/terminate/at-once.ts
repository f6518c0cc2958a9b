/** Ticks closer than this were set together, s: nobody does two things, or looks at two, so fast. Generic. */
const AT_ONCE_S = 3;

/**
 * Runs of ticks that were set one right after the other, each of two or more.
 *
 * @param ticks in order of time.
 */
export function runsAtOnce<T extends { readonly at: string }>(ticks: readonly T[]): T[][] {
  const runs: T[][] = [];
  for (const tick of ticks) {
    const run = runs.at(-1);
    const before = run?.at(-1);
    const gapS = before ? (Date.parse(tick.at) - Date.parse(before.at)) / 1000 : Infinity;
    if (run && gapS < AT_ONCE_S) run.push(tick);
    else runs.push([tick]);
  }
  return runs.filter((run) => run.length > 1);
}
