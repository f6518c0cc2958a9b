import type { Uncertain } from '../../units';
import { metresOf } from '../hand';
import { riseOf } from '../line/launch';
import { branchOrEnd } from './branch-or-end';
import type { Problem, ProblemKind, TraceEvent } from './event';
import type { ExplainedTrace } from './explain-trace';
import type { GuessedLine } from './guess';
import { tell, type AnalyseMessages, type Far } from './messages';
import type { Survey } from './survey';
import type { Told } from '../told';

/** What a sweep went over. */
interface SweptOver {
  readonly topHz: number;
  readonly stepHz: number;
}

interface Circumstances {
  readonly told: Told;
  readonly events: readonly TraceEvent[];
  readonly explained: ExplainedTrace | null;
  /** From here on more is there than the events explain, there and back; null where nothing is. */
  readonly unexplainedS: number | null;
  readonly survey: Survey | null;
  /** Of a sweep of one port: an echo that takes longer than one over it looks nearer than it is. */
  readonly stepHz: number | null;
  /** Of a sweep of any number of ports. */
  readonly sweep: SweptOver | null;
  readonly rangeS: number;
  readonly velocityFactor: Uncertain;
  /** As it was fitted. */
  readonly line: GuessedLine;
}

/** What a person must know before they trust the events, one message each. */
export function describeProblems(all: Circumstances): Problem[] {
  const far = (delayS: number): Far => ({
    distanceM: metresOf(delayS, all.velocityFactor.value),
    isNear: delayS < NEAR_S,
  });
  const places = all.events.filter(({ kind }) => kind !== 'ghost');
  const eitherEnds = branchOrEnd(all.line.changes);
  const says = <Kind extends ProblemKind & keyof AnalyseMessages>(
    kind: Kind,
    carried: AnalyseMessages[Kind] & object,
  ): Problem => ({ kind, sentence: tell(kind, carried) });
  const aboutSteps = (stepHz: number): Problem | false => {
    const reachS = 1 / stepHz;
    const steps = { stepHz, reach: far(reachS) };
    const beyond = places.find(({ delayS }) => delayS.value > reachS);
    if (beyond) return says('beyond-steps', { ...steps, at: far(beyond.delayS.value) });
    return mayFoldBack(places, reachS, all.velocityFactor) && says('folds-back', steps);
  };
  return [
    all.told.velocityFactor === null &&
      says('velocity-assumed', { velocityFactor: all.velocityFactor }),
    all.told.impedanceOhm === null && says('impedance-assumed', { ohm: all.line.impedanceOhm }),
    all.explained?.eitherKind && says('pulse-or-step', { away: far(all.survey?.widthS ?? 0) }),
    ...(all.survey?.clipped ?? [])
      .slice(0, 1)
      .map(({ from, to, volts }) =>
        says('clipped', { fromSample: from + 1, count: to - from, volts }),
      ),
    places.length === 0 &&
      says('nothing-comes-back', {
        reach: far(all.rangeS),
        velocityFactor: all.velocityFactor.value,
      }),
    all.stepHz !== null && aboutSteps(all.stepHz),
    all.sweep && aboutUnits(all.sweep, all.velocityFactor.value),
    ...closePairs(places, all.explained).map(([{ delayS: first }, { delayS: second }]) =>
      says('close-faults', {
        first: far(first.value),
        second: far(second.value),
        launch: all.explained?.kind ?? 'step',
        isTold: second.value - first.value > 4 * Math.hypot(first.u, second.u),
      }),
    ),
    eitherEnds &&
      says('branch-or-end', {
        branch: far(eitherEnds.branch.delayS),
        end: far(eitherEnds.end.delayS),
      }),
    all.unexplainedS !== null && says('unexplained', { from: far(all.unexplainedS) }),
  ].filter((problem) => problem !== false && problem !== null && problem !== undefined);
}

/** A delay below which its distance is told more finely. */
const NEAR_S = 1e-7;
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

/** What a sweep of a cable sees, from a cord on to the longest drum, metres. */
const [SHORTEST_REACH_M, LONGEST_REACH_M] = [0.5, 20_000];
/** A file whose unit is not the one it names is off by as much. */
const UNITS_APART = [1e-3, 1e3, 1e-6, 1e6];

/** Whether another unit of frequency than the file names would make more of a cable of what it shows. */
function aboutUnits({ topHz, stepHz }: SweptOver, velocityFactor: number): Problem | false {
  const reachM = metresOf(1 / stepHz, velocityFactor);
  const isCable = (metres: number) => metres > SHORTEST_REACH_M && metres < LONGEST_REACH_M;
  const by = isCable(reachM) ? undefined : UNITS_APART.find((one) => isCable(reachM / one));
  return by === undefined
    ? false
    : {
        kind: 'units-doubted',
        sentence: tell('units-doubted', {
          topHz,
          reachM,
          likelier: { topHz: topHz * by, reachM: reachM / by },
        }),
      };
}
