import { normalFrom, simulate } from '../simulate';
import { sourceShare } from '.';

/** How high an open end’s echo stands over the level before it, at a tee in front of 100 ohm, V. */
function openEcho(sourceOhm: number): number {
  const segment = {
    lengthM: 20,
    velocityFactor: 0.7,
    impedanceOhm: 100,
    loss: { a0: 0, a1: 0, a2: 0 },
  };
  const capture = simulate(
    {
      segments: [segment],
      joints: [],
      termination: { kind: 'open' },
      probe: {
        kind: 'step',
        volts: 1,
        riseS: 1e-9,
        widthS: 1e-9,
        sourceOhm,
        scopeOhm: 1e9,
        intervalS: 1e-9,
        samples: 300,
        beforeS: 20e-9,
      },
      noise: 0,
      quantumV: 0,
    },
    normalFrom(1),
  );
  if (capture.kind !== 'trace') throw new Error('no trace');
  const { volts } = capture.trace;
  // The echo comes after 190 ns, and its own echo 190 ns later.
  return (volts[280] ?? 0) - (volts[180] ?? 0);
}

describe('A source that does not match its cable', () => {
  it('shows an echo larger or smaller than it is, as the simulated tee does', () => {
    for (const sourceOhm of [50, 200]) {
      const share = sourceShare(sourceOhm, 100);
      const launched = 100 / (100 + sourceOhm);
      expect(openEcho(sourceOhm) / launched).toBeCloseTo(share?.shown ?? 0, 2);
    }
    expect(sourceShare(50, 100)?.back).toBeCloseTo(-1 / 3, 6);
  });

  it('is nothing to speak of where it nearly does', () => {
    expect(sourceShare(95, 100)).toBeNull();
    expect(sourceShare(50, 50)).toBeNull();
  });
});
