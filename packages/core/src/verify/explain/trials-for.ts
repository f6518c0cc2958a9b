import type { Contact } from '../../catalogue';
import type { End, Wiring } from '../../link';
import { PLACES, type Place } from '../fault';
import { changes } from '../faults';
import { classOf, classesOf, type Question, type TesterId, type Trial } from '../testers';
import type { Candidate } from './explain';
import { mass } from './shares';

/** What can be done where someone stands, and what it costs. */
export interface Conditions {
  readonly testers: readonly TesterId[];
  readonly at: End;
  readonly walkMinutes: number;
  /** To open what covers an end. */
  readonly openMinutes: number;
}

/** Generic: two rooms of one floor. */
export const PLAIN_CONDITIONS: Conditions = {
  testers: ['beeper', 'identifying-remote', 'look'],
  at: 'near',
  walkMinutes: 3,
  openMinutes: 1,
};

/** A cable is moved where at least this share of what is left opens only then. */
const LOOSE_SHARE = 0.05;

/** Both ends lie on one bench when the way between them takes no longer than this, minutes. */
const IN_REACH_MINUTES = 0.2;
/** Accounts whose contacts are in question. */
const ASKED = 12;

/** Everything that could be tried with what is at hand, of contacts only those in question. */
export function trialsFor(
  rows: readonly Candidate[],
  conditions: Conditions,
  wiring: Wiring,
): Trial[] {
  const asked = { near: contactsIn(rows, 'near'), far: contactsIn(rows, 'far') };
  const question: Question = {
    wiring,
    contacts: (end) => asked[end],
    bothInReach: conditions.walkMinutes <= IN_REACH_MINUTES,
  };
  const loose = mass(
    rows.filter(({ faults }) => faults.some((fault) => changes(fault, 'opens-when-moved'))),
  );
  const moves: (Place | null)[] = loose > LOOSE_SHARE * mass(rows) ? [null, ...PLACES] : [null];
  const classes = classesOf(conditions.testers);
  // A cable is moved with a tester that shows all the time, where one is at hand.
  const steady = classes.filter(({ isWatched, shows }) => isWatched && shows === 'all-the-time');
  return classes.flatMap((row) => {
    const isMoved = row.isWatched && (steady.length === 0 || steady.includes(row));
    return row
      .candidates(question)
      .flatMap((trial) => (isMoved ? moves.map((moved): Trial => ({ ...trial, moved })) : [trial]));
  });
}

const contactsIn = (rows: readonly Candidate[], end: End): Contact[] => [
  ...new Set(rows.slice(0, ASKED).flatMap(({ faults }) => faults.flatMap((fault) => fault[end]))),
];

/** At which end a trial is made; null where it needs neither box open. */
const endOf = (trial: Trial): End | null =>
  classOf(trial).endOf?.(trial) ??
  (trial.moved === 'near' || trial.moved === 'far' ? trial.moved : null);

export const standsAt = (trial: Trial, at: End): End => endOf(trial) ?? at;

export function minutesOf(trial: Trial, at: End, conditions: Conditions, placed: boolean): number {
  const row = classOf(trial);
  const end = endOf(trial);
  const walk = end !== null && end !== at ? conditions.walkMinutes : 0;
  const opens = row.opensEnd ? conditions.openMinutes : 0;
  const carries =
    row.far === 'remote' || row.far === 'jack' ? (placed ? 0 : 2 * conditions.walkMinutes) : 0;
  return row.minutes + walk + opens + carries;
}
