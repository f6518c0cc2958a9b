import { NOTHING_TOLD } from '../told';
import { analyse } from '../analyse';
import {
  normalFrom,
  PRACTICE_FAULTS,
  practise,
  practiceStrength,
  simulate,
  type PracticeFault,
  type PracticeLine,
} from '.';

const LINE: PracticeLine = {
  cable: {
    lengthM: 40,
    velocityFactor: 0.7,
    impedanceOhm: 100,
    loss: { a0: 0, a1: 1.8, a2: 0.01 },
  },
  fault: 'none',
  atM: 15,
  strength: 40,
  end: 'open',
  launch: 'step',
  widthS: 5e-9,
  noiseV: 0.002,
};

describe('A practice line', () => {
  const kinds = (fault: PracticeFault) => {
    const analysed = analyse(simulate(practise({ ...LINE, fault }), normalFrom(2)), {
      ...NOTHING_TOLD,
      velocityFactor: { value: 0.7, u: 0 },
      impedanceOhm: 100,
      sourceOhm: 50,
      scopeOhm: 1e6,
    });
    if (!analysed.ok) throw new Error(analysed.reason.code);
    return analysed.analysis.events.filter(({ kind }) => kind !== 'ghost');
  };

  it('shows what was put on it, where it was put', () => {
    const wanted: Readonly<Record<PracticeFault, readonly string[]>> = {
      none: ['open'],
      water: ['drop', 'rise', 'open'],
      splice: ['rise', 'drop', 'open'],
      series: ['series', 'open'],
      leak: ['tap', 'open'],
      tap: ['tap', 'open'],
    };
    for (const fault of PRACTICE_FAULTS) {
      const events = kinds(fault);
      expect(events.map(({ kind }) => kind))
        .withContext(fault)
        .toEqual(wanted[fault] as never);
      if (fault !== 'none')
        expect(Math.abs((events[0]?.distanceM.value ?? 0) - 15)).toBeLessThan(0.2);
    }
  });

  it('is worse the further the slider is', () => {
    for (const fault of PRACTICE_FAULTS) {
      const [little, much] = [practiceStrength(fault, 10), practiceStrength(fault, 90)];
      expect(little.unit).toBe(much.unit);
      // Less across is a worse leak.
      const grows = Math.sign(much.value - little.value);
      expect(grows)
        .withContext(fault)
        .toBe(fault === 'leak' ? -1 : fault === 'none' ? 0 : 1);
    }
  });

  it('has no piece of no length, wherever the fault is put', () => {
    for (const atM of [0, 40]) {
      const { segments } = practise({ ...LINE, fault: 'water', atM });
      expect(segments.every(({ lengthM }) => lengthM > 0)).toBeTrue();
    }
  });
});
