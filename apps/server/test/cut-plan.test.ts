import { cutPlan, type CutPlan, type CutTask } from '@near-spoke/core/plan/cut';
import { evenDraws } from '@near-spoke/core/units';
import { minimise } from '../src/plan/minimise';

function seeded(seed: number) {
  const draw = evenDraws(seed);
  const below = (count: number): number => Math.floor(draw() * count);
  return { below, pick: <T>(list: readonly T[]): T => list[below(list.length)] as T };
}

const task = (
  runsM: readonly number[],
  reelsM: readonly number[],
  more: Partial<CutTask> = {},
): CutTask => ({
  runs: runsM.map((lengthM, n) => ({ id: `r${n + 1}`, lengthM })),
  reels: reelsM.map((lengthM, n) => ({ id: `reel ${n + 1}`, lengthM })),
  slackM: 0,
  leastRestM: null,
  buyM: null,
  ...more,
});

/** How good a plan is, by hand: runs left out, boxes bought, waste. */
type Worth = readonly [unplaced: number, bought: number, wasteM: number];
const worthOf = ({ unplaced, buy, wasteM }: CutPlan): Worth => [unplaced.length, buy, wasteM];
const isLess = (a: Worth, b: Worth): boolean => {
  const at = a.findIndex((one, n) => Math.abs(one - (b[n] ?? 0)) > 1e-6);
  return at >= 0 && (a[at] ?? 0) < (b[at] ?? 0);
};

/** Every run on every reel, or on none. */
function exhaustive({ runs, reels, slackM, leastRestM, buyM }: CutTask): Worth {
  const boxes = buyM === null ? [] : runs.map(() => buyM);
  const all = [...reels.map(({ lengthM }) => lengthM), ...boxes];
  const on = new Array<number>(runs.length).fill(-1);
  let best: Worth = [Infinity, Infinity, Infinity];
  const worth = (): Worth => {
    let [bought, waste] = [0, 0];
    for (const [reel, lengthM] of all.entries()) {
      const here = runs.filter((_, run) => on[run] === reel);
      if (here.length === 0) continue;
      const rest = lengthM - here.reduce((sum, run) => sum + run.lengthM + slackM, 0);
      if (rest < -1e-9) return [Infinity, Infinity, Infinity];
      if (reel >= reels.length) bought += 1;
      if (leastRestM === null || rest < leastRestM) waste += rest;
    }
    return [on.filter((reel) => reel < 0).length, bought, waste];
  };
  const tryFrom = (run: number): void => {
    if (run === runs.length) {
      const found = worth();
      if (isLess(found, best)) best = found;
      return;
    }
    // Boxes are alike: a run opens the next one at most.
    const opened = Math.max(reels.length - 1, ...on.slice(0, run));
    for (let reel = -1; reel < Math.min(all.length, opened + 2); reel += 1) {
      on[run] = reel;
      tryFrom(run + 1);
    }
    on[run] = -1;
  };
  tryFrom(0);
  return best;
}

/** What any plan keeps to: each run once, whole, on a stretch of its own of a reel that is as long. */
function expectSound({ runs, reels, slackM, buyM }: CutTask, plan: CutPlan): void {
  expect([...plan.cuts.map(({ run }) => run), ...plan.unplaced].sort()).toEqual(
    runs.map(({ id }) => id).sort(),
  );
  const bought = Array.from({ length: plan.buy }, (_, n) => `buy-${n + 1}`);
  for (const name of new Set(plan.cuts.map(({ reel }) => reel))) {
    const owned = reels.find(({ id }) => id === name);
    expect(owned !== undefined || bought.includes(name))
      .withContext(name)
      .toBeTrue();
    const cuts = plan.cuts.filter(({ reel }) => reel === name).sort((a, b) => a.fromM - b.fromM);
    for (const [n, { run, fromM, toM }] of cuts.entries()) {
      const lengthM = runs.find(({ id }) => id === run)?.lengthM ?? 0;
      expect(toM - fromM).toBeCloseTo(lengthM + slackM, 6);
      expect(fromM).toBeGreaterThanOrEqual((cuts[n - 1]?.toM ?? 0) - 1e-9);
    }
    expect(cuts.at(-1)?.toM ?? 0).toBeLessThanOrEqual((owned?.lengthM ?? buyM ?? 0) + 1e-3);
  }
}

// By the solver that the server has, which specs in a browser can’t load.
describe('A cutting plan by a solver', () => {
  it('is as good as the best of all, on small cases of every kind', async () => {
    const random = seeded(305);
    for (let round = 0; round < 60; round += 1) {
      const one = task(
        Array.from({ length: 2 + random.below(5) }, () => 5 + random.below(60)),
        Array.from({ length: random.below(4) }, () => 30 + random.below(90)),
        {
          slackM: random.pick([0, 1.5]),
          leastRestM: random.pick([null, 0, 10, 25]),
          buyM: random.pick([null, 100]),
        },
      );
      const plan = await cutPlan(one, minimise);
      expectSound(one, plan);
      const [unplaced, bought, wasteM] = exhaustive(one);
      expect(worthOf(plan).slice(0, 2))
        .withContext(JSON.stringify(one))
        .toEqual([unplaced, bought]);
      expect(plan.wasteM).withContext(JSON.stringify(one)).toBeCloseTo(wasteM, 3);
      expect(plan.proven).toBeTrue();
      expect(plan.boundWasteM).toBeCloseTo(wasteM, 3);
    }
  }, 60_000);

  it('is sound and no worse than laying in turn for 200 runs on 20 reels, and tells its gap', async () => {
    const random = seeded(12);
    const runs = Array.from({ length: 200 }, () => 12 + random.below(7000) / 100);
    const reels = Array.from({ length: 20 }, () => 305 + random.below(300));
    for (const leastRestM of [null, 15]) {
      const one = task(runs, reels, { leastRestM, buyM: 305, slackM: 1 });
      const plan = await cutPlan(one, minimise);
      expectSound(one, plan);
      expect(plan.unplaced).toEqual([]);
      expect(plan.boundWasteM).toBeLessThanOrEqual(plan.wasteM + 1e-6);
    }
  }, 30_000);
});
