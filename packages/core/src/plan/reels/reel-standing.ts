import { ofDeed, type CableFactLike } from '../../link';
import { WITHIN_95, type Uncertain } from '../../units';

/** A fact of a cable, which may be about a link. */
export type ReelFact = CableFactLike & { readonly linkId: string | null };

/** Which way the numbers printed on a jacket run, as it comes off the reel. */
export type Marks = 'up' | 'down';

/** One cut from a reel. */
export interface ReelCut {
  readonly factId: string;
  readonly at: string;
  /** Null of what went elsewhere. */
  readonly linkId: string | null;
  readonly lengthM: number;
  /** Printed on the jacket at either end of the piece; null where no mark was ever told. */
  readonly fromMarkM: number | null;
  readonly toMarkM: number | null;
}

/** What is known of a reel or box by now. */
export interface ReelStanding {
  readonly name: string;
  readonly cable: string;
  /** Its length as it came, as its label has it; null where nobody told. */
  readonly gotM: number | null;
  readonly cuts: readonly ReelCut[];
  /** What its label less all cuts leaves; null without a label. */
  readonly byLabelM: number | null;
  /** The last measurement, less what was cut after it. */
  readonly measured: { readonly leftM: Uncertain; readonly at: string } | null;
  /** What can be counted on: the smaller of both, a measurement with what it leaves open; null where neither is known. */
  readonly sureM: number | null;
  /** Whether label and measurement leave too different lengths to be both right (95 %). */
  readonly disagree: boolean;
  /** At its loose end now. */
  readonly markM: number | null;
  readonly marks: Marks;
  /** Thrown away, or of no use any more. */
  readonly gone: boolean;
}

const byTime = <F extends { readonly at: string }>(facts: readonly F[]): F[] =>
  [...facts].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));

/**
 * The reels of a site, in the order in which they came: what was got, cut, measured by reflectometry and thrown
 * away. A label's length is taken as it is; marks are what is printed on the jacket, in metres.
 */
export function reelStandings(facts: readonly ReelFact[]): ReelStanding[] {
  const named = facts.filter(({ reel, deed }) => reel !== '' && deed.kind !== 'place');
  const names = [...new Set(byTime(named).map(({ reel }) => reel))];
  return names.flatMap((name) => {
    const own = byTime(named.filter(({ reel }) => reel === name));
    const standing = standingOf(name, own);
    return standing ? [standing] : [];
  });
}

/** Null of a reel of which only the velocity factor is known. */
function standingOf(name: string, facts: readonly ReelFact[]): ReelStanding | null {
  const came = ofDeed(facts, 'got').at(-1);
  const read = ofDeed(facts, 'reel').at(-1);
  const first = came ?? read ?? ofDeed(facts, 'cut')[0];
  if (!first) return null;
  const since = facts.filter(({ at }) => !came || Date.parse(at) >= Date.parse(came.at));
  const cuts = cutsOf(since, came?.deed.markM ?? null, came?.deed.marks ?? 'up');
  const cutM = (after: string | null) =>
    cuts
      .filter(({ at }) => after === null || Date.parse(at) > Date.parse(after))
      .reduce((sum, { lengthM }) => sum + lengthM, 0);
  const byLabelM = came ? Math.max(0, came.deed.lengthM - cutM(null)) : null;
  const measuredM = read
    ? { value: Math.max(0, read.deed.leftM.value - cutM(read.at)), u: read.deed.leftM.u }
    : null;
  const least = measuredM ? Math.max(0, measuredM.value - WITHIN_95 * measuredM.u) : null;
  const known = [byLabelM, least].filter((length) => length !== null);
  return {
    name,
    cable: first.cable,
    gotM: came?.deed.lengthM ?? null,
    cuts,
    byLabelM,
    measured: read && measuredM ? { leftM: measuredM, at: read.at } : null,
    sureM: known.length > 0 ? Math.min(...known) : null,
    disagree:
      byLabelM !== null &&
      measuredM !== null &&
      Math.abs(byLabelM - measuredM.value) > WITHIN_95 * measuredM.u,
    markM: cuts.at(-1)?.toMarkM ?? came?.deed.markM ?? null,
    marks: came?.deed.marks ?? 'up',
    gone: ofDeed(since, 'gone').length > 0,
  };
}

/** Each cut with its marks: where one was read it counts, else the next follows from the length. */
function cutsOf(facts: readonly ReelFact[], startMarkM: number | null, marks: Marks): ReelCut[] {
  let markM = startMarkM;
  return ofDeed(facts, 'cut').map(({ id, at, linkId, deed: { lengthM, markM: read } }) => {
    const fromMarkM = markM;
    markM = read ?? nextMark(fromMarkM, lengthM, marks);
    return { factId: id, at, linkId, lengthM, fromMarkM, toMarkM: markM };
  });
}

/** The mark at which a cut of a length falls; null where the one at the loose end is not known. */
export const nextMark = (markM: number | null, lengthM: number, marks: Marks): number | null =>
  markM === null ? null : marks === 'up' ? markM + lengthM : markM - lengthM;
