import type { Capture } from '../../formats/captures';
import { ANY_VELOCITY, TOLD_VELOCITY_U, type Told } from '../told';
import { cableOf, type Analysed } from './analysis';
import { describeProblems } from './describe-problems';
import { explainTrace, fittedRise, teeReflectionOf } from './explain-trace';
import type { Checkpoint } from './grow';
import { leftOver } from './left-over';
import { tell } from './messages';
import { profileOfTrace } from './profile';
import { launchCut, survey } from './survey';
import { tellEvents } from './tell-events';

/** What a model of edges, input and cable leaves open of a delay, in edges; by bench:field. */
const MODEL_U_EDGES = 0.05;
/** Behind a launch, so many of its edges still lie over an echo. */
const CLOSE_EDGES = 9;

/** A record of volts: its launch is surveyed, then it is explained from there on. */
export function analyseTrace(
  capture: Capture & { readonly kind: 'trace' },
  told: Told,
  checkpoint: Checkpoint,
): Analysed {
  const { trace, hints, notes } = capture;
  const surveyed = survey(trace);
  if (!surveyed.ok) return surveyed;
  const found = surveyed.survey;
  const cut = launchCut(found, trace.intervalS);
  if (cut)
    return {
      ok: false,
      sample: cut.from,
      reason: tell('launch-cut-off', { volts: cut.volts }),
    };
  const known: Told = {
    ...told,
    scopeOhm: told.scopeOhm ?? hints.scopeOhm,
    velocityFactor:
      told.velocityFactor ??
      (hints.velocityFactor === null
        ? null
        : {
            value: hints.velocityFactor,
            u: hints.velocityFactor * TOLD_VELOCITY_U,
          }),
  };
  const explained = explainTrace(trace, found, known, checkpoint);
  const { weighed, bench, kind } = explained;
  const { guess } = weighed.fit;
  const velocityFactor = known.velocityFactor ?? ANY_VELOCITY;
  const edgeS = fittedRise(guess);
  // Behind what was explained nothing stirs: the record’s own end is how far it sees.
  const rangeS =
    trace.volts.length * trace.intervalS + trace.fromS - bench.fromS - guess.launch.atS;
  const launchV = Math.abs(found.launchV);
  const explainedEvents = tellEvents(weighed, {
    velocityFactor,
    edgeS,
    modelU: MODEL_U_EDGES * edgeS,
    teeReflection: teeReflectionOf(guess),
    rangeS: explained.unexplainedS ?? rangeS,
    leastSize: (3 * bench.sd) / launchV,
    deadS: edgeS,
    closeS: (guess.launch.widthS ?? 0) + CLOSE_EDGES * edgeS,
    widthS: guess.launch.widthS,
    isOff: explained.unexplainedS !== null,
  });
  const events =
    explained.unexplainedS === null
      ? explainedEvents
      : [
          ...explainedEvents,
          ...leftOver(guess, bench, explainedEvents, {
            velocityFactor,
            edgeS,
            fromS: explained.unexplainedS,
          }),
        ].sort((a, b) => a.delayS.value - b.delayS.value);
  return {
    ok: true,
    analysis: {
      kind,
      samples: trace.volts.length,
      intervalS: trace.intervalS,
      events,
      problems: [
        ...notes,
        ...describeProblems({
          told: known,
          events,
          explained,
          unexplainedS: explained.unexplainedS,
          survey: found,
          sweep: null,
          stepHz: null,
          rangeS,
          velocityFactor,
          line: guess.line,
        }),
      ],
      velocityFactor,
      rangeS,
      trace: {
        survey: found,
        launchAtS: guess.launch.atS + bench.fromS,
        riseS: edgeS,
        widthS: guess.launch.widthS,
        guess,
        fromS: bench.fromS,
      },
      through: null,
      impedance: kind === 'step' ? profileOfTrace(weighed.fit, bench, edgeS) : null,
      cable: cableOf(weighed.fit),
    },
  };
}
