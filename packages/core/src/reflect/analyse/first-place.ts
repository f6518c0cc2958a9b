import type { Uncertain } from '../../units';
import { distanceOf } from '../hand';

/** Where something comes back from, seen without explaining it. */
export interface FirstPlace {
  /** There and back. */
  readonly delayS: Uncertain;
  readonly distanceM: Uncertain;
  /** Which way round: of a sweep nothing tells it. */
  readonly kind: 'rise' | 'drop' | 'something';
  /** Share of what was sent that comes back, of a trace with skin effect undone; no sign where none is told. */
  readonly size: number;
}

/** What a file shows at once, before it is explained. */
export interface FirstLook {
  readonly places: readonly FirstPlace[];
  /** Half way up the launch, by the instrument’s clock; 0 of a sweep. */
  readonly launchAtS: number;
  /** How far the record reaches, there and back. */
  readonly rangeS: number;
}

/** More would be told than anybody reads. */
const MOST_PLACES = 12;

interface Seen {
  readonly delayS: number;
  readonly size: number;
  /** How far it is smeared. */
  readonly smearedS: number;
}

/**
 * The greatest few of what is seen, in the order of their delays; what lies within another’s own smear is
 * part of it.
 *
 * @param edgeS of the launch: nothing is told apart that is closer than this on top of its smear
 * @param uS standard uncertainty of a delay whose echo is smeared so far
 */
export const firstPlaces = (
  seen: readonly Seen[],
  velocityFactor: Uncertain,
  edgeS: number,
  kindOf: (size: number) => FirstPlace['kind'],
  uS: (smearedS: number) => number,
): FirstPlace[] =>
  [...seen]
    .sort((a, b) => Math.abs(b.size) - Math.abs(a.size))
    .reduce<Seen[]>(
      (kept, one) =>
        kept.some(
          (other) =>
            Math.abs(other.delayS - one.delayS) < edgeS + Math.max(one.smearedS, other.smearedS),
        )
          ? kept
          : [...kept, one],
      [],
    )
    .slice(0, MOST_PLACES)
    .sort((a, b) => a.delayS - b.delayS)
    .map(({ delayS: value, size, smearedS }) => {
      const delayS = { value, u: uS(smearedS) };
      return { delayS, distanceM: distanceOf(delayS, velocityFactor), kind: kindOf(size), size };
    });
