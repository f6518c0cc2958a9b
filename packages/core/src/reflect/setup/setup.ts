import type { Message } from '../../message';
import { delayOf, metresOf } from '../hand';
import { smoothLaunch } from '../line/launch';
import { traceOf } from '../line/respond';
import { lossOf, type SheetLoss } from '../simulate/segment';
import { tell, type SetupMessages } from './messages';

/** What is to be measured. */
export interface SetupTask {
  readonly lengthM: number;
  readonly velocityFactor: number;
  readonly impedanceOhm: number;
  readonly loss: SheetLoss;
}

/** What there is to measure it with. */
export interface Scope {
  readonly bandwidthHz: number;
  readonly samplesPerS: number;
  readonly memory: number;
  /** Noise of one sample, as a share of the launch's height. */
  readonly noiseShare: number;
}

export interface Setup {
  readonly pulseWidthS: number;
  /** Record from the launch to behind the far end. */
  readonly spanS: number;
  readonly samplesPerS: number;
  readonly averages: number;
  /** Two places nearer than this look like one, near the launch and at the far end. */
  readonly resolutionNearM: number;
  readonly resolutionFarM: number;
  /** What lies nearer is hidden in the launch, unless the model tells it. */
  readonly deadZoneM: number;
  /** The far end's echo, of the launch's height. */
  readonly farEcho: number;
  readonly riseS: number;
  readonly verdicts: readonly { readonly ok: boolean; readonly sentence: Message }[];
}

/** Widths that pulsers have. Generic. */
const WIDTHS_S = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000].map((ns) => ns * 1e-9);
/** An echo is told from the noise when it stands out so many times. */
const STANDS_OUT = 8;
/** So much comes back at least, so that a joint that gives back a tenth of it is still seen. */
const LEAST_ECHO = 0.05;
const MOST_AVERAGES = 1024;
const SAMPLES_AN_EDGE = 5;
/** The rise that a bandwidth leaves of a step: textbook figure of one pole. */
const RISE_TIMES_BANDWIDTH = 0.35;

/**
 * How to set an instrument for a cable: the shortest pulse whose echo from the far end is still seen, the
 * span, the rate and the averages it takes, and whether a given scope can do it.
 *
 * The echo is worked out on the line's own model, so that its loss and smear count.
 */
export function adviseSetup(task: SetupTask, scope: Scope): Setup {
  const delayS = delayOf(task.lengthM, task.velocityFactor);
  const riseS = RISE_TIMES_BANDWIDTH / scope.bandwidthHz;
  const wide = WIDTHS_S.filter((width) => width >= 1.5 * riseS);
  const tried: { width: number; height: number; widthThere: number }[] = [];
  const enough = ({ height }: { height: number }) =>
    height >= LEAST_ECHO && height * Math.sqrt(MOST_AVERAGES) >= STANDS_OUT * scope.noiseShare;
  for (const width of wide.length > 0 ? wide : WIDTHS_S.slice(-1)) {
    const echo = { width, ...farEchoOf(task, width, riseS, delayS) };
    tried.push(echo);
    if (enough(echo)) break;
  }
  const chosen = tried.reduce((a, b) => (enough(b) || b.height > a.height ? b : a));
  const averages = Math.min(
    MOST_AVERAGES,
    2 ** Math.max(0, Math.ceil(2 * Math.log2((STANDS_OUT * scope.noiseShare) / chosen.height))),
  );
  const samplesPerS = Math.min(scope.samplesPerS, SAMPLES_AN_EDGE / riseS);
  const spanS = 1.25 * delayS + 2 * chosen.width;
  const edge = (width: number) => metresOf(width, task.velocityFactor);
  const neededMemory = Math.ceil(spanS * samplesPerS);
  return {
    pulseWidthS: chosen.width,
    spanS,
    samplesPerS,
    averages,
    resolutionNearM: edge(Math.max(chosen.width, riseS)),
    resolutionFarM: edge(Math.max(chosen.width, chosen.widthThere)),
    deadZoneM: edge(chosen.width + riseS),
    farEcho: chosen.height,
    riseS,
    verdicts: [
      verdict('scope-memory', {
        needed: neededMemory,
        kept: scope.memory,
        isEnough: neededMemory <= scope.memory,
      }),
      verdict('scope-rate', { isEnough: scope.samplesPerS >= SAMPLES_A_HERTZ * scope.bandwidthHz }),
      verdict('far-echo', { share: chosen.height, isEnough: enough(chosen) }),
    ],
  };
}

/** Edges that a scope's bandwidth lets through want so many samples a second for each hertz of it. */
const SAMPLES_A_HERTZ = 2.5;

const verdict = <Code extends 'scope-memory' | 'scope-rate' | 'far-echo'>(
  code: Code,
  carried: SetupMessages[Code],
) => ({ ok: carried.isEnough, sentence: tell(code, carried) });

/**
 * Height and width, at half height, of what comes back from an open far end. An edge that is finer than
 * the grid of a long cable is taken as steep as the grid shows: the cable smears it far more.
 */
function farEchoOf(task: SetupTask, widthS: number, edgeS: number, delayS: number) {
  const intervalS = Math.max(edgeS / 3, (delayS + 6 * widthS) / 8192);
  const riseS = Math.max(edgeS, intervalS);
  const samples = Math.ceil((1.3 * delayS + 6 * widthS) / intervalS) + 64;
  const trace = traceOf(
    {
      sections: [
        {
          impedanceOhm: task.impedanceOhm,
          delayS: delayS / 2,
          loss: lossOf(task.loss, task.velocityFactor),
        },
      ],
      joints: [],
      termination: { kind: 'open' },
    },
    // Of a matched source half the volts reach the line: a launch of one.
    smoothLaunch(2, riseS, widthS),
    { sourceOhm: task.impedanceOhm, scopeOhm: 1e6, scopeF: 0 },
    { samples, intervalS, fromS: -32 * intervalS },
    riseS,
  );
  const from = 32 + Math.floor((delayS - riseS) / intervalS);
  const echo = trace.subarray(Math.max(0, from));
  const height = echo.reduce((most, volt) => Math.max(most, volt), 0);
  const wide = echo.reduce((count, volt) => count + (volt > height / 2 ? 1 : 0), 0);
  return { height, widthThere: wide * intervalS };
}
