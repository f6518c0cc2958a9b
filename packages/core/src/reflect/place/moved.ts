import { NOTHING, type Message } from '../../message';
import { WITHIN_95, type Uncertain } from '../../units';
import { metresOf } from '../hand';
import type { TraceEvent } from '../analyse/event';
import { tell } from './messages';

/** What is kept of a place that a trace told. */
export interface KeptEvent extends Pick<TraceEvent, 'delayS'> {
  /** A repeat is no place. */
  readonly kind: Exclude<TraceEvent['kind'], 'ghost'>;
}

/** A place in an earlier trace and in one of now; null where it is in one of them only. */
export interface Moved {
  readonly before: KeptEvent | null;
  readonly now: KeptEvent | null;
  /** Further away is positive, m; null where there is only one. By one velocity factor: that of now. */
  readonly byM: Uncertain | null;
  /** Whether it has moved by more than both traces can be wrong. */
  readonly moved: boolean;
}

/** How much later an echo comes by laying both traces over each other, s; null where that tells nothing. */
export type ShiftOf = (was: KeptEvent, is: KeptEvent) => Uncertain | null;

/** Farther apart than this, or than this share of the way, two places are not the same one. Generic. */
const APART_M = 1;
const APART_SHARE = 0.05;

/**
 * Two traces of one line, place by place. Taken with the same launch, what is unknown of the velocity factor
 * falls out of the difference; what each trace leaves open of its own echoes does not, but where both are laid over
 * each other.
 */
export function compareTraces(
  before: readonly KeptEvent[],
  now: readonly KeptEvent[],
  velocityFactor: number,
  shiftOf: ShiftOf = () => null,
): Moved[] {
  const pairs = before
    .flatMap((was) => now.map((is) => ({ was, is, apartM: apart(was, is, velocityFactor) })))
    .filter(
      ({ is, apartM }) =>
        apartM < Math.max(APART_M, APART_SHARE * metresOf(is.delayS.value, velocityFactor)),
    )
    .sort((a, b) => a.apartM - b.apartM);
  const taken = new Map<KeptEvent, KeptEvent>();
  const used = new Set<KeptEvent>();
  for (const { was, is } of pairs)
    if (!taken.has(is) && !used.has(was)) {
      taken.set(is, was);
      used.add(was);
    }
  const there = now.map((is): Moved => {
    const was = taken.get(is) ?? null;
    return { before: was, now: is, ...difference(was, is, velocityFactor, shiftOf) };
  });
  const gone = before
    .filter((was) => !used.has(was))
    .map((was): Moved => ({ before: was, now: null, byM: null, moved: false }));
  return [...there, ...gone];
}

const apart = (a: KeptEvent, b: KeptEvent, velocityFactor: number): number =>
  Math.abs(metresOf(b.delayS.value - a.delayS.value, velocityFactor));

function difference(
  was: KeptEvent | null,
  is: KeptEvent,
  velocityFactor: number,
  shiftOf: ShiftOf,
) {
  if (!was) return { byM: null, moved: false };
  const by = shiftOf(was, is) ?? {
    value: is.delayS.value - was.delayS.value,
    u: Math.hypot(is.delayS.u, was.delayS.u),
  };
  const byM = { value: metresOf(by.value, velocityFactor), u: metresOf(by.u, velocityFactor) };
  return { byM, moved: Math.abs(byM.value) > WITHIN_95 * byM.u };
}

/** What has become of a place, which is where it is now, or was, by one velocity factor. */
export function movedSentence({ before, now, byM, moved }: Moved, velocityFactor: number): Message {
  const seen = now ?? before;
  if (!seen) return NOTHING;
  const place = { kind: seen.kind, atM: metresOf(seen.delayS.value, velocityFactor) };
  if (!before) return tell('moved-new', place);
  if (!now) return tell('moved-gone', place);
  if (!byM || !moved) return tell('moved-not', { ...place, byM: byM ?? { value: 0, u: 0 } });
  return tell('moved-by', {
    ...place,
    byM: { value: Math.abs(byM.value), u: byM.u },
    isFurther: byM.value > 0,
  });
}
