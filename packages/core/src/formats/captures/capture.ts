import type { MessageOf } from '../../message';
import type { Touchstone } from '../touchstone';
import type { CaptureMessages } from './messages';

/** A record of volts at even intervals. */
export interface Trace {
  readonly volts: Float64Array;
  readonly intervalS: number;
  /** Of the first sample, after the instrument's own clock. */
  readonly fromS: number;
}

/** What a file's own header tells of how it was taken. */
export interface CaptureHints {
  readonly scopeOhm: number | null;
  readonly velocityFactor: number | null;
}

/** What was kept out or put right while a file was read: a kind, and what people are told. */
export interface CaptureNote {
  readonly kind: 'truncated' | 'channels' | 'unit';
  readonly sentence: MessageOf<CaptureMessages>;
}

/** What an instrument measured of a line. */
export type Capture =
  | {
      readonly kind: 'trace';
      readonly trace: Trace;
      readonly hints: CaptureHints;
      readonly notes: readonly CaptureNote[];
      /** Line of the file of each sample's row: the first's, and one more for each after it. */
      readonly firstLine: number;
    }
  | {
      readonly kind: 'sweep';
      readonly network: Touchstone;
      readonly notes: readonly CaptureNote[];
    };

export type ParsedCapture =
  | { readonly ok: true; readonly capture: Capture }
  | { readonly ok: false; readonly line: number; readonly reason: string };
