import { minimise } from '../optimise';
import { cutProgramme } from './cut-programme';
import { layInTurn, layMost, SAME_M, wasteOf, type LaidOut } from './laid-out';
import { lessWaste } from './less-waste';
import type { Cut, CutPlan, CutTask } from './task';

/** A plan is looked for at most so long, s. */
const SECONDS = 4;

/**
 * Which run is cut from which reel, and how many boxes have to be bought: as few runs left out as can be, then as
 * few boxes, then as little waste. What could not be proven in time is told with how little waste there could be.
 *
 * @param task lengths in metres; ids are each other’s own
 */
export async function cutPlan(task: CutTask): Promise<CutPlan> {
  const { runs, reels, slackM, leastRestM, buyM } = task;
  const needsM = runs.map(({ lengthM }) => lengthM + slackM);
  const longestM = Math.max(0, buyM ?? 0, ...reels.map(({ lengthM }) => lengthM));
  const possible = [...needsM.keys()].filter((run) => (needsM[run] ?? 0) <= longestM + SAME_M);
  const possibleM = possible.map((run) => needsM[run] ?? 0);
  const ownedM = reels.map(({ lengthM }) => lengthM);
  const owned = ownedM.length;
  const boxM = buyM ?? 0;
  const reelsM = [...ownedM, ...boxesFor(possibleM, ownedM, buyM)];
  const laid = layMost(possibleM, reelsM, owned);
  const first = lessWaste(possibleM, reelsM, leastRestM, laid);
  const started = planOf(task, first, possible, reelsM);
  const fewest = fewestOf(possibleM, ownedM, boxM);
  const isSure = first.unplaced.length === fewest.unplaced && started.buy === fewest.bought;
  const { programme, costs, valuesOf, laidBy } = cutProgramme({
    needsM: possibleM,
    reelsM,
    owned,
    leastRestM,
    sure: isSure ? fewest : null,
  });
  const start = valuesOf(first);
  const isDone = possible.length === 0 || (isSure && started.wasteM < SAME_M);
  const found = isDone ? null : await minimise(programme, start, SECONDS);
  const costOf = (values: Float64Array) =>
    programme.columns.reduce((sum, { cost }, index) => sum + cost * (values[index] ?? 0), 0);
  const best =
    found?.values && costOf(found.values) < costOf(start) - SAME_M ? laidBy(found.values) : first;
  const told = planOf(task, best, possible, reelsM);
  const beside = costs.unplaced * best.unplaced.length + costs.bought * told.buy;
  const proven = found === null || found.proven || costOf(valuesOf(best)) <= found.bound + SAME_M;
  return {
    ...told,
    boundWasteM: proven
      ? told.wasteM
      : Math.min(told.wasteM, Math.max(0, (found?.bound ?? 0) - beside)),
    proven,
  };
}

/** As many boxes as the runs surely fit in: no plan needs more. */
function boxesFor(
  needsM: readonly number[],
  ownedM: readonly number[],
  buyM: number | null,
): number[] {
  if (buyM === null) return [];
  const all = [...ownedM, ...needsM.map(() => buyM)];
  const { onReels } = layInTurn(needsM, all, ownedM.length);
  return onReels
    .slice(ownedM.length)
    .filter((runs) => runs.length > 0)
    .map(() => buyM);
}

/** Fewer runs are left out, and fewer boxes bought, by no plan: all lengths together say so. */
function fewestOf(
  needsM: readonly number[],
  ownedM: readonly number[],
  boxM: number,
): { readonly unplaced: number; readonly bought: number } {
  const thereM = ownedM.reduce((sum, one) => sum + one, 0);
  const neededM = needsM.reduce((sum, one) => sum + one, 0);
  if (boxM > 0)
    return { unplaced: 0, bought: Math.max(0, Math.ceil((neededM - thereM - SAME_M) / boxM)) };
  let [restM, placed] = [thereM + SAME_M, 0];
  for (const needM of [...needsM].sort((a, b) => a - b)) {
    restM -= needM;
    if (restM < 0) break;
    placed += 1;
  }
  return { unplaced: needsM.length - placed, bought: 0 };
}

function planOf(
  { runs, reels, slackM, leastRestM }: CutTask,
  { onReels }: LaidOut,
  possible: readonly number[],
  reelsM: readonly number[],
): Omit<CutPlan, 'boundWasteM' | 'proven'> {
  const runOf = (place: number) => runs[possible[place] ?? 0];
  const used = onReels.map((places) => places.length > 0);
  const reelName = (reel: number) =>
    reels[reel]?.id ?? `buy-${used.slice(reels.length, reel + 1).filter(Boolean).length}`;
  const cuts: Cut[] = [];
  let wasteM = 0;
  for (const [reel, places] of onReels.entries()) {
    let fromM = 0;
    for (const place of places) {
      const run = runOf(place);
      if (!run) continue;
      const toM = fromM + run.lengthM + slackM;
      cuts.push({ run: run.id, reel: reelName(reel), fromM, toM });
      fromM = toM;
    }
    wasteM += wasteOf(reelsM[reel] ?? 0, fromM, leastRestM);
  }
  const left = new Set(cuts.map(({ run }) => run));
  return {
    cuts,
    buy: used.slice(reels.length).filter(Boolean).length,
    wasteM,
    unplaced: runs.flatMap(({ id }) => (left.has(id) ? [] : [id])),
  };
}
