import { delayOf } from '../hand/distance';
import type { Simulation } from './simulate';
import type { Segment } from './segment';

/** What can be put on a practice line. */
export const PRACTICE_FAULTS = ['none', 'water', 'splice', 'series', 'leak', 'tap'] as const;
export type PracticeFault = (typeof PRACTICE_FAULTS)[number];

/** A cable with one fault on it, and how it is looked at. */
export interface PracticeLine {
  /** Of the whole cable; its length too. */
  readonly cable: Segment;
  readonly fault: PracticeFault;
  readonly atM: number;
  /** How bad, 0 to 100; what it is in metres or ohms: see practiceStrength. */
  readonly strength: number;
  readonly end: 'open' | 'short' | 'matched';
  readonly launch: 'pulse' | 'step';
  readonly widthS: number;
  readonly noiseV: number;
}

/** Of polyethylene cable with water between its conductors, beside the dry one. Generic. */
const WET = { velocity: 0.85, impedance: 0.8 };
/** Of a pair whose conductors stand apart. Generic. */
const SPREAD = { velocity: 1, impedance: 1.35 };
const RISE_S = 1e-9;
const SAMPLES = 4096;
const QUIET_SAMPLES = 200;
/** Of the way to the far end and back, what the record holds. */
const SPAN = 1.5;
const LEAST_M = 0.01;

/** How bad a fault of a strength is: metres of it, or ohms. */
export function practiceStrength(
  fault: PracticeFault,
  strength: number,
): { value: number; unit: 'm' | 'Ω' | '' } {
  const sizes = {
    none: { value: 0, unit: '' },
    water: { value: strength / 10, unit: 'm' },
    splice: { value: strength / 100, unit: 'm' },
    series: { value: Math.max(0.5, strength), unit: 'Ω' },
    // The further the slider, the worse the leak.
    leak: { value: Math.round(2000 / (1 + strength)), unit: 'Ω' },
    tap: { value: Math.max(0.05, strength / 10), unit: 'm' },
  } as const;
  return sizes[fault];
}

/** What an instrument would show of a practice line. */
export function practise(line: PracticeLine): Simulation {
  const { cable, fault, atM, end, launch, widthS, noiseV } = line;
  const { value } = practiceStrength(fault, line.strength);
  const piece = (lengthM: number, than = { velocity: 1, impedance: 1 }): Segment => ({
    lengthM: Math.max(LEAST_M, lengthM),
    velocityFactor: cable.velocityFactor * than.velocity,
    impedanceOhm: cable.impedanceOhm * than.impedance,
    loss: cable.loss,
  });
  const cut = [piece(atM), piece(cable.lengthM - atM)];
  const other = (than: { velocity: number; impedance: number }) => ({
    segments: [piece(atM), piece(value, than), piece(cable.lengthM - atM - value)],
    joints: [{ kind: 'plain' }, { kind: 'plain' }] as const,
  });
  const built: Readonly<Record<PracticeFault, Pick<Simulation, 'segments' | 'joints'>>> = {
    none: { segments: [cable], joints: [] },
    water: other(WET),
    splice: other(SPREAD),
    series: { segments: cut, joints: [{ kind: 'series', ohm: value }] },
    leak: { segments: cut, joints: [{ kind: 'shunt', ohm: value }] },
    tap: { segments: cut, joints: [{ kind: 'tap', lengthM: value }] },
  };
  const intervalS =
    (SPAN * delayOf(cable.lengthM, cable.velocityFactor)) / (SAMPLES - QUIET_SAMPLES);
  return {
    ...built[fault],
    termination: { kind: end },
    probe: {
      kind: launch,
      volts: 2,
      riseS: RISE_S,
      widthS,
      sourceOhm: 50,
      scopeOhm: 1e6,
      intervalS,
      samples: SAMPLES,
      beforeS: QUIET_SAMPLES * intervalS,
    },
    noise: noiseV,
    quantumV: 0,
  };
}
