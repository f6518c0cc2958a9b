import { seeded } from '../../testing/seeded';
import { cutPlan } from './cut-plan';
import type { CutPlan, CutTask } from './task';

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

describe('A cutting plan', () => {
  it('says that 317 m do not come from a box of 305 m, and buys none for it', async () => {
    const plan = await cutPlan(task([317, 40], [], { buyM: 305 }), null);
    expect(plan.unplaced).toEqual(['r1']);
    expect(plan.buy).toBe(1);
    expect(plan.cuts).toEqual([{ run: 'r2', reel: 'buy-1', fromM: 0, toM: 40 }]);
  });

  it('counts what is left as waste only where it is too short to be of use', async () => {
    expect((await cutPlan(task([50], [60]), null)).wasteM).toBeCloseTo(10, 6);
    expect((await cutPlan(task([50], [60], { leastRestM: 8 }), null)).wasteM).toBe(0);
    expect((await cutPlan(task([50], [60], { leastRestM: 12 }), null)).wasteM).toBeCloseTo(10, 6);
  });

  it('is nothing where nothing is to be cut', async () => {
    const plan = await cutPlan(task([], [305]), null);
    expect(plan).toEqual({
      cuts: [],
      buy: 0,
      unplaced: [],
      wasteM: 0,
      boundWasteM: 0,
      proven: true,
    });
  });

  it('is sound without a solver, too, and claims no more than it knows', async () => {
    const random = seeded(12);
    const runs = Array.from({ length: 200 }, () => 12 + random.below(7000) / 100);
    const reels = Array.from({ length: 20 }, () => 305 + random.below(300));
    for (const leastRestM of [null, 15]) {
      const one = task(runs, reels, { leastRestM, buyM: 305, slackM: 1 });
      const plan = await cutPlan(one, null);
      expectSound(one, plan);
      expect(plan.unplaced).toEqual([]);
      expect(plan.buy).toBe(0);
      expect(plan.proven).toBe(plan.wasteM < 1e-3);
    }
  });

  it('takes what a solver finds only where it is better', async () => {
    // Laid in turn, 50 and 40 lie on the 90, and 30 and 20 waste 15 of the 65.
    const one = task([50, 40, 30, 20], [90, 65, 50], {});
    const alone = await cutPlan(one, null);
    const worse = await cutPlan(one, (programme) =>
      Promise.resolve({
        values: new Float64Array(programme.columns.length).fill(1e6),
        bound: 0,
        proven: false,
      }),
    );
    expect(worse).toEqual(alone);
  });

  it('lays out the runs of a very large site in turn, in little more boxes than all lengths take', async () => {
    const random = seeded(5);
    const runs = Array.from({ length: 3000 }, () => 10 + random.below(8000) / 100);
    const one = task(runs, [140], { buyM: 305, slackM: 2, leastRestM: 10 });
    const plan = await cutPlan(one, null);
    expect(plan.unplaced).toEqual([]);
    const neededM = runs.reduce((sum, lengthM) => sum + lengthM + 2, 0);
    expect(plan.buy).toBeLessThan(1.02 * (neededM / 305));
    expect(plan.proven).toBeFalse();
  });
});
