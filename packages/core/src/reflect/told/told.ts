import type { Uncertain } from '../../units';

/** What is told of a measurement beside its samples; what is not told is found, or assumed and said so. */
export interface Told {
  readonly velocityFactor: Uncertain | null;
  /** Of the cable. */
  readonly impedanceOhm: number | null;
  readonly sourceOhm: number | null;
  readonly scopeOhm: number | null;
  readonly pulse: 'auto' | 'pulse' | 'step';
  readonly pulseWidthS: number | null;
  readonly riseS: number | null;
  /** Of the cable's loss, 1/√s of skin effect; see Loss. */
  readonly skin: Uncertain | null;
}

export const NOTHING_TOLD: Told = {
  velocityFactor: null,
  impedanceOhm: null,
  sourceOhm: null,
  scopeOhm: null,
  pulse: 'auto',
  pulseWidthS: null,
  riseS: null,
  skin: null,
};

/** A cable that nobody knows. Solid polyethylene has 0.66, foam 0.8 and more: generic, and wide. */
export const ANY_VELOCITY: Uncertain = { value: 0.7, u: 0.05 };
/** Of a velocity factor that is told without its uncertainty, a share: read from a sheet or a jacket. */
export const TOLD_VELOCITY_U = 0.01;
export const ANY_IMPEDANCE_OHM = 50;
export const ANY_SOURCE_OHM = 50;
export const HIGH_OHM = 1e6;
