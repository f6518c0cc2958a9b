import { message } from '../../message';
import type { Uncertain } from '../../units';

/** A distance that a delay is told as: finer near the launch. */
export interface Far {
  readonly distanceM: number;
  readonly isNear: boolean;
}

/** What a person must know before the events are trusted, and why a capture can't be used. */
export interface AnalyseMessages {
  readonly 'velocity-assumed': { readonly velocityFactor: Uncertain };
  readonly 'impedance-assumed': { readonly ohm: number };
  readonly 'pulse-or-step': { readonly away: Far };
  /** Samples are counted from 1. */
  readonly clipped: { readonly fromSample: number; readonly count: number; readonly volts: number };
  readonly 'nothing-comes-back': { readonly reach: Far; readonly velocityFactor: number };
  /** What the unit of frequency that a file names makes of a cable, and what another would. */
  readonly 'units-doubted': {
    readonly topHz: number;
    readonly reachM: number;
    readonly likelier: { readonly topHz: number; readonly reachM: number };
  };
  readonly 'folds-back': { readonly stepHz: number; readonly reach: Far };
  /** What is told lies behind what the steps see: its phases and its loss fit nowhere nearer. */
  readonly 'beyond-steps': { readonly stepHz: number; readonly reach: Far; readonly at: Far };
  readonly 'close-faults': {
    readonly first: Far;
    readonly second: Far;
    readonly launch: 'pulse' | 'step';
    /** Whether the model tells the two apart, though the launch does not. */
    readonly isTold: boolean;
  };
  /** Which of the two ends there, the branch or the line, nothing measured tells. */
  readonly 'branch-or-end': { readonly branch: Far; readonly end: Far };
  readonly unexplained: { readonly from: Far };

  /** Where something comes back from, before it is explained; and how many more, smaller ones. */
  readonly 'first-look': { readonly at: readonly Uncertain[]; readonly more: number };
  /** Of the places of the first look, those that are places; by how much the most moved of them did. */
  readonly 'look-stands': { readonly count: number; readonly of: number; readonly by: Far };
  readonly 'look-gone': { readonly at: readonly Far[] };
  readonly 'look-new': { readonly at: readonly Far[] };

  /** A reader of files says why, in its own words. */
  readonly 'file-unread': { readonly reason: string };
  readonly 'too-few-samples': { readonly count: number; readonly least: number };
  readonly 'too-few-points': { readonly count: number; readonly least: number };
  readonly 'too-many-ports': { readonly ports: number };
  readonly 'uneven-points': object;
  readonly 'all-samples-alike': object;
  readonly 'no-launch-in-noise': object;
  readonly 'no-launch-rises': object;
  readonly 'launch-at-start': object;
  readonly 'launch-cut-off': { readonly volts: number };
}

export const tell = message<AnalyseMessages>();

/** What a reader of files says of one that it can’t read. */
export const fileUnread = (reason: string) => tell('file-unread', { reason });
