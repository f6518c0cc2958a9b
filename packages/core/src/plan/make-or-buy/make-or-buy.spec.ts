import { makeOrBuy, type MakeOrBuy } from './make-or-buy';

const task = (more: Partial<MakeOrBuy['make']>, count = 24, price = 3.1): MakeOrBuy => ({
  count,
  make: {
    parts: [],
    minutes: 0,
    wagePerHour: 0,
    tools: [],
    failureRate: { value: 0, u: 0 },
    ...more,
  },
  buy: { price },
});

describe('Made or bought', () => {
  it('is parts, wages and the share of the tools where none fails', () => {
    // Two plugs at 0.25, 2 m at 0.30; 90 s at 24 an hour; a crimp tool of 60 for 2 000 uses: 1.10 + 0.60 + 0.03.
    const found = makeOrBuy(
      task({
        parts: [
          { price: 0.25, count: 2 },
          { price: 0.3, count: 2 },
        ],
        minutes: 1.5,
        wagePerHour: 24,
        tools: [{ price: 60, uses: 2000 }],
      }),
    );
    expect(found.madeEach.value).toBeCloseTo(1.73, 9);
    expect(found.madeEach.u).toBe(0);
    expect(found.boughtEach).toBe(3.1);
    // Each saves 1.40 beside the tool of 60: 42.9.
    expect(found.breakEvenCount).toBe(43);
  });

  it('pays for those that fail, with their parts and their time', () => {
    // One of ten fails: 10 attempts at 1.80 for 9 good ones.
    const found = makeOrBuy(
      task({ parts: [{ price: 0.9, count: 2 }], failureRate: { value: 0.1, u: 0.02 } }, 36),
    );
    expect(found.madeEach.value).toBeCloseTo(2, 9);
    // By the rate 2 / 0.9 · 0.02 = 0.0444; by chance 1.8 · √(0.1 / 36) / 0.9 = 0.1054.
    expect(found.madeEach.u).toBeCloseTo(Math.hypot(0.04444, 0.10541), 4);
    expect(found.breakEvenCount).toBe(1);
  });

  it('never pays where parts and wages alone cost more', () => {
    const found = makeOrBuy(task({ minutes: 10, wagePerHour: 30 }, 5, 4.5));
    expect(found.madeEach.value).toBeCloseTo(5, 9);
    expect(found.breakEvenCount).toBeNull();
  });

  it('breaks even at the very count where both cost the same', () => {
    // Saves 2 each, tools 18: at 9 both cost alike.
    const found = makeOrBuy(
      task({ parts: [{ price: 1, count: 1 }], tools: [{ price: 18, uses: 100 }] }, 24, 3),
    );
    expect(found.breakEvenCount).toBe(9);
  });

  it('strays, over many batches drawn by chance, as it says', () => {
    const one = task({ parts: [{ price: 1, count: 1 }], failureRate: { value: 0.2, u: 0 } }, 30);
    const { madeEach } = makeOrBuy(one);
    let state = 7;
    const draw = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
    const costs = Array.from({ length: 4000 }, () => {
      let attempts = 0;
      for (let good = 0; good < 30; attempts += 1) if (draw() >= 0.2) good += 1;
      return attempts / 30;
    });
    const mean = costs.reduce((sum, cost) => sum + cost, 0) / costs.length;
    const square = costs.reduce((sum, cost) => sum + (cost - mean) ** 2, 0) / costs.length;
    expect(mean).toBeCloseTo(madeEach.value, 2);
    expect(Math.sqrt(square) / madeEach.u).toBeGreaterThan(0.93);
    expect(Math.sqrt(square) / madeEach.u).toBeLessThan(1.07);
  });
});
