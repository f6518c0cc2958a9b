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
  it('shows nearer what lies behind what it sees, and says that it may', () => {
    const coarse = analysed(60, 101);
    const end = coarse.events.find((event) => event.end);
    if (end) expect(end.distanceM.value).toBeLessThan(42.2);
    const told = folds(coarse);
    expect(told && inEnglish(told)).toContain('2.49 MHz see 42.1 m far');
  });

  it('that are fine enough leaves no doubt', () => {
    const fine = analysed(60, 601);
    expect(fine.events.at(-1)?.distanceM.value).toBeCloseTo(60, 1);
    expect(folds(fine)).toBeUndefined();
  });
});
