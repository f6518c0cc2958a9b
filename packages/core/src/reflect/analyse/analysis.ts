import type { Message } from '../../message';
import type { Uncertain } from '../../units';
import type { Problem, TraceEvent } from './event';
import type { Fit } from './fit-guess';
import { spreadOf } from './fit-guess';
import type { Guess } from './guess';
import type { ImpedanceProfile } from './profile';
import type { Survey } from './survey';
import type { Through } from './through';

/** What a capture tells of a line. */
export interface Analysis {
  readonly kind: 'pulse' | 'step' | 'one-port' | 'two-port';
  readonly samples: number;
  /** Of a sweep, what its points resolve. */
  readonly intervalS: number;
  readonly events: readonly TraceEvent[];
  readonly problems: readonly Problem[];
  readonly velocityFactor: Uncertain;
  /** Of a record: how far it reaches, there and back. */
  readonly rangeS: number;
  readonly trace: ExplainedTraceFacts | null;
  readonly through: Through | null;
  /** The impedance along the line; null of a pulse, which leaves too much of it untold. */
  readonly impedance: ImpedanceProfile | null;
  /** Of the cable, as far as the capture tells. */
  readonly cable: CableFound;
}

/** What a fit tells of the cable itself. */
export interface CableFound {
  readonly impedanceOhm: Uncertain;
  readonly skin: Uncertain;
}

/** What a trace's picture is drawn with. */
export interface ExplainedTraceFacts {
  readonly survey: Survey;
  readonly launchAtS: number;
  readonly riseS: number;
  readonly widthS: number | null;
  readonly guess: Guess;
  /** The times, after the instrument's clock, that the guess's own begin at. */
  readonly fromS: number;
}

export type Analysed =
  | { readonly ok: true; readonly analysis: Analysis }
  /** Sample or point, counted from 0, that it hangs on. */
  | { readonly ok: false; readonly sample: number; readonly reason: Message };

export function cableOf(fit: Fit): CableFound {
  const { impedanceOhm, loss } = fit.guess.line;
  return {
    impedanceOhm: { value: impedanceOhm, u: spreadOf(fit, 'impedance') },
    skin: { value: loss.skin, u: spreadOf(fit, 'skin') },
  };
}
