import type { Minimise, Minimised, Programme } from '../optimise';
import { cutProgramme, type Lengths } from './cut-programme';
import { layInTurn, layMost, SAME_M, wasteOf, type LaidOut } from './laid-out';
import { lessWaste } from './less-waste';
import type { Cut, CutPlan, CutTask, Run } from './task';

/** A plan is looked for at most so long, s. */
const SECONDS = 4;
/** More runs than these are laid out in turn, and no better way is looked for. */
const MOST_RUNS = 500;

/**
 * Which run is cut from which reel, and how many boxes have to be bought: as few runs left out as can be, then as
 * few boxes, then as little waste. What could not be proven in time is told with how little waste there could be.
 *
 * @param task lengths in metres; ids are each other’s own
 * @param minimise looks for a better one than is laid out in turn; null where nobody has a solver
 * @param seconds that may be spent on it
 */
export async function cutPlan(
  task: CutTask,
  minimise: Minimise | null,
  seconds = SECONDS,
): Promise<CutPlan> {
  const { runs, reels, slackM, leastRestM, buyM } = task;
  const longestM = Math.max(0, buyM ?? 0, ...reels.map(({ lengthM }) => lengthM));
  const possible = runs.filter(({ lengthM }) => lengthM + slackM <= longestM + SAME_M);
  const needsM = possible.map(({ lengthM }) => lengthM + slackM);
  const ownedM = reels.map(({ lengthM }) => lengthM);
  const reelsM = [...ownedM, ...boxesFor(needsM, ownedM, buyM)];
  const inTurn = layMost(needsM, reelsM, ownedM.length);
  const isMany = runs.length > MOST_RUNS;
  const first = isMany ? inTurn : lessWaste(needsM, reelsM, leastRestM, inTurn);
  const planOf = (laid: LaidOut) => told(task, laid, possible, reelsM);
  const plan = planOf(first);
  const fewest = fewestOf(needsM, ownedM, buyM ?? 0);
  const isSure = first.unplaced.length === fewest.unplaced && plan.buy === fewest.bought;
  if (possible.length === 0 || (isSure && plan.wasteM < SAME_M))
    return { ...plan, boundWasteM: plan.wasteM, proven: true };
  if (isMany || !minimise) return { ...plan, boundWasteM: 0, proven: false };
  const sure = isSure ? fewest : null;
  const lengths = { needsM, reelsM, owned: ownedM.length, leastRestM, sure };
  const search = (programme: Programme, start: Float64Array) => minimise(programme, start, seconds);
  return searched(lengths, first, planOf, search);
}

/** The best of a plan that is there and what a search finds, and how good any could be. */
async function searched(
  lengths: Lengths,
  first: LaidOut,
  planOf: (laid: LaidOut) => Told,
  search: (programme: Programme, start: Float64Array) => Promise<Minimised>,
): Promise<CutPlan> {
  const { programme, costs, valuesOf, laidBy } = cutProgramme(lengths);
  const costOf = (values: Float64Array) =>
    programme.columns.reduce((sum, { cost }, index) => sum + cost * (values[index] ?? 0), 0);
  const start = valuesOf(first);
  const found = await search(programme, start);
  const isBetter = found.values !== null && costOf(found.values) < costOf(start) - SAME_M;
  const best = isBetter && found.values ? laidBy(found.values) : first;
  const plan = planOf(best);
  const proven = found.proven || costOf(valuesOf(best)) <= found.bound + SAME_M;
  const beside = costs.unplaced * best.unplaced.length + costs.bought * plan.buy;
  const boundM = Math.min(plan.wasteM, Math.max(0, found.bound - beside));
  return { ...plan, boundWasteM: proven ? plan.wasteM : boundM, proven };
}

/** As many boxes as the runs surely fit in: no plan needs more. */
function boxesFor(
  needsM: readonly number[],
  ownedM: readonly number[],
  buyM: number | null,
): number[] {
  if (buyM === null) return [];
  // Of two boxes in a row that are laid in turn, the runs of the second did not fit into the first.
  const neededM = needsM.reduce((sum, one) => sum + one, 0);
  const most = Math.min(needsM.length, Math.ceil((2 * neededM) / buyM) + 1);
  const all = [...ownedM, ...Array.from({ length: most }, () => buyM)];
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

type Told = Omit<CutPlan, 'boundWasteM' | 'proven'>;

function told(
  { runs, reels, slackM, leastRestM }: CutTask,
  { onReels }: LaidOut,
  possible: readonly Run[],
  reelsM: readonly number[],
): Told {
  const used = onReels.map((places) => places.length > 0);
  const reelName = (reel: number) =>
    reels[reel]?.id ?? `buy-${used.slice(reels.length, reel + 1).filter(Boolean).length}`;
  const cuts: Cut[] = [];
  let wasteM = 0;
  for (const [reel, places] of onReels.entries()) {
    let fromM = 0;
    for (const place of places) {
      const run = possible[place];
      if (!run) continue;
      const toM = fromM + run.lengthM + slackM;
      cuts.push({ run: run.id, reel: reelName(reel), fromM, toM });
      fromM = toM;
    }
    wasteM += wasteOf(reelsM[reel] ?? 0, fromM, leastRestM);
  }
  const placed = new Set(cuts.map(({ run }) => run));
  return {
    cuts,
    buy: used.slice(reels.length).filter(Boolean).length,
    wasteM,
    unplaced: runs.flatMap(({ id }) => (placed.has(id) ? [] : [id])),
  };
}
