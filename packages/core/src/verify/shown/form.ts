import type { Wiring } from '../../link';
import type { Message } from '../../message';
import type { Fields, ValuesOf } from '../fields';
import { tell } from '../messages';

/** What was shown in one form. */
export type ShownIn<Method extends string, Gives extends Fields> = {
  readonly method: Method;
} & ValuesOf<Gives>;

/** A form in which testers show what they find: how two of it are compared, and how one is told. */
export interface ShownForm<Method extends string, Gives extends Fields> {
  readonly method: Method;
  readonly gives: Gives;
  /** One way of writing it, so that equal things are equal text. */
  key(shown: ShownIn<Method, Gives>): string;
  /** In a few words, by how it differs from what a good link shows. */
  words(shown: ShownIn<Method, Gives>, good: ShownIn<Method, Gives>, wiring: Wiring): Message;
  /** Whether it has words of its own where it is as on a good link. */
  readonly ownWords?: boolean;
  /** Of what would be shown, the part that was told, where a reading need not name all of it. */
  told?(there: ShownIn<Method, Gives>, told: ShownIn<Method, Gives>): ShownIn<Method, Gives>;
  /** Ohms that it shows, which no two meters measure alike. */
  ohms?(shown: ShownIn<Method, Gives>): readonly (number | null)[];
}

export const shownForm = <const Method extends string, const Gives extends Fields>(
  form: ShownForm<Method, Gives>,
): ShownForm<Method, Gives> => form;

export const AS_GOOD = tell('shows-as-good', {});

/** What differs; as on a good link where nothing does. */
export const few = (rows: readonly Message[]): Message =>
  rows.length > 0 ? tell('shows-few', { rows }) : AS_GOOD;
