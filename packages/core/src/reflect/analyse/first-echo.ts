import { attenuationOf } from '../line/attenuation';
import { echoTransform, type EchoTransform } from './echoes';
import type { GuessedLine } from './guess';

/** An echo that no guess explains yet. */
export interface FirstEcho {
  /** There and back. */
  readonly delayS: number;
  /** How near to there it lies: what the part of the band resolves in which it was seen. */
  readonly withinS: number;
  /** Up to which frequency it was seen, Hz. */
  readonly topHz: number;
  /** How many times what it takes to be told of. */
  readonly ratio: number;
}

/** Parts of the band, from its lowest frequency on, in which echoes are looked for. */
const BANDS = [1, 1 / 2, 1 / 4, 1 / 8, 1 / 16, 1 / 32];
/** With fewer points nothing is told apart. */
const LEAST_POINTS = 24;
/** So many times what noise makes of nothing. */
const STANDS_OUT = 6;
/** What is smaller, with the loss on the way undone, is not told of: connectors and cables stray by as much. */
const LEAST_REFLECTION = 0.006;
/** What no model predicts, of what it does predict. */
const MODEL_SHARE = 0.02;
/** Of the greatest, what is taken first where it comes earlier. */
const NEARLY = 0.3;
/** Resolutions about a place: what is predicted so near to it smears into it. */
const SMEAR = 4;
/**
 * Resolutions behind the port that belong to it: what a calibration leaves over stands there. What nothing else
 * explains may yet lie nearer.
 */
const OF_THE_PORT = 2;
export const NEAR_THE_PORT = 0.8;

export interface Band extends EchoTransform {
  readonly hz: readonly number[];
  readonly topHz: number;
}

/** The whole band of evenly spaced frequencies, and its lower parts. */
export function bandsOf(hz: readonly number[]): Band[] {
  const count = hz.length;
  const spacingHz = ((hz.at(-1) ?? 1) - (hz[0] ?? 0)) / (count - 1);
  return BANDS.map((share) => Math.round(share * count))
    .filter((lower, index) => index === 0 || lower >= LEAST_POINTS)
    .map((lower) => ({
      ...echoTransform(count, spacingHz, lower),
      hz,
      topHz: hz[lower - 1] ?? 1,
    }));
}

/** A place where a band shows more than is explained, and how many times what it takes to be told. */
export interface Peak {
  readonly delayS: number;
  readonly size: number;
  readonly ratio: number;
  readonly band: Band;
}

/**
 * The first place where something is left over, in whichever part of the band it stands out; told as finely
 * as the widest part does in which it still stands. Repeats come later than what they repeat.
 *
 * @param left all real parts of what a guess leaves over, then all imaginary ones
 * @param predicted the same of what it explains
 * @param sd of each part, of noise
 * @param from so many resolutions behind the port
 * @returns null where nothing stands out
 */
export function firstEcho(
  bands: readonly Band[],
  left: Float64Array,
  predicted: Float64Array,
  sd: number,
  line: GuessedLine,
  from = OF_THE_PORT,
): FirstEcho | null {
  const peaks = bands.flatMap((band) => peaksOf(band, left, predicted, sd, line, from));
  const most = peaks.reduce((one, { ratio }) => Math.max(one, ratio), 0);
  const great = peaks.filter(({ ratio }) => ratio > Math.max(1, NEARLY * most));
  const first = great.reduce<Peak | null>(
    (least, one) =>
      !least ||
      one.delayS + one.band.resolutionS / 2 < least.delayS - least.band.resolutionS / 2 ||
      (Math.abs(one.delayS - least.delayS) < least.band.resolutionS && one.ratio > least.ratio)
        ? one
        : least,
    null,
  );
  if (!first) return null;
  // The widest part of the band that shows something there tells best where.
  const finest =
    bands
      .filter(({ topHz }) => topHz > first.band.topHz)
      .flatMap((band) =>
        peaks.filter(
          (one) =>
            one.band === band && Math.abs(one.delayS - first.delayS) < first.band.resolutionS,
        ),
      )
      .reduce<Peak | null>((best, one) => (!best || one.ratio > best.ratio ? one : best), null) ??
    first;
  return {
    delayS: finest.delayS,
    withinS: finest.band.resolutionS,
    topHz: finest.band.topHz,
    ratio: first.ratio,
  };
}

/** The tops of what stands out in one part of the band: see firstEcho. */
export function peaksOf(
  band: Band,
  left: Float64Array,
  predicted: Float64Array,
  sd: number,
  line: GuessedLine,
  fromResolutions = OF_THE_PORT,
): Peak[] {
  const { sizes, delaysS } = band.echoesOf(left);
  const known = band.echoesOf(predicted).sizes;
  const stepS = delaysS[1] ?? 1;
  const smear = Math.ceil((SMEAR * band.resolutionS) / stepS);
  const from = Math.ceil((fromResolutions * band.resolutionS) / stepS);
  const noise = STANDS_OUT * band.noiseShare * sd;
  const leftOver = shareLeftBy(band, line, delaysS);
  const peaks: Peak[] = [];
  for (let n = from; n < sizes.length - 1; n += 1) {
    const here = sizes[n] as number;
    if (here < noise || here < (sizes[n - 1] as number) || here < (sizes[n + 1] as number))
      continue;
    let near = 0;
    for (let m = Math.max(0, n - smear); m <= Math.min(known.length - 1, n + smear); m += 1)
      near = Math.max(near, known[m] as number);
    const least = Math.max(noise, LEAST_REFLECTION * leftOver(n), MODEL_SHARE * near);
    if (here > least)
      peaks.push({ delayS: delaysS[n] as number, size: here, ratio: here / least, band });
  }
  return peaks;
}

/** How much of an echo from each delay the cable leaves in a part of the band, by its loss: see Loss. */
function shareLeftBy(
  band: Band,
  { loss }: GuessedLine,
  delaysS: Float64Array,
): (place: number) => number {
  const nepers = attenuationOf(loss, band.hz);
  const stops = Array.from({ length: STOPS + 1 }, (_, stop) => {
    const delayS = ((delaysS.at(-1) ?? 0) * stop) / STOPS;
    return band.shareLeft((point) => {
      return Math.exp(-delayS * (nepers[point] as number));
    });
  });
  return (place) => {
    const at = (place / (delaysS.length - 1)) * STOPS;
    const before = Math.min(STOPS - 1, Math.floor(at));
    const [one, next] = [stops[before] as number, stops[before + 1] as number];
    return one + (next - one) * (at - before);
  };
}
const STOPS = 48;
