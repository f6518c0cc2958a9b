import { level, type Thresholds } from './level';
import { commonBase, inverter } from './remedy';

const of = (id: string): Thresholds => {
  const thresholds = level(id)?.thresholds;
  if (!thresholds) throw new Error(id);
  return thresholds;
};

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
