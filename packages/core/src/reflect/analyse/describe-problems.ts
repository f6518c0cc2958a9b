import { formatDistance, type Uncertain } from '../../units';
import { metresOf } from '../hand';
import { riseOf } from '../line/launch';
import type { Problem, TraceEvent } from './event';
import type { ExplainedTrace } from './explain-trace';
import type { Survey } from './survey';
import type { Told } from '../told';

interface Circumstances {
  readonly told: Told;
  readonly events: readonly TraceEvent[];
  readonly explained: ExplainedTrace | null;
  readonly survey: Survey | null;
  /** Of a sweep of one port: an echo that takes longer than one over it looks nearer than it is. */
  readonly stepHz: number | null;
  readonly rangeS: number;
  readonly velocityFactor: Uncertain;
  /** Of the cable, as it was fitted. */
  readonly impedanceOhm: number;
}

/** What a person must know before they trust the events, one sentence each. */
export function describeProblems(all: Circumstances): Problem[] {
  const metres = (delayS: number) =>
    formatDistance(
      metresOf(delayS, all.velocityFactor.value),
      all.told.units,
      delayS < 1e-7 ? 2 : 1,
    );
  const factor = all.velocityFactor.value.toFixed(2);
  const places = all.events.filter(({ kind }) => kind !== 'ghost');
  return [
    all.told.velocityFactor === null && {
      kind: 'velocity-assumed' as const,
      sentence: `No velocity factor was told: ${factor} ± ${all.velocityFactor.u.toFixed(2)} is assumed, and every distance is as uncertain. Measure a known length first.`,
    },
    all.told.impedanceOhm === null && {
      kind: 'impedance-assumed' as const,
      sentence: `No cable impedance was told: of the usual ones, about ${all.impedanceOhm.toFixed(0)} ohm explains it best.`,
    },
    all.explained?.eitherKind && {
      kind: 'pulse-or-step' as const,
      sentence: `The launch can be a pulse, or a step into a short ${metres(all.survey?.widthS ?? 0)} away: say which it is.`,
    },
    ...(all.survey?.clipped ?? []).slice(0, 1).map((cut) => ({
      kind: 'clipped' as const,
      sentence: `From sample ${cut.from + 1} on, ${cut.to - cut.from} samples are cut off at ${cut.volts.toPrecision(3)} V: they were left out, and what they hide is not known.`,
    })),
    places.length === 0 && {
      kind: 'nothing-comes-back' as const,
      sentence: `Nothing comes back within the record, which reaches ${metres(all.rangeS)} at a velocity factor of ${factor}: the end is matched, or lies beyond.`,
    },
    all.stepHz !== null &&
      mayFoldBack(places, 1 / all.stepHz, all.velocityFactor) && {
        kind: 'folds-back' as const,
        sentence: `Steps of ${(all.stepHz / 1e6).toPrecision(3)} MHz see ${metres(1 / all.stepHz)} far: what lies behind that looks nearer than it is. If the cable may be longer, sweep in finer steps.`,
      },
    ...closePairs(places, all.explained).map(([first, second]) => ({
      kind: 'close-faults' as const,
      sentence: `What lies at ${metres(first.delayS.value)} and at ${metres(second.delayS.value)} is nearer together than this ${all.explained?.kind === 'pulse' ? 'pulse is long' : 'edge'}: ${
        second.delayS.value - first.delayS.value > 4 * Math.hypot(first.delayS.u, second.delayS.u)
          ? 'only the model tells the two apart, a shorter one would show them'
          : 'they can’t be told apart with it'
      }.`,
    })),
    all.explained &&
      all.explained.unexplainedS !== null && {
        kind: 'unexplained' as const,
        sentence: `From about ${metres(all.explained.unexplainedS)} on, the trace shows more than the events explain: trust nothing behind it.`,
      },
  ].filter((problem) => problem !== false && problem !== null && problem !== undefined);
}

/** The longest channel of structured cabling, metres. Source: ISO/IEC 11801-1. */
const LONGEST_M = 100;
/** A cable whose end lies beyond this share of what a sweep sees is of a kind with longer ones. */
const WELL_WITHIN = 0.5;

/** Whether a cable may well be longer than a sweep sees: where its end seems to be, does not tell. */
function mayFoldBack(
  places: readonly TraceEvent[],
  seenS: number,
  velocityFactor: Uncertain,
): boolean {
  const end = places.find((place) => place.end);
  return (
    metresOf(seenS, velocityFactor.value) < LONGEST_M ||
    !end ||
    end.delayS.value > WELL_WITHIN * seenS
  );
}

/** Neighbours that are nearer than the launch is long. */
function closePairs(
  places: readonly TraceEvent[],
  explained: ExplainedTrace | null,
): (readonly [TraceEvent, TraceEvent])[] {
  if (!explained) return [];
  const { launch } = explained.weighed.fit.guess;
  const longS = launch.widthS ?? riseOf(launch);
  return places.slice(1).flatMap((second, index) => {
    const first = places[index];
    return first && second.delayS.value - first.delayS.value < longS
      ? [[first, second] as const]
      : [];
  });
}
