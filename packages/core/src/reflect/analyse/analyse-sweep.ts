import type { Capture, Touchstone } from '../../formats/captures';
import { ANY_SOURCE_OHM, ANY_VELOCITY, HIGH_OHM, type Told } from '../told';
import { weighKinds } from './alternatives';
import { cableOf, type Analysed } from './analysis';
import { describeProblems } from './describe-problems';
import type { FirstEcho } from './first-echo';
import type { Fit } from './fit-guess';
import { farPort, withThroughEnd } from './far-port';
import type { Checkpoint } from './grow';
import { growSweep } from './grow-sweep';
import type { Change, Guess } from './guess';
import { tell } from './messages';
import { lossBySkin, type Prior } from './parameter';
import { priorOf } from './prior';
import { profileOfSweep } from './profile';
import { MUCH_LEFT, isFit } from './sweep-search';
import { tellEvents } from './tell-events';
import { throughDelay } from './through';
import { unevenPoint } from './uneven-point';

/** With fewer points nothing is told. */
export const LEAST_POINTS = 16;
/** What a model of the port and the cable leaves open of a delay, in resolutions; by bench:field. */
const MODEL_U_RESOLUTIONS = 0.003;
/** More points than these tell nothing more of a link of some hundred metres. */
const MOST_POINTS = 4096;

/** A sweep of one port, or of two: then what goes through tells the length. */
export function analyseSweep(
  network: Touchstone,
  told: Told,
  notes: (Capture & { readonly kind: 'sweep' })['notes'],
  checkpoint: Checkpoint,
): Analysed {
  const { points: all, ports, referenceOhm } = network;
  if (ports > 2) return { ok: false, sample: 0, reason: tell('too-many-ports', { ports }) };
  if (all.length < LEAST_POINTS)
    return {
      ok: false,
      sample: 0,
      reason: tell('too-few-points', { count: all.length, least: LEAST_POINTS }),
    };
  const allHz = all.map((point) => point.hz);
  const stepHz = ((allHz.at(-1) as number) - (allHz[0] as number)) / (all.length - 1);
  const odd = unevenPoint(allHz);
  if (odd >= 0)
    return {
      ok: false,
      sample: odd,
      reason: tell('uneven-points', {}),
    };
  const thin = Math.ceil(all.length / MOST_POINTS);
  const points = all.filter((_, k) => k % thin === 0);
  const hz = points.map((point) => point.hz);
  const part = (row: number, column: number, of: 're' | 'im') =>
    points.map((point) => point.s[row]?.[column]?.[of] ?? 0);
  const through =
    ports === 2
      ? throughDelay({
          hz,
          re: part(1, 0, 're'),
          im: part(1, 0, 'im'),
        })
      : null;
  const velocityFactor = told.velocityFactor ?? ANY_VELOCITY;
  // A cable that is not told of is one that the ports were made for.
  const known: Told = { ...told, impedanceOhm: told.impedanceOhm ?? referenceOhm };
  const prior = priorOf(known, 'sweep');
  const reflection = {
    hz,
    re: Float64Array.from(part(0, 0, 're')),
    im: Float64Array.from(part(0, 0, 'im')),
    referenceOhm,
  };
  const grown = growSweep(
    reflection,
    sweepStart(prior, through ? [farPort(through, referenceOhm, prior)] : []),
    prior,
    checkpoint,
  );
  const weighed = weighKinds(grown.fit, grown.refit);
  const left = grown.leftBy(weighed.fit);
  const unexplainedS = unexplainedFrom(weighed.fit, left);
  const found = tellEvents(weighed, {
    velocityFactor,
    edgeS: grown.resolutionS,
    modelU: MODEL_U_RESOLUTIONS * grown.resolutionS,
    teeReflection: 0,
    rangeS: grown.rangeS,
    leastSize: 0.02,
    deadS: grown.resolutionS,
    closeS: 0,
    widthS: null,
    isOff: unexplainedS !== null,
  });
  const events = through ? withThroughEnd(found, through, velocityFactor) : found;
  return {
    ok: true,
    analysis: {
      kind: ports === 2 ? 'two-port' : 'one-port',
      samples: all.length,
      intervalS: grown.resolutionS,
      events,
      problems: [
        ...notes,
        ...describeProblems({
          told: known,
          events,
          explained: null,
          unexplainedS,
          survey: null,
          sweep: { topHz: allHz.at(-1) ?? 0, stepHz },
          stepHz: through ? null : stepHz * thin,
          rangeS: grown.rangeS,
          velocityFactor,
          line: weighed.fit.guess.line,
        }),
      ],
      velocityFactor,
      rangeS: grown.rangeS,
      trace: null,
      through,
      impedance: profileOfSweep(weighed.fit, reflection, grown.rangeS),
      cable: cableOf(weighed.fit),
    },
  };
}

/** From where on more is there than a fit explains, there and back; null where it explains all. */
function unexplainedFrom(fit: Fit, left: FirstEcho | null): number | null {
  if (left && left.ratio > MUCH_LEFT) return left.delayS;
  return isFit(fit) ? null : 0;
}

/** A sweep has no launch: what stands for one here is never looked at. */
const NO_LAUNCH: Pick<Guess, 'offsetV' | 'launch' | 'tee'> = {
  offsetV: 0,
  launch: { kind: 'step', amplitudeV: 1, atS: 0, widthS: null, rampS: 0, bellS: 0, poleS: 0 },
  tee: { sourceOhm: ANY_SOURCE_OHM, scopeOhm: HIGH_OHM, scopeF: 0 },
};

const sweepStart = (prior: Prior, changes: readonly Change[]): Guess => ({
  ...NO_LAUNCH,
  line: {
    impedanceOhm: prior.impedance.mean,
    loss: lossBySkin(prior.skin.mean, prior.resistance.mean, prior.dielectric.mean),
    changes,
  },
});
