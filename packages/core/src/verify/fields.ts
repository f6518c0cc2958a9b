import type { ConductorId, Contact } from '../catalogue';
import type { ContactNode, End, Reading } from '../link';
import type { CircuitStep } from './circuit/lamp-circuit';
import type { LampStep } from './circuit/lamp-step';
import type { PairEnd } from './circuit/link-under-test';
import type { Place } from './fault';

/**
 * What a tester is put to, and what it shows, by kind: a class names the kinds of its fields, and the border
 * knows how each kind is written.
 */
export interface FieldValues {
  /** Where the cable is moved meanwhile. */
  readonly moved: Place | null;
  readonly node: ContactNode;
  readonly contact: Contact;
  readonly end: End;
  /** Far contacts that a jack joins meanwhile. */
  readonly joined: readonly Contact[];
  readonly circuit: readonly CircuitStep[];
  readonly nets: Reading;
  /** Null from a tester that can't see pairing. */
  readonly splitPairs: readonly (readonly [Contact, Contact])[] | null;
  readonly lampSteps: readonly LampStep[];
  readonly flag: boolean;
  /** Null for open. */
  readonly ohm: number | null;
  /** Far end open, shorted, terminated. */
  readonly trio: readonly (number | null)[];
  readonly pairEnds: readonly PairEnd[];
  readonly heard: readonly Contact[];
  readonly colours: ReadonlyMap<Contact, ConductorId>;
  /** Contacts where something else is to be seen, as a strand; null where nobody said. */
  readonly flaws: readonly Contact[] | null;
}

export type FieldKind = keyof FieldValues;
/** Fields by name, each with its kind. */
export type Fields = Readonly<Record<string, FieldKind>>;
export type ValuesOf<F extends Fields> = { readonly [Name in keyof F]: FieldValues[F[Name]] };
