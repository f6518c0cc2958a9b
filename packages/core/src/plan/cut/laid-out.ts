/** Which runs lie on which reel, by their numbers: for each reel its runs, and those on none. */
export interface LaidOut {
  readonly onReels: readonly (readonly number[])[];
  readonly unplaced: readonly number[];
}

/** Lengths nearer than this are the same: a tenth of a millimetre. */
export const SAME_M = 1e-4;

/**
 * The longest run first, each on the reel that it leaves least of: one that is opened already if any has room, else
 * one that is there, else a box.
 */
export function layInTurn(
  needsM: readonly number[],
  reelsM: readonly number[],
  owned: number,
  runs: readonly number[] = [...needsM.keys()],
): LaidOut {
  const restM = [...reelsM];
  const onReels: number[][] = reelsM.map(() => []);
  const unplaced: number[] = [];
  const longestFirst = [...runs].sort((a, b) => (needsM[b] ?? 0) - (needsM[a] ?? 0));
  const rank = (reel: number): number =>
    (onReels[reel]?.length ?? 0) > 0 ? 0 : reel < owned ? 1 : 2;
  for (const run of longestFirst) {
    const needM = needsM[run] ?? 0;
    let best = -1;
    for (const [reel, leftM] of restM.entries()) {
      if (leftM < needM - SAME_M) continue;
      const isBetter =
        best < 0 ||
        rank(reel) < rank(best) ||
        (rank(reel) === rank(best) && leftM < (restM[best] ?? 0));
      if (isBetter) best = reel;
    }
    if (best < 0) unplaced.push(run);
    else {
      onReels[best]?.push(run);
      restM[best] = (restM[best] ?? 0) - needM;
    }
  }
  return { onReels, unplaced };
}

/** Where not all of them fit, as many of the shortest as do. */
export function layMost(
  needsM: readonly number[],
  reelsM: readonly number[],
  owned: number,
): LaidOut {
  const all = layInTurn(needsM, reelsM, owned);
  if (all.unplaced.length === 0) return all;
  const shortestFirst = [...needsM.keys()].sort((a, b) => (needsM[a] ?? 0) - (needsM[b] ?? 0));
  for (let count = needsM.length - 1; count > needsM.length - all.unplaced.length; count -= 1) {
    const { onReels, unplaced } = layInTurn(needsM, reelsM, owned, shortestFirst.slice(0, count));
    if (unplaced.length === 0) return { onReels, unplaced: shortestFirst.slice(count) };
  }
  return all;
}

/** What is left of an opened reel and is of no use. */
export function wasteOf(reelM: number, needM: number, leastRestM: number | null): number {
  const restM = Math.max(0, reelM - needM);
  const isUseful = needM === 0 || (leastRestM !== null && restM >= leastRestM - SAME_M);
  return isUseful ? 0 : restM;
}
