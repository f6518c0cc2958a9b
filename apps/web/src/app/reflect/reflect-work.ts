import { parseCapture } from '@near-spoke/core/captures';
import type { Message } from '@near-spoke/core/message';
import {
  analyseFile,
  fileUnread,
  firstLook,
  predictedCurve,
  goodLine,
  sweepCurve,
  type Analysis,
  type Curve,
  type FirstLook,
} from '@near-spoke/core/reflect/analyse';
import {
  partOf,
  pyramidOf,
  snapToEdge,
  type Point,
  type Pyramid,
  type Snapped,
} from '@near-spoke/core/reflect/hand';
import { sinceFiles, sinceSentence, type CaptureFile } from '@near-spoke/core/reflect/since';
import type { Told } from '@near-spoke/core/reflect/told';
import type { Uncertain } from '@near-spoke/core/units';
import { normalFrom, simulate, type Simulation } from '@near-spoke/core/reflect/simulate';
import type { Trace } from '@near-spoke/core/captures';

export interface Refused {
  readonly ok: false;
  readonly line: number | null;
  readonly reason: Message;
}

/** What a worker can be asked about traces, and what it answers. */
export type Work = {
  /** Reads a file and keeps it, to be looked at part by part; with what is told of it, looks at it at once. */
  readonly open: {
    readonly ask: {
      readonly file: Uint8Array | string;
      readonly name: string;
      readonly told: Told | null;
    };
    readonly answer:
      | Refused
      | {
          readonly ok: true;
          readonly samples: number;
          readonly intervalS: number;
          readonly fromS: number;
          /** Of a sweep, its echoes; of a trace null. */
          readonly echoes: Curve | null;
          readonly look: FirstLook | null;
        };
  };
  /** Of what is open: samples from one to another, in so many columns. */
  readonly part: {
    readonly ask: { readonly from: number; readonly to: number; readonly columns: number };
    readonly answer: readonly Point[];
  };
  readonly snap: {
    readonly ask: {
      readonly noiseV: number;
      readonly riseS: number;
      readonly nearS: number;
      readonly reachS: number;
    };
    readonly answer: Snapped | null;
  };
  readonly analyse: {
    readonly ask: {
      readonly file: Uint8Array | string;
      readonly name: string;
      readonly told: Told;
    };
    readonly answer:
      | Refused
      | {
          readonly ok: true;
          readonly analysis: Analysis;
          readonly fitted: Curve | null;
        };
  };
  /** What the trace would look like, were the link whole: there and back along it. */
  readonly whole: {
    readonly ask: { readonly analysis: Analysis; readonly linkDelayS: number };
    readonly answer: Curve | null;
  };
  /** Two files of one line laid over each other, and how much later each of some echoes comes. */
  readonly since: {
    readonly ask: {
      readonly before: CaptureFile;
      readonly now: CaptureFile;
      readonly velocityFactor: Uncertain;
      readonly echoes: readonly { readonly wasS: number; readonly isS: number }[];
    };
    readonly answer: {
      readonly sentence: Message;
      readonly shifts: readonly (Uncertain | null)[];
    };
  };
  readonly simulate: {
    readonly ask: { readonly simulation: Simulation; readonly seed: number };
    readonly answer: {
      readonly points: readonly Point[];
      readonly intervalS: number;
      /** Of the first sample, before the launch. */
      readonly fromS: number;
    };
  };
};

const SIMULATED_COLUMNS = 1400;
/** Progress is told no oftener. */
const TELL_EVERY_MS = 80;

export type WorkTable = {
  readonly [K in keyof Work]: (
    ask: Work[K]['ask'],
    progress: (share: number) => void,
  ) => Work[K]['answer'];
};

/** All of it, with the trace that is open kept from one to the next. */
export function reflectWork(): WorkTable {
  let trace: Trace | null = null;
  let pyramid: Pyramid | null = null;
  return {
    open: ({ file, name, told }) => {
      const parsed = parseCapture(file, name);
      if (!parsed.ok) return { ok: false, line: parsed.line, reason: fileUnread(parsed.reason) };
      const { capture } = parsed;
      const look = told && firstLook(capture, told);
      if (capture.kind === 'sweep') {
        [trace, pyramid] = [null, null];
        return {
          ok: true,
          samples: capture.network.points.length,
          intervalS: 0,
          fromS: 0,
          echoes: capture.network.points.length > 1 ? sweepCurve(capture.network) : null,
          look,
        };
      }
      trace = capture.trace;
      pyramid = pyramidOf(trace.volts);
      const { intervalS, fromS, volts } = trace;
      return { ok: true, samples: volts.length, intervalS, fromS, echoes: null, look };
    },
    part: ({ from, to, columns }) => (pyramid ? partOf(pyramid, from, to, columns) : []),
    snap: ({ noiseV, riseS, nearS, reachS }) =>
      trace ? snapToEdge(trace, noiseV, riseS, nearS, reachS) : null,
    whole: ({ analysis, linkDelayS }) => {
      const good = goodLine(analysis, linkDelayS);
      return good ? predictedCurve(analysis, good) : null;
    },
    since: ({ before, now, velocityFactor, echoes }) => {
      const found = sinceFiles(before, now, velocityFactor);
      return {
        sentence: sinceSentence(found),
        shifts: echoes.map(({ wasS, isS }) => found?.shiftOf(wasS, isS) ?? null),
      };
    },
    analyse: ({ file, name, told }, progress) => {
      let last = 0;
      const analysed = analyseFile(file, name, told, (share) => {
        const now = performance.now();
        if (now - last > TELL_EVERY_MS) progress(share);
        last = now;
      });
      if (!analysed.ok) return analysed;
      const { analysis } = analysed;
      const { trace: explained } = analysis;
      const fitted = explained ? predictedCurve(analysis, explained.guess.line) : null;
      return { ok: true, analysis, fitted };
    },
    simulate: ({ simulation, seed }) => {
      const capture = simulate(simulation, normalFrom(seed));
      if (capture.kind === 'sweep') throw new Error('A sweep is not drawn');
      const { volts, intervalS, fromS } = capture.trace;
      return {
        points: partOf(pyramidOf(volts), 0, volts.length, SIMULATED_COLUMNS),
        intervalS,
        fromS,
      };
    },
  };
}
