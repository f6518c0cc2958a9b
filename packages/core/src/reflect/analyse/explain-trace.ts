import { riseOf } from '../line/launch';
import { beside, reflectionAt } from '../line/reflection';
import type { Tee } from '../line/ratio';
import type { Trace } from '../../formats/captures';
import { weighKinds, type Refit, type Weighed } from './alternatives';
import { benchTrace, coarseBench, type BenchTrace } from './bench-trace';
import { fitGuess, WEIGHING } from './fit-guess';
import {
  fitTo,
  launchEndOf,
  misfitOf,
  grow,
  parametersOf,
  type Checkpoint,
  type Grown,
} from './grow';
import { growAlong } from './grow-along';
import { withChanges, type Guess } from './guess';
import { lookAtTrace } from './look-at-trace';
import { lossBySkin, scopeInput, type Prior } from './parameter';
import { plainly } from './plainly';
import { ANY_DIELECTRIC, priorOf } from './prior';
import type { Survey } from './survey';
import { ANY_SOURCE_OHM, HIGH_OHM, type Told } from '../told';

/** A trace explained. */
export interface ExplainedTrace {
  readonly weighed: Weighed;
  readonly bench: BenchTrace;
  readonly kind: 'pulse' | 'step';
  /** The two readings of the launch explain the trace alike: it was not told which it is. */
  readonly eitherKind: boolean;
  /** Where the trace leaves all that was supposed, there and back; null where it never does. */
  readonly unexplainedS: number | null;
}

/** A launch that is wider than this many of its rises, or lasts longer, is rather a step into a short. */
const PULSE_RISES = 15;
const PULSE_S = 25e-9;
/** Impedances that cables are made with, tried where none is told. */
const USUAL_OHM = [50, 75, 100];
/** Of two that explain as much, the one that needs fewer changes is better, by so much for each. */
const A_CHANGE = 12;
const changes = ({ fit: { guess } }: Grown) => guess.line.changes.length;
const OTHER_KIND = 30;
/** Costs nearer than this are alike. */
const ALIKE = 12;

export function explainTrace(
  trace: Trace,
  survey: Survey,
  told: Told,
  checkpoint: Checkpoint,
): ExplainedTrace {
  const kinds = kindsOf(survey, told);
  // As few samples as the sharper of the two edges allows.
  const riseS = Math.min(survey.riseS, told.riseS ?? survey.riseS);
  const bench = benchTrace(trace, survey, Math.max(riseS, 0.8 * trace.intervalS));
  const tries = kinds.flatMap((kind) =>
    (told.impedanceOhm === null ? USUAL_OHM : [told.impedanceOhm]).map((ohm): Try => {
      const prior = priorOf(told, 'trace', ohm);
      return { kind, prior, start: startOf(kind, survey, told, bench, prior) };
    }),
  );
  // What lies far apart is found in a coarse trace; a fine one tells more of it, and what lies close.
  const coarse = coarseBench(bench);
  const [quick, thorough] = [fromPlaceToPlace, fromMisfitToMisfit];
  const plainWays: readonly Way[] = coarse
    ? [
        { bench: coarse, grown: quick },
        { bench: coarse, grown: thorough },
        { bench, grown: thorough },
        { bench, grown: quick },
      ]
    : [
        { bench, grown: quick },
        { bench, grown: thorough },
      ];
  const ways: readonly Way[] = [
    ...plainWays,
    { bench, grown: (one, ...rest) => thorough(withoutResistance(one), ...rest) },
  ];
  const searched = ways.reduce<Searched | null>((found, way, index) => {
    if (found && !found.best.grown.misfit) return found;
    const next = search(tries, way, (share) => checkpoint((0.8 * (index + share)) / ways.length));
    return found && explainedS(found) > explainedS(next) ? found : next;
  }, null) as Searched;
  const { best } = searched;
  checkpoint(0.8);
  const found = weigh(best.grown, best.prior, searched.bench);
  const weighed =
    searched.bench === bench
      ? found
      : finer(found, best.start, {
          prior: best.prior,
          bench,
          agreedS: agreedS(searched),
          checkpoint: (share) => checkpoint(0.8 + 0.2 * share),
        });
  const misfit = misfitOf(weighed.fit.guess, bench);
  return {
    weighed,
    bench,
    kind: best.kind,
    eitherKind: searched.eitherKind,
    unexplainedS: misfit ? misfit.index * bench.intervalS - weighed.fit.guess.launch.atS : null,
  };
}

/** What a trace may be of: a pulse or a step into a cable of some impedance. */
interface Try {
  readonly kind: 'pulse' | 'step';
  readonly prior: Prior;
  readonly start: Guess;
}

/** How a try is made into what explains a trace, and how fine a trace. */
interface Way {
  readonly bench: BenchTrace;
  readonly grown: (one: Try, bench: BenchTrace, checkpoint: Checkpoint) => Grown;
}

/** From one plainly seen place to the next: quick, where each is one change or two. */
const fromPlaceToPlace: Way['grown'] = ({ kind, start, prior }, bench, checkpoint) => {
  const { launch, offsetV } = start;
  const seen = lookAtTrace(bench, {
    kind,
    atS: launch.atS,
    widthS: launch.widthS,
    baselineV: offsetV,
  }).sort((a, b) => a.delayS - b.delayS);
  return growAlong(start, prior, bench, seen, checkpoint);
};

/** A step’s slow rise may be of resistance or of skin effect: the search finds from the one where it is the other. */
const withoutResistance = ({ start, prior, ...one }: Try): Try => ({
  ...one,
  prior: { ...prior, resistance: NO_RESISTANCE },
  start: {
    ...start,
    line: { ...start.line, loss: { ...start.line.loss, resistance: 0 } },
  },
});
/** By the square of the skin effect: see Prior. */
const NO_RESISTANCE = { mean: 0, sd: 1 };

const fromMisfitToMisfit: Way['grown'] = ({ start, prior }, bench, checkpoint) =>
  grow(start, prior, bench, checkpoint);

interface Searched {
  readonly bench: BenchTrace;
  readonly best: Try & { readonly grown: Grown };
  readonly eitherKind: boolean;
}

/** Up to when a search explains what was measured, on the grid’s own time. */
const explainedS = ({ best: { grown }, bench }: Searched): number =>
  grown.misfit ? grown.misfit.index * bench.intervalS : Infinity;

/** Up to when it was fitted; what is behind the last of few samples is less than one of them. */
const agreedS = ({ best: { grown }, bench }: Searched): number =>
  grown.to === bench.count ? Infinity : grown.to * bench.intervalS;

/** The try that explains a trace best. What was tried first is likelier: another has to be clearly better. */
function search(tries: readonly Try[], way: Way, checkpoint: Checkpoint): Searched {
  const { bench } = way;
  const grown = tries.map((one, index) => ({
    ...one,
    grown: way.grown(one, bench, (share) => checkpoint((index + share) / tries.length)),
  }));
  const best = grown.reduce((one, other) =>
    better(other.grown, one.grown, other.kind === one.kind ? 0 : OTHER_KIND) ? other : one,
  );
  const other = grown.find((one) => one.kind !== best.kind);
  const eitherKind =
    other !== undefined &&
    other.grown.to === best.grown.to &&
    Math.abs(other.grown.fit.cost - best.grown.fit.cost) < ALIKE;
  return { bench, best, eitherKind };
}

/** Everything is fitted once more, what an edge’s form hardly tells too; up to where a trace is explained. */
function refitOf(prior: Prior, bench: BenchTrace, to: number): Refit {
  const free = { ...prior, dielectric: ANY_DIELECTRIC };
  return (guess, mostCost) =>
    fitGuess(
      guess,
      parametersOf(guess, free, bench, true),
      { ...bench.measured, to },
      bench.prediction,
      { ...WEIGHING, mostCost },
    );
}

const weigh = ({ fit, to }: Grown, prior: Prior, bench: BenchTrace): Weighed =>
  weighKinds(fit, refitOf(prior, bench, to));

const sameKinds = (one: Guess, other: Guess): boolean =>
  one.line.changes.map(({ kind }) => kind).join() ===
  other.line.changes.map(({ kind }) => kind).join();

/** A coarse trace has shown most: near neighbours alone are looked for. */
const FINER_TRIES = 8;

/** What was found in a coarse trace, gone on with in the fine one; where nothing is new in that, no kind is. */
function finer(
  { fit, shares }: Weighed,
  { launch }: Guess,
  fine: {
    readonly prior: Prior;
    readonly bench: BenchTrace;
    readonly agreedS: number;
    readonly checkpoint: Checkpoint;
  },
): Weighed {
  const { prior, bench, agreedS, checkpoint } = fine;
  // Of its form a coarse trace tells little: a lower and wider pulse is as good there. The launch itself does.
  const formless = { ...fit.guess, launch: { ...launch, atS: fit.guess.launch.atS } };
  const alone = withChanges(formless, []);
  const { guess: formed } = fitTo(alone, prior, bench, launchEndOf(alone, bench), true).fit;
  const again = withChanges(formed, fit.guess.line.changes);
  const to = Math.min(bench.count, Math.floor(agreedS / bench.intervalS));
  const fitted = [again, fit.guess].reduce<Grown | null>(
    (best, guess) =>
      best && !best.misfit ? best : lower(fitTo(guess, prior, bench, to, true, WEIGHING), best),
    null,
  ) as Grown;
  const grown =
    fitted.misfit || to < bench.count
      ? grow(fitted.fit.guess, prior, bench, checkpoint, agreedS, FINER_TRIES)
      : fitted;
  if (!sameKinds(grown.fit.guess, fit.guess)) return weigh(grown, prior, bench);
  const refitted = refitOf(prior, bench, grown.to)(grown.fit.guess);
  // A change that gives back more than a joint can is another one.
  return plainly(refitted) < Infinity ? { fit: refitted, shares } : weigh(grown, prior, bench);
}

const lower = (one: Grown, other: Grown | null): Grown =>
  other && other.fit.cost < one.fit.cost ? other : one;

function kindsOf({ widthS, riseS }: Survey, told: Told): readonly ('pulse' | 'step')[] {
  if (told.pulse !== 'auto') return [told.pulse];
  if (told.pulseWidthS !== null) return ['pulse'];
  if (widthS === null) return ['step'];
  // Who knows the rise of a pulse knows its width.
  const narrow = widthS < Math.min(PULSE_S, PULSE_RISES * riseS);
  if (told.riseS !== null) return narrow ? ['step', 'pulse'] : ['step'];
  return narrow ? ['pulse'] : ['pulse', 'step'];
}

const teeOf = ({ sourceOhm, scopeOhm }: Told): Tee => ({
  sourceOhm: sourceOhm ?? ANY_SOURCE_OHM,
  scopeOhm: scopeOhm ?? HIGH_OHM,
  scopeF: scopeInput(scopeOhm ?? HIGH_OHM).mean,
});

function startOf(
  kind: 'pulse' | 'step',
  survey: Survey,
  told: Told,
  bench: BenchTrace,
  prior: Prior,
): Guess {
  const tee = teeOf(told);
  const impedanceOhm = prior.impedance.mean;
  const atTee = beside(impedanceOhm, tee.scopeOhm);
  const rise = told.riseS ?? survey.riseS;
  const width = told.pulseWidthS ?? survey.widthS;
  return {
    offsetV: survey.baselineV,
    tee,
    launch: {
      kind,
      amplitudeV: (survey.launchV * (tee.sourceOhm + atTee)) / atTee,
      atS: survey.atS - bench.fromS,
      widthS: kind === 'pulse' ? (width ?? 5 * rise) : null,
      rampS: rise,
      bellS: rise / 5,
      poleS: 0,
    },
    line: {
      impedanceOhm,
      loss: lossBySkin(prior.skin.mean, prior.resistance.mean, prior.dielectric.mean),
      changes: [],
    },
  };
}

function better(one: Grown, other: Grown, by: number): boolean {
  if (one.to === other.to && !one.misfit === !other.misfit)
    return (
      plainly(one.fit) + A_CHANGE * changes(one) + by <
      plainly(other.fit) + A_CHANGE * changes(other)
    );
  return (one.misfit?.index ?? Infinity) > (other.misfit?.index ?? Infinity);
}

/** What the tee throws back into the line, for the cable's own impedance. */
export function teeReflectionOf({ tee, line }: Guess): number {
  return reflectionAt(beside(tee.sourceOhm, tee.scopeOhm), line.impedanceOhm);
}

/** The rise of the launch as fitted. */
export const fittedRise = ({ launch }: Guess): number => riseOf(launch);
