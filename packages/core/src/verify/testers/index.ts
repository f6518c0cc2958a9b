import type { Message } from '../../message';
import { pairsOf, wireContacts, type End, type Wiring } from '../../link';
import type { CircuitStep } from '../circuit/lamp-circuit';
import type { LinkUnderTest } from '../circuit/link-under-test';
import type { Fields } from '../fields';
import { METHODS as METHODS_SHOWN, type Method, type Shown } from '../shown';
import { BEEPER } from './beeper';
import { CAPACITANCE } from './capacitance';
import { COAX_TRIO } from './coax-trio';
import { IDENTIFYING_REMOTE } from './identifying-remote';
import { INSULATION } from './insulation';
import { LINE_LAMPS } from './line-lamps';
import { LINE_VOLTMETER } from './line-voltmeter';
import { LOOK } from './look';
import { OHMMETER } from './ohmmeter';
import { OWN_LAMPS } from './own-lamps';
import { PAIR_LAMPS } from './pair-lamps';
import { PAIRING } from './pairing';
import { REFLECTOMETER } from './reflectometer';
import { SEQUENTIAL_LAMPS } from './sequential-lamps';
import type {
  Entry,
  Item,
  Question,
  Subject,
  TesterClass,
  TesterRow,
  TrialOf,
} from './tester-class';
import { TONE } from './tone';

export {
  FAR_ENDS,
  SHOWS,
  SUBJECTS,
  type Blindness,
  type EntryContext,
  type EntryLine,
  type EntryRow,
  type Item,
  type Question,
  type TesterClass,
  type TypedLamps,
} from './tester-class';
export { placeOf } from './reflectometer';

/** Every class of testers that is put to a link. A new one is a file, and a line here. */
export const TESTER_CLASSES = [
  BEEPER,
  OHMMETER,
  PAIR_LAMPS,
  SEQUENTIAL_LAMPS,
  IDENTIFYING_REMOTE,
  PAIRING,
  REFLECTOMETER,
  TONE,
  LOOK,
  COAX_TRIO,
  INSULATION,
  CAPACITANCE,
  LINE_LAMPS,
  OWN_LAMPS,
] as const;

export type SomeClass = (typeof TESTER_CLASSES)[number];
type TrialBy<C> =
  C extends TesterClass<infer Id, infer Put, SomeClass['method']> ? TrialOf<Id, Put> : never;
/** A tester put to a link in one way. */
export type Trial = TrialBy<SomeClass>;

/** A class of which only the trial says which it is; what it is given has to be of that class. */
export interface AnyClass extends TesterRow<SomeClass['id'], SomeClass['method']> {
  readonly put: Fields;
  readonly isWatched: boolean;
  readonly seesJoints: boolean;
  readonly tellsPlaces: boolean;
  readonly isWhole: boolean;
  readonly opensEnd: boolean;
  readonly isOwn?: boolean;
  readonly command?: string;
  readonly entry: Entry<Trial, Shown>;
  fits?(wiring: Wiring): boolean;
  observe(trial: Trial, link: LinkUnderTest): Shown;
  procedure(wiring: Wiring): readonly Trial[];
  candidates(question: Question): readonly Trial[];
  endOf?(trial: Trial): End | null;
  order?(trial: Trial): Message;
  circuit?(trial: Trial, link: Pick<LinkUnderTest, 'wiring' | 'lamps'>): readonly CircuitStep[];
  scans?(trial: Trial): boolean;
  items?(trial: Trial, shown: Shown, wiring: Wiring): readonly Item[];
  kept?(shown: Shown): Shown;
}

const BY_ID: ReadonlyMap<string, AnyClass> = new Map(
  TESTER_CLASSES.map((row): [string, AnyClass] => [row.id, row]),
);

/** The class of a trial. */
export function classOf({ tester: id }: Pick<Trial, 'tester'>): AnyClass {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No tester ${id}`);
  return found;
}

/** The classes of those testers that are put to links. */
export const classesOf = (ids: readonly TesterId[]): AnyClass[] =>
  ids.flatMap((id) => BY_ID.get(id) ?? []);

/** Whether the cable can be moved while a tester is put to it. */
export const canMove = ({ tester: id }: { readonly tester: string }): boolean =>
  'moved' in (BY_ID.get(id)?.put ?? {});

/** One way of writing a trial, whatever made it. */
export const keyOfTrial = (trial: Trial): string =>
  JSON.stringify([
    trial.tester,
    trial.moved,
    ...Object.keys(classOf(trial).put).map((name) => Reflect.get(trial, name) as unknown),
  ]);

/** A class that people choose by name. */
export type TesterId = Exclude<SomeClass['id'], 'own-lamps'> | 'line-voltmeter';
export const METHODS: readonly (Method | 'line-volts')[] = [...METHODS_SHOWN, 'line-volts'];
export type Tester = TesterRow<TesterId, (typeof METHODS)[number]>;

/** The row of a class, without what it does. */
const rowOf = ({
  id,
  name,
  short,
  method,
  subject,
  how,
  far,
  minutes,
  blindTo,
  shows,
  isOnLive,
  caution,
}: Tester): Tester => ({
  id,
  name,
  short,
  method,
  subject,
  how,
  far,
  minutes,
  blindTo,
  shows,
  isOnLive,
  caution,
});

const isChosen = (row: SomeClass): row is Exclude<SomeClass, { readonly id: 'own-lamps' }> =>
  !classOf({ tester: row.id }).isOwn;

/** Every class that people choose, in the order in which they are shown. */
export const TESTERS: readonly Tester[] = [...TESTER_CLASSES.filter(isChosen), LINE_VOLTMETER].map(
  rowOf,
);
export const TESTER_IDS: readonly TesterId[] = TESTERS.map(({ id }) => id);

const ROWS = new Map<string, Tester>(TESTERS.map((row) => [row.id, row]));

export function tester(id: TesterId): Tester {
  const found = ROWS.get(id);
  if (!found) throw new Error(`No tester ${id}`);
  return found;
}

/** Every reading that a class takes of a whole link; none, where it is not put to links. */
export const procedureOf = ({ id }: Pick<Tester, 'id'>, wiring: Wiring): readonly Trial[] =>
  BY_ID.get(id)?.procedure(wiring) ?? [];

/** Classes that can be used on a wiring. */
export function testersFor(wiring: Wiring): Tester[] {
  const coax = wireContacts(wiring.near).length === 1;
  const paired = pairsOf(wiring.near).length > 0;
  const serves: Readonly<Record<Subject, boolean>> = {
    any: true,
    coax,
    pairs: paired,
    telephone: paired,
  };
  return TESTERS.filter(({ id, subject }) => {
    const row = BY_ID.get(id);
    return row && serves[subject] && (row.fits?.(wiring) ?? true);
  });
}

/** Classes as which an instrument on the network can read. */
export const READABLE = TESTER_IDS.filter((id) => BY_ID.get(id)?.command !== undefined);
/** How its display is put down; null for one that is not put to links. */
export const entryOf = (id: TesterId): AnyClass['entry'] | null => BY_ID.get(id)?.entry ?? null;

/** How it is told to. */
export const commandOf = (id: TesterId): string | null => BY_ID.get(id)?.command ?? null;
