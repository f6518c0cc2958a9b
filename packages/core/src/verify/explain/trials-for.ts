import type { Contact } from '../../catalogue';
import { pairAt, type End, type Wiring } from '../../link';
import type { Trial } from '../circuit/trial';
import { PLACES, type Place } from '../fault';
import { tester, type TesterId } from '../tester';
import { procedureOf } from './blind-spots';
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

/** Contacts of an end that probes are put to. */
const MOST_CONTACTS = 5;

/** Everything that could be tried with what is at hand, of contacts only those in question. */
export function trialsFor(
  rows: readonly Candidate[],
  conditions: Conditions,
  wiring: Wiring,
): Trial[] {
  const contacts = (end: End): Contact[] => [
    ...new Set(rows.slice(0, 12).flatMap(({ faults }) => faults.flatMap((fault) => fault[end]))),
  ];
  const whole = mass(rows);
  const loose = mass(
    rows.filter(({ faults }) => faults.some(({ kind }) => kind === 'intermittent')),
  );
  const moves: (Place | null)[] = loose > LOOSE_SHARE * whole ? [null, ...PLACES] : [null];
  // A cable is moved with a tester that shows all the time, where one is at hand.
  const showsAllTheTime = conditions.testers.includes('pair-lamps');
  const pairOf = (contact: Contact) => pairAt(wiring.near, contact)?.number ?? null;
  const inQuestion = new Set(contacts('near').map(pairOf));
  const within = (end: End) => {
    const list = contacts(end).slice(0, MOST_CONTACTS);
    return list.flatMap((from, index) =>
      list.slice(index + 1).map((to): Trial => ({
        tester: 'beeper',
        from: { end, contact: from },
        to: { end, contact: to },
        moved: null,
      })),
    );
  };
  const across = contacts('near')
    .slice(0, MOST_CONTACTS)
    .flatMap((from) =>
      contacts('far')
        .slice(0, MOST_CONTACTS)
        .map((to): Trial => ({
          tester: 'beeper',
          from: { end: 'near', contact: from },
          to: { end: 'far', contact: to },
          moved: null,
        })),
    );
  return conditions.testers.flatMap((id): Trial[] => {
    switch (id) {
      case 'identifying-remote':
      case 'pairing':
        return (showsAllTheTime ? [null] : moves).map((moved) => ({ tester: id, moved }));
      case 'pair-lamps':
        return moves.map((moved) => ({ tester: id, moved }));
      case 'sequential-lamps':
      case 'reflectometer':
      case 'coax-trio':
        return [{ tester: id, moved: null }];
      case 'look':
        return (['near', 'far'] as const).map((end) => ({ tester: 'look', end, moved: null }));
      case 'beeper':
        // From end to end only where both are in reach of one pair of leads.
        return [
          ...within('near'),
          ...within('far'),
          ...(conditions.walkMinutes <= IN_REACH_MINUTES ? across : []),
        ];
      case 'tone':
        return contacts('near').map((from) => ({ tester: 'tone', from, moved: null }));
      case 'ohmmeter':
        return procedureOf(tester(id), wiring).filter(
          (trial) => trial.tester === 'ohmmeter' && inQuestion.has(pairOf(trial.from.contact)),
        );
      case 'line-voltmeter':
        return [];
    }
  });
}

/** Both ends lie on one bench when the way between them takes no longer than this, minutes. */
const IN_REACH_MINUTES = 0.2;

/** At which end a trial is made; null where it needs neither box open. */
function endOf(trial: Trial): End | null {
  if (trial.tester === 'look') return trial.end;
  if (trial.tester === 'beeper') return trial.to.end;
  if (trial.tester === 'tone') return 'far';
  return trial.moved === 'near' || trial.moved === 'far' ? trial.moved : null;
}

export const standsAt = (trial: Trial, at: End): End => endOf(trial) ?? at;

export function minutesOf(trial: Trial, at: End, conditions: Conditions, placed: boolean): number {
  const row = tester(trial.tester === 'own-lamps' ? 'sequential-lamps' : trial.tester);
  const end = endOf(trial);
  const walk = end !== null && end !== at ? conditions.walkMinutes : 0;
  const opens = trial.tester === 'look' || trial.tester === 'beeper' ? conditions.openMinutes : 0;
  const carries =
    row.far === 'remote' || row.far === 'jack' ? (placed ? 0 : 2 * conditions.walkMinutes) : 0;
  return row.minutes + walk + opens + carries;
}
