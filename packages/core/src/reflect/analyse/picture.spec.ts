import { delayOf } from '../hand';
import { normalFrom, simulate, type Simulation } from '../simulate';
import { NOTHING_TOLD } from '../told';
import { analyse } from './analyse';
import { predictedCurve, goodLine, sweepCurve, type Curve } from './picture';

const VF = 0.7;
const simulated = (lengthM: number, probe: Simulation['probe'], noise = 0) =>
  simulate(
    {
      segments: [
        {
          lengthM,
          velocityFactor: VF,
          impedanceOhm: 50,
          loss: { a0: 0, a1: 1.2, a2: 0.01 },
        },
      ],
      joints: [],
      termination: { kind: 'open' },
      probe,
      noise,
      quantumV: 0,
    },
    normalFrom(8),
  );
const STEP: Simulation['probe'] = {
  kind: 'step',
  volts: 2,
  riseS: 1e-9,
  widthS: 0,
  sourceOhm: 50,
  scopeOhm: 1e6,
  intervalS: 0.2e-9,
  samples: 2500,
  beforeS: 40e-9,
};
function explained(lengthM: number, probe: Simulation['probe'], noise = 0.002) {
  const answer = analyse(simulated(lengthM, probe, noise), {
    ...NOTHING_TOLD,
    velocityFactor: { value: VF, u: 0 },
    impedanceOhm: 50,
  });
  if (!answer.ok) throw new Error(answer.reason.code);
  return answer.analysis;
}
const at = ({ delayS, values }: Curve, when: number) =>
  values[delayS.findIndex((delay) => delay >= when)] ?? Number.NaN;

describe('What is drawn beside a trace', () => {
  it('is what explains it: the very levels that were measured', () => {
    const analysis = explained(25, STEP);
    const line = analysis.trace?.guess.line;
    const curve = line && predictedCurve(analysis, line);
    if (!curve) throw new Error('No curve');
    const capture = simulated(25, STEP);
    if (capture.kind !== 'trace') throw new Error('No trace');
    const { volts, intervalS, fromS } = capture.trace;
    // Before the launch, on the line, and behind the echo of its open end.
    for (const when of [-10e-9, 100e-9, 190e-9, 300e-9, 400e-9])
      expect(at(curve, when)).toBeCloseTo(volts[Math.round((when - fromS) / intervalS)] ?? 0, 1);
    expect(curve.values.length).toBeLessThanOrEqual(3000);
  });

  it('is the link as it should be, with its end where the length has it', () => {
    const analysis = explained(25, STEP);
    const line = goodLine(analysis, delayOf(40, VF));
    const curve = line && predictedCurve(analysis, line);
    if (!curve) throw new Error('No curve');
    const [before, after] = [delayOf(38, VF), delayOf(42, VF)];
    expect(at(curve, before)).toBeCloseTo(1, 1);
    expect(at(curve, after)).toBeGreaterThan(1.5);
  });

  it('is the echoes of a sweep over their delays; no line of its own', () => {
    const probe = {
      kind: 'one-port',
      fromHz: 1e6,
      toHz: 501e6,
      points: 501,
      referenceOhm: 50,
    } as const;
    const capture = simulated(25, probe);
    if (capture.kind !== 'sweep') throw new Error('No sweep');
    const { delayS, values } = sweepCurve(capture.network);
    const most = values.indexOf(Math.max(...values));
    expect(delayS[most]).toBeCloseTo(delayOf(25, VF), 8);
    const analysis = explained(25, probe, 0.0005);
    expect(goodLine(analysis, 1e-7)).toBeNull();
    expect(
      predictedCurve(analysis, {
        impedanceOhm: 50,
        loss: { resistance: 0, skin: 0, dielectric: 0 },
        changes: [],
      }),
    ).toBeNull();
  });
});
