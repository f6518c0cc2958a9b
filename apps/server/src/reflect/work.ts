import type { ParsedCapture } from '@near-spoke/core/captures';
import type { Analysed } from '@near-spoke/core/reflect/analyse';
import type { Simulation } from '@near-spoke/core/reflect/simulate';
import type { Told } from '@near-spoke/core/reflect/told';

/** What the thread can be asked, and what it answers. */
export type Work = {
  readonly analyse: {
    readonly ask: {
      readonly file: Uint8Array | string;
      readonly name: string;
      readonly told: Told;
    };
    readonly answer:
      | { readonly ok: true; readonly analysed: Analysed; readonly firstLine: number | null }
      | Extract<ParsedCapture, { readonly ok: false }>;
  };
  readonly simulate: {
    readonly ask: { readonly simulation: Simulation; readonly seed: number };
    readonly answer: {
      readonly trace: {
        readonly intervalS: number;
        readonly fromS: number;
        readonly volts: readonly number[];
      } | null;
      readonly touchstone: string | null;
    };
  };
};
