import { level } from './level';
import type { PortContact } from './port';
import { alike, crossing, mayBeOne, meaningOf, plays } from './signal';
import type { Unit } from './unit';

/**
 * What a join costs. Whole numbers, so that equal costs are equal: two ways that cost the same are a
 * question, never a guess.
 */
export const COSTS = {
  /** The same signal, or what it crosses to, and one sends where the other receives. */
  meant: 0,
  /** One of them works both ways. */
  serves: 1,
  /** The names go together; the table does not say which side sends. */
  unsure: 2,
  /** Another number of the same kind: TX1 with TX2. */
  otherChannel: 3,
  /** Names that only have a word in common: asked, even if nothing else is left. */
  alike: 6,
  /** Two contacts left alone: dearer than any join. */
  apart: 20,
} as const;

/** From this cost on a join is asked about. */
export const ASKED_FROM = COSTS.alike;

type Fit = 'fits' | 'either' | 'unknown' | 'fights';

function direction(a: PortContact, b: PortContact): Fit {
  const pair = new Set([a.direction, b.direction]);
  if (pair.has('unknown')) return 'unknown';
  if (pair.has('both') || pair.has('passive')) return 'either';
  return pair.size === 2 ? 'fits' : 'fights';
}

const kindOf = (row: PortContact) => level(row.level)?.kind ?? null;

/** What it costs to join two units; `apart` where they can't be joined. */
export function matchCost(near: Unit, far: Unit): number {
  const [a, b] = [near.rows[0], far.rows[0]];
  if (near.rows.length !== far.rows.length) return COSTS.apart;
  const [kindA, kindB] = [kindOf(a), kindOf(b)];
  if (kindA !== null && kindB !== null && kindA !== kindB) return COSTS.apart;
  const fit = direction(a, b);
  if (fit === 'fights') return COSTS.apart;
  const [one, other] = [meaningOf(a.signal), meaningOf(b.signal)];
  const channel =
    one.channel !== null && other.channel !== null && one.channel !== other.channel
      ? COSTS.otherChannel
      : 0;
  const single = near.rows.length === 1;
  // Single wires of a pair whose partner is missing still keep their signs.
  if (single && one.mark !== null && other.mark !== null && one.mark !== other.mark)
    return COSTS.apart;
  const same = one.concept === other.concept;
  const cross = crossing(one, other);
  const others = one.of !== null && other.of !== null && one.of !== other.of;
  if ((same || cross) && (one.loose || other.loose || others)) return COSTS.alike + channel;
  if (same || cross) {
    if (fit === 'unknown') return COSTS.unsure + channel;
    // What works both ways crosses only if nothing of its own name is there.
    return (cross && fit === 'either' ? COSTS.serves : COSTS.meant) + channel;
  }
  if (plays(one, other)) return (fit === 'unknown' ? COSTS.unsure : COSTS.serves) + channel;
  return mayBeOne(one, other) || (alike(one, other) && !(one.known && other.known))
    ? COSTS.alike + channel
    : COSTS.apart;
}
