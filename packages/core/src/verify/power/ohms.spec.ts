import { judgeLoops, loopExpected, unbalance, unbalanceBetween } from './loop';
import { POWER_CLASSES, powerBudget } from './power';

const cable = { lengthM: 60, gaugeAwg: 24, temperatureC: 20 };
const four = (...ohm: (number | null)[]) =>
  ohm.map((value, index) => ({ pair: index + 1, ohm: value }));
const causes = (...ohm: (number | null)[]) =>
  judgeLoops(loopExpected(cable), four(...ohm)).map(({ cause }) => cause);

describe('Loop resistance', () => {
  const { value, u } = loopExpected(cable);

  it('is twice the length of copper and its contacts: some 10.4 ohm for 60 m of 24 AWG', () => {
    // 24 AWG has 0.2047 mm²: 84.2 ohm a kilometre.
    expect(value).toBeCloseTo(2 * 60 * 0.0842 * 1.02 + 0.1, 1);
    expect(u).toBeGreaterThan(0.03 * value);
  });

  it('rises with the day by 0.39 % a kelvin', () => {
    const copper = (temperatureC: number) => loopExpected({ ...cable, temperatureC }).value - 0.1;
    expect(copper(40) / copper(20)).toBeCloseTo(1 + 20 * 0.00393, 6);
  });

  it('needs a length', () => {
    expect(() => loopExpected({ ...cable, lengthM: null })).toThrowError(/length/);
  });

  it('judges what was measured: as expected, a joint in one pair, another metal, another length', () => {
    expect(causes(value, value + 0.1, value - 0.1, value)).toEqual(
      new Array(4).fill('as-expected'),
    );
    expect(causes(value, value + 3, value, value)).toEqual([
      'as-expected',
      'joint',
      'as-expected',
      'as-expected',
    ]);
    expect(new Set(causes(...new Array<number>(4).fill(value * 1.55)))).toEqual(
      new Set(['other-metal']),
    );
    expect(new Set(causes(...new Array<number>(4).fill(value * 2.2)))).toEqual(new Set(['longer']));
    expect(new Set(causes(...new Array<number>(4).fill(value * 0.6)))).toEqual(
      new Set(['shorter']),
    );
    expect(causes(value, null, 0.4, value)).toEqual([
      'as-expected',
      'open',
      'short',
      'as-expected',
    ]);
  });

  it('calls honest spread honest: a reading within two standard uncertainties is as expected', () => {
    for (const off of [-2, -1, 0, 1, 2])
      expect(new Set(causes(...new Array<number>(4).fill(value + off * u)))).toEqual(
        new Set(['as-expected']),
      );
  });

  it('says of one pair alone that nobody can tell, and blames no metal where one pair has a joint', () => {
    const told = (...ohm: (number | null)[]) =>
      judgeLoops(loopExpected(cable), four(...ohm)).map(({ sentence }) => sentence.code);
    expect(told(value * 1.55)[0]).toBe('loop-alone');
    expect(causes(value, value * 1.55)).toEqual(['as-expected', 'joint']);
    expect(told(value + 1, value * 1.5, value * 1.5, value * 1.5)[0]).toBe('loop-as-expected');
  });

  it('holds a channel to its 25 ohm, whatever its length lets expect', () => {
    const long = loopExpected({ ...cable, lengthM: 155 });
    const [pair] = judgeLoops(long, four(27.4, 27.4), 25);
    expect(pair?.cause).toBe('over-limit');
    expect(pair?.sentence).toEqual({
      code: 'loop-over-limit',
      with: { pair: 1, ohm: 27.4, mostOhm: 25 },
    });
    expect(judgeLoops(long, four(27.4, 27.4))[0]?.cause).toBe('as-expected');
  });

  it('knows unbalance within 3 %, or 0.2 ohm on short links', () => {
    expect(unbalance(5, 5.2).within).toBeTrue();
    expect(unbalance(5, 5.6)).toEqual({
      share: jasmine.any(Number),
      differenceOhm: jasmine.any(Number),
      within: false,
    });
    expect(unbalance(1, 1.15).within).toBeTrue();
  });

  it('knows unbalance between pairs within 7 % of what carries side by side, or 0.1 ohm', () => {
    expect(unbalanceBetween([10.4])).toBeNull();
    expect(unbalanceBetween([10, 11.4, 10.2, 10.6])).toEqual({
      share: jasmine.any(Number),
      differenceOhm: jasmine.any(Number),
      within: true,
    });
    const { share, differenceOhm, within } = unbalanceBetween([10, 12]) ?? {};
    expect(differenceOhm).toBeCloseTo(0.5, 9);
    expect(share).toBeCloseTo(1 / 11, 9);
    expect(within).toBeFalse();
    // Short links: 20 % apart, and yet less than 0.1 ohm.
    expect(unbalanceBetween([1, 1.39])?.within).toBeTrue();
    expect(unbalanceBetween([1, 1.41])?.within).toBeFalse();
  });
});

describe('Power over the cable', () => {
  it('has at a full channel just what the standard gives the device', () => {
    // 100 m: a loop of 25 ohm in a pair; type 1 allows 40 ohm.
    for (const { id, deviceW } of POWER_CLASSES) {
      const loop = { value: id === 'af' ? 40 : 25, u: 0 };
      const budget = powerBudget(loop).find((row) => row.id === id);
      expect(Math.abs((budget?.mostW ?? 0) - deviceW))
        .withContext(id)
        .toBeLessThan(0.3);
    }
  });

  it('keeps energy: source power is what the device draws and what the cable loses', () => {
    for (const { id, deviceV, currentA, lostW } of powerBudget({ value: 10, u: 0 })) {
      const row = POWER_CLASSES.find((one) => one.id === id);
      if (!row || deviceV === null || currentA === null || lostW === null) throw new Error(id);
      expect(deviceV * currentA).toBeCloseTo(row.deviceW, 6);
      expect(row.sourceV * currentA).toBeCloseTo(row.deviceW + lostW, 6);
    }
  });

  it('says no where the cable is too long, and counts the upper end of what it may have', () => {
    expect(powerBudget({ value: 60, u: 0 }).every(({ enough }) => !enough)).toBeTrue();
    const [sure] = powerBudget({ value: 39, u: 0 });
    const [unsure] = powerBudget({ value: 39, u: 2 });
    expect([sure?.enough, unsure?.enough]).toEqual([true, false]);
  });
});
