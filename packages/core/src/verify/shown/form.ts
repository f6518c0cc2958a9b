import type { Wiring } from '../../link';
import type { Fields, ValuesOf } from '../fields';

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
  words(shown: ShownIn<Method, Gives>, good: ShownIn<Method, Gives>, wiring: Wiring): string;
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

const MOST = 3;

/** The first of several, and how many more there are. */
export const few = (rows: readonly string[]): string =>
  rows.length > MOST
    ? `${rows.slice(0, MOST).join(', ')}, and ${rows.length - MOST} more`
    : rows.join(', ');

export const AS_GOOD = 'As on a good link';
