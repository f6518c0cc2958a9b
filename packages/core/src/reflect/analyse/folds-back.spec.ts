import { inEnglish } from '../../testing/in-english';
import { normalFrom, simulate, type Simulation } from '../simulate';
import { NOTHING_TOLD } from '../told';
import { analyse } from './analyse';

const open = (lengthM: number, points: number): Simulation => ({
  segments: [
    { lengthM, velocityFactor: 0.7, impedanceOhm: 50, loss: { a0: 0, a1: 1.2, a2: 0.01 } },
  ],
  joints: [],
  termination: { kind: 'open' },
  probe: { kind: 'one-port', fromHz: 1e6, toHz: 250e6, points, referenceOhm: 50 },
  noise: 0.001,
  quantumV: 0,
});
const analysed = (lengthM: number, points: number) => {
  const answer = analyse(simulate(open(lengthM, points), normalFrom(4)), {
    ...NOTHING_TOLD,
    velocityFactor: { value: 0.7, u: 0.007 },
  });
  if (!answer.ok) throw new Error(answer.reason.code);
  return answer.analysis;
};
const folds = ({ problems }: ReturnType<typeof analysed>) =>
  problems.find(({ kind }) => kind === 'folds-back')?.sentence;

describe('A sweep in steps', () => {
  // 101 points are 2.49 MHz apart: 401.6 ns, there and back along 42.1 m.
  for (const lengthM of [60, 90, 110])
    it(`sees nearer what lies at ${lengthM} m, tells it by its phases and loss, and says so`, () => {
      const coarse = analysed(lengthM, 101);
      expect(coarse.events.map(({ kind }) => kind)).toEqual(['open']);
      expect(coarse.events[0]?.distanceM.value).toBeCloseTo(lengthM, 0);
      const told = coarse.problems.find(({ kind }) => kind === 'beyond-steps')?.sentence;
      expect(told && inEnglish(told)).toMatch(
        new RegExp(`^Steps of 2\\.49 MHz see 42\\.1 m far, .* those of ${lengthM}\\.\\d m,`),
      );
      expect(folds(coarse)).toBeUndefined();
    });

  it('hides at the port what lies twice as far as it sees, and is sure of nothing then', () => {
    const { events, problems } = analysed(84.4, 101);
    for (const { confidence } of events) expect(confidence).toBeLessThanOrEqual(0.5);
    expect(problems.some(({ kind }) => kind === 'folds-back')).toBeTrue();
  });

  it('that are fine enough leaves no doubt', () => {
    const fine = analysed(60, 601);
    expect(fine.events.at(-1)?.distanceM.value).toBeCloseTo(60, 1);
    expect(folds(fine)).toBeUndefined();
  });
});

describe('The unit of a sweep’s frequencies', () => {
  const of = (by: number) => {
    const capture = simulate(open(20, 401), normalFrom(4));
    if (capture.kind !== 'sweep') throw new Error('no sweep');
    const points = capture.network.points.map((point) => ({ ...point, hz: point.hz * by }));
    const answer = analyse(
      { ...capture, network: { ...capture.network, points } },
      { ...NOTHING_TOLD, velocityFactor: { value: 0.7, u: 0.007 } },
    );
    if (!answer.ok) throw new Error(answer.reason.code);
    const told = answer.analysis.problems.find(({ kind }) => kind === 'units-doubted');
    return told && inEnglish(told.sentence);
  };

  it('is asked about where no cable would be so long', () => {
    expect(of(1)).toBeUndefined();
    expect(of(1000)).toBe(
      'A sweep up to 250 GHz in such steps sees 0.17 m far, which is no cable: does the file name the right unit of frequency? Up to 250 MHz it would see 168.56 m.',
    );
    expect(of(1e-3)).toContain('Up to 250 MHz it would see 168.56 m.');
  });
});
