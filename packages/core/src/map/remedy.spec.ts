import { level, type Thresholds } from './level';
import { commonBase, divider, fastestBitPerS, inverter, tellDivider } from './remedy';

const of = (id: string): Thresholds => {
  const thresholds = level(id)?.thresholds;
  if (!thresholds) throw new Error(id);
  return thresholds;
};

describe('A divider between two levels', () => {
  it('leaves the margin that its resistors leave, where the low is what is tight', () => {
    const out = { ...of('cmos-5'), outLowMaxV: 1 };
    const into = of('cmos-3v3');
    const found = divider(out, into);
    if (!found) throw new Error('No divider');
    const share = found.groundOhm / (found.seriesOhm + found.groundOhm);
    expect(into.inLowMaxV - out.outLowMaxV * share).toBeGreaterThan(0);
    expect(found.marginV).toBeCloseTo(
      Math.min(
        into.inMaxV - out.outHighMaxV * share,
        out.outHighMinV * share - into.inHighMinV,
        into.inLowMaxV - out.outLowMaxV * share,
        out.outLowMinV * share - into.inMinV,
      ),
      12,
    );
    // Both resistors charge the line: 2.2 time constants from 10 to 90 %, a third of a bit each, into the load.
    const parallel = 1 / (1 / found.seriesOhm + 1 / found.groundOhm);
    expect(found.bitPerS).toBeCloseTo(fastestBitPerS(parallel), 3);
    expect(found.bitPerS).toBeGreaterThan(fastestBitPerS(found.seriesOhm));
    // A low that is higher still leaves less, and in the end nothing.
    expect(divider({ ...out, outLowMaxV: 1.3 }, into)?.marginV ?? 0).toBeLessThan(found.marginV);
    expect(divider({ ...out, outLowMaxV: 4 }, into)).toBeNull();
  });
});

describe('How fast a divider is', () => {
  for (const [bitPerS, text] of [
    [2.44e5, '240 kbit/s'],
    [9.4e5, '940 kbit/s'],
    [1e6, '1 Mbit/s'],
    [1.26e6, '1.3 Mbit/s'],
  ] as const)
    it(`is told as ${text}`, () =>
      expect(tellDivider({ seriesOhm: 1000, groundOhm: 2000, bitPerS, marginV: 0.3 })).toContain(
        `Good to ${text} with`,
      ));
});

describe('A transistor between two levels', () => {
  it('pulls up by what leaves a milliampere to a saturated collector, the next value of E24', () => {
    // (5 V - 0.2 V) / 1 mA = 4.8 kilohm; (3.3 V - 0.2 V) / 1 mA = 3.1 kilohm.
    expect(inverter(of('eia-232'), 5).pullUpOhm).toBe(5100);
    expect(inverter(of('eia-232'), 3.3).pullUpOhm).toBe(3300);
    expect(commonBase(of('cmos-3v3'), of('cmos-5'), 3.3, 5)?.pullUpOhm).toBe(5100);
  });

  it('lifts no output whose low would not be low enough, nor to a supply that is too low', () => {
    expect(commonBase({ ...of('cmos-3v3'), outLowMaxV: 1.4 }, of('cmos-5'), 3.3, 5)).toBeNull();
    expect(commonBase(of('cmos-3v3'), of('cmos-5'), 3.3, 3)).toBeNull();
  });
});
