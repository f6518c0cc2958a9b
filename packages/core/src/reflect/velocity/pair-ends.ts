import type { Uncertain } from '../../units';
import { delayOf } from '../hand';
import type { TraceEvent } from '../analyse';
import { placeFromTwoEnds, type TwoEnds } from './two-ends';

/** What a trace from one end tells of a place. */
export type SeenFromEnd = Pick<TraceEvent, 'delayS' | 'kind' | 'end'>;

/** An echo from either end, and the place that both are of. */
export interface Pair extends TwoEnds {
  readonly near: SeenFromEnd;
  readonly far: SeenFromEnd;
}

/** What a place looks like from the other end; what is not named looks alike. */
const MIRRORED: Readonly<Partial<Record<TraceEvent['kind'], TraceEvent['kind']>>> = {
  rise: 'drop',
  drop: 'rise',
};
/** Delays whose sum is further from the cable's, in standard uncertainties, are not of one place. */
const TOGETHER = 3;
/** Kinds that differ cost as much as so many uncertainties: a kind is sometimes mistaken. */
const UNLIKE = 2;

/**
 * Which echoes seen from the two ends are of one place: those whose delays together are what the whole cable
 * takes, and that look as the same place would from there. Each echo is used once, the closest first. Where
 * both traces end at the far ends, those are no place and are left out.
 *
 * @param known the cable's velocity factor, as well as it is known
 * @returns from near to far; empty where nothing agrees
 */
export function pairEnds(
  near: readonly SeenFromEnd[],
  far: readonly SeenFromEnd[],
  lengthM: Uncertain,
  known: Uncertain,
): Pair[] {
  const wholeS = delayOf(lengthM.value, known.value);
  const wholeU = wholeS * Math.hypot(lengthM.u / lengthM.value, known.u / known.value);
  const isFarEnd = ({ delayS, end }: SeenFromEnd) =>
    end && Math.abs(delayS.value - wholeS) < TOGETHER * Math.hypot(delayS.u, wholeU);
  const ghostless = (list: readonly SeenFromEnd[]) =>
    list.filter((one) => one.kind !== 'ghost' && !isFarEnd(one));
  const costOf = (one: SeenFromEnd, other: SeenFromEnd) => {
    const apart =
      Math.abs(one.delayS.value + other.delayS.value - wholeS) /
      Math.hypot(one.delayS.u, other.delayS.u, wholeU);
    const alike = (MIRRORED[one.kind] ?? one.kind) === other.kind;
    return apart < TOGETHER ? apart + (alike ? 0 : UNLIKE) : Infinity;
  };
  const all = ghostless(near)
    .flatMap((one) =>
      ghostless(far).map((other) => ({ near: one, far: other, cost: costOf(one, other) })),
    )
    .filter(({ cost }) => cost < Infinity)
    .sort((a, b) => a.cost - b.cost);
  const used = new Set<SeenFromEnd>();
  const chosen = all.filter(({ near: one, far: other }) => {
    if (used.has(one) || used.has(other)) return false;
    used.add(one).add(other);
    return true;
  });
  return chosen
    .map(({ near: one, far: other }) => ({
      near: one,
      far: other,
      ...placeFromTwoEnds(lengthM, one.delayS, other.delayS, known),
    }))
    .sort((a, b) => a.placeM.value - b.placeM.value);
}
