import type { Span, Visit } from '../day';

/** One thing to do at a place. */
export interface Deed {
  readonly link: string;
  /** To make an end, to test, or to put a tester’s remote at the far end and to fetch it from there. */
  readonly what: 'near' | 'far' | 'test' | 'put' | 'fetch';
  readonly minutes: number;
}

/** What several links leave to do at one place in one go. */
export interface PlaceVisit extends Visit {
  readonly deeds: readonly Deed[];
}

/** A deed, where it is done, with which tools of which there is one, and when. */
export interface Errand {
  readonly place: string;
  readonly deed: Deed;
  readonly tools: readonly string[];
  readonly open?: readonly Span[];
}

/** What is done in one go is no longer than this, so that two can share it. */
const TURN_MINUTES = 30;

/**
 * Deeds by places, in turns that are not too long.
 *
 * @param name what all visits’ ids begin with
 */
export function inTurns(name: string, errands: readonly Errand[]): PlaceVisit[] {
  const turnsAt = new Map<string, Errand[][]>();
  for (const errand of errands) {
    if (errand.deed.minutes <= 0) continue;
    const key = JSON.stringify([errand.place, errand.open ?? null, errand.tools]);
    const turns = turnsAt.get(key) ?? [];
    turnsAt.set(key, turns);
    const last = turns.at(-1);
    if (last && minutesOf(last) + errand.deed.minutes <= longest(errand)) last.push(errand);
    else turns.push([errand]);
  }
  return [...turnsAt.values()].flat().map((turn, index): PlaceVisit => {
    const [{ place, open, tools } = { place: '', tools: [] }] = turn;
    return {
      id: `${name} ${index + 1} ${place}`,
      place,
      minutes: minutesOf(turn),
      after: [],
      people: 1,
      tools,
      open,
      deeds: turn.map(({ deed }) => deed),
    };
  });
}

/** A turn that is longer than a place is open could never be done. */
const longest = ({ open }: Errand): number =>
  Math.min(
    TURN_MINUTES,
    Math.max(0, ...(open ?? [{ fromMinute: 0, toMinute: TURN_MINUTES }]).map(lengthOf)),
  );

const lengthOf = ({ fromMinute, toMinute }: Span): number => toMinute - fromMinute;

const minutesOf = (turn: readonly Errand[]): number =>
  turn.reduce((sum, { deed }) => sum + deed.minutes, 0);
