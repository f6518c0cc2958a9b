import { SAME_M, wasteOf, type LaidOut } from './laid-out';

/** So often all runs are gone through at most. */
const MOST_ROUNDS = 40;

/**
 * Runs moved to another reel, or two of them exchanged, for as long as that leaves less waste. None is left out
 * that was not, and no reel is opened that was not.
 */
export function lessWaste(
  needsM: readonly number[],
  reelsM: readonly number[],
  leastRestM: number | null,
  { onReels, unplaced }: LaidOut,
): LaidOut {
  const reelOf = new Map(onReels.flatMap((runs, reel) => runs.map((run) => [run, reel] as const)));
  const runs = [...reelOf.keys()];
  const usedM = onReels.map((some) => some.reduce((sum, run) => sum + (needsM[run] ?? 0), 0));
  const opened = [...usedM.keys()].filter((reel) => (usedM[reel] ?? 0) > 0);
  const waste = (reel: number, moreM: number): number => {
    const needM = (usedM[reel] ?? 0) + moreM;
    const reelM = reelsM[reel] ?? 0;
    return needM > reelM + SAME_M ? Infinity : wasteOf(reelM, Math.max(0, needM), leastRestM);
  };
  /** Moves so much from one reel to another, if that is better. */
  const isMoved = (from: number, to: number, byM: number): boolean => {
    const before = waste(from, 0) + waste(to, 0);
    if (waste(from, -byM) + waste(to, byM) >= before - SAME_M) return false;
    usedM[from] = (usedM[from] ?? 0) - byM;
    usedM[to] = (usedM[to] ?? 0) + byM;
    return true;
  };
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    let moved = false;
    for (const run of runs) {
      const needM = needsM[run] ?? 0;
      for (const to of opened) {
        const from = reelOf.get(run) ?? 0;
        if (to === from || !isMoved(from, to, needM)) continue;
        reelOf.set(run, to);
        moved = true;
      }
      for (const other of runs) {
        const [from, to] = [reelOf.get(run) ?? 0, reelOf.get(other) ?? 0];
        if (from === to || !isMoved(from, to, needM - (needsM[other] ?? 0))) continue;
        reelOf.set(run, to);
        reelOf.set(other, from);
        moved = true;
      }
    }
    if (!moved) break;
  }
  return {
    onReels: onReels.map((_, reel) => runs.filter((run) => reelOf.get(run) === reel)),
    unplaced,
  };
}
