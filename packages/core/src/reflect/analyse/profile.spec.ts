import { LIGHT_M_S } from '../../units';
import { normalFrom, simulate, type Simulation } from '../simulate';
import { NOTHING_TOLD } from '../told';
import { analyse } from '.';
import { layerPeeling } from './layer-peeling';
import type { ImpedanceProfile } from './profile';

const VF = 0.7;
const piece = (lengthM: number, impedanceOhm = 50) => ({
  lengthM,
  velocityFactor: VF,
  impedanceOhm,
  loss: { a0: 0, a1: 1.4, a2: 0.005 },
});
const STEP = {
  kind: 'step' as const,
  volts: 2,
  riseS: 1e-9,
  widthS: 5e-9,
  sourceOhm: 50,
  scopeOhm: 1e6,
  intervalS: 0.2e-9,
  samples: 3000,
  beforeS: 30e-9,
};

function profileOf(line: Partial<Simulation>, probe: Simulation['probe'], noise = 0.002) {
  const capture = simulate(
    {
      segments: [piece(8), piece(3, 40), piece(9)],
      joints: [{ kind: 'plain' }, { kind: 'plain' }],
      termination: { kind: 'open' },
      noise,
      quantumV: 0,
      ...line,
      probe,
    },
    normalFrom(3),
  );
  const analysed = analyse(capture, {
    ...NOTHING_TOLD,
    velocityFactor: { value: VF, u: 0 },
    impedanceOhm: 50,
    sourceOhm: 50,
    scopeOhm: 1e6,
  });
  if (!analysed.ok) throw new Error(analysed.reason.code);
  return analysed.analysis.impedance;
}

const at = ({ ohm, stepS }: ImpedanceProfile, metres: number): number =>
  ohm[Math.round((2 * metres) / (VF * LIGHT_M_S) / stepS)] ?? Number.NaN;

describe('Peeling', () => {
  it('gives back the layers that made the echoes, whatever goes to and fro between them', () => {
    const ohms = [50, 50, 75, 75, 75, 30, 30, 120, 120, 50];
    // By following every wave through the lattice.
    const shares = ohms.map((ohm, n) =>
      n === 0 ? 0 : (ohm - (ohms[n - 1] as number)) / (ohm + (ohms[n - 1] as number)),
    );
    let down = ohms.map(() => 0);
    let up = ohms.map(() => 0);
    down[0] = 1;
    const echoes: number[] = [];
    for (let step = 0; step < 2 * ohms.length; step += 1) {
      const nextDown = ohms.map(() => 0);
      const nextUp = ohms.map(() => 0);
      for (let n = 1; n < ohms.length; n += 1) {
        const share = shares[n] as number;
        nextDown[n] = (1 + share) * (down[n - 1] as number) - share * (up[n] as number);
        nextUp[n - 1] = share * (down[n - 1] as number) + (1 - share) * (up[n] as number);
      }
      echoes.push(nextUp[0] as number);
      [down, up] = [nextDown, nextUp];
    }
    // A step there and back is two of the lattice.
    const every = Float64Array.from(ohms.slice(1), (_, n) => echoes[2 * n] as number);
    const peeled = layerPeeling(every, 50);
    ohms.slice(1).forEach((ohm, n) => expect(peeled[n]).toBeCloseTo(ohm, 6));
  });
});

describe('The impedance along a line', () => {
  it('is what the pieces have, by a step, up to the end', () => {
    const profile = profileOf({}, STEP);
    if (!profile) throw new Error('No profile');
    for (const [metres, ohm] of [
      [4, 50],
      [9.5, 40],
      [15, 50],
    ] as const) {
      const u = profile.ohmU[Math.round((2 * metres) / (VF * LIGHT_M_S) / profile.stepS)] ?? 0;
      expect(Math.abs(at(profile, metres) - ohm))
        .withContext(`${metres} m`)
        .toBeLessThan(3 * u);
      expect(u).toBeLessThan(1);
      expect(u).toBeGreaterThan(0.02);
    }
    expect(profile.ohm.length * profile.stepS).toBeLessThan((2 * 20) / (VF * LIGHT_M_S));
  });

  it('shows what is too little to be told as an event', () => {
    const profile = profileOf({ segments: [piece(8), piece(3, 50.6), piece(9)] }, STEP, 0.0003);
    if (!profile) throw new Error('No profile');
    const before = at(profile, 7);
    expect(at(profile, 10) - before).toBeGreaterThan(0.35);
    expect(at(profile, 10) - before).toBeLessThan(0.85);
    expect(Math.abs(at(profile, 14) - before)).toBeLessThan(0.35);
  });

  it('is the same by a sweep, and is not told of a pulse', () => {
    const profile = profileOf(
      {},
      { kind: 'one-port', fromHz: 1e6, toHz: 600e6, points: 600, referenceOhm: 50 },
      1e-4,
    );
    if (!profile) throw new Error('No profile');
    expect(Math.abs(at(profile, 9.5) - 40)).toBeLessThan(1);
    expect(Math.abs(at(profile, 4) - 50)).toBeLessThan(1);
    expect(profileOf({}, { ...STEP, kind: 'pulse' as const })).toBeNull();
  });
});
