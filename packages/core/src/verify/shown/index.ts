import type { Wiring } from '../../link';
import type { Message } from '../../message';
import { BEEP } from './beep';
import { COLOURS } from './colours';
import { AS_GOOD, type ShownIn } from './form';
import { LAMPS } from './lamps';
import { LENGTHS } from './lengths';
import { NETS } from './nets';
import { OHMS, TRIO } from './ohms';
import { TONE } from './tone';

export { keyOfStep } from './lamps';

/** Every form in which a tester shows what it finds. */
export const FORMS = {
  nets: NETS,
  lamps: LAMPS,
  beep: BEEP,
  ohms: OHMS,
  lengths: LENGTHS,
  tone: TONE,
  colours: COLOURS,
  trio: TRIO,
};

export type Method = keyof typeof FORMS;
export const METHODS: readonly Method[] = Object.values(FORMS).map(({ method }) => method);
export type ShownBy<M extends Method> = ShownIn<M, (typeof FORMS)[M]['gives']>;
/** What a trial showed, in its form. */
export type Shown = { [M in Method]: ShownBy<M> }[Method];

/** A form that is known by its method alone; what it is given has to be of that form. */
interface AnyForm {
  key(shown: Shown): string;
  words(shown: Shown, good: Shown, wiring: Wiring): Message;
  readonly ownWords?: boolean;
  told?(there: Shown, told: Shown): Shown;
  ohms?(shown: Shown): readonly (number | null)[];
}
const formOf = ({ method }: Shown): AnyForm => FORMS[method];

/** One way of writing what was shown, so that equal things are equal text. */
export const keyOf = (shown: Shown): string => formOf(shown).key(shown);

/** Of what would be shown, the part that was told: a reading need not name every step or pair. */
export const asTold = (there: Shown, told: Shown): Shown =>
  there.method === told.method ? (formOf(told).told?.(there, told) ?? there) : there;

/** The resistances that were shown; none where the form is of something else. */
export const ohmsOf = (shown: Shown): readonly (number | null)[] | null =>
  formOf(shown).ohms?.(shown) ?? null;

/** What was shown, told by how it differs from a good link. */
export function wordsOf(shown: Shown, good: Shown, wiring: Wiring): Message {
  const form = formOf(shown);
  return !form.ownWords && keyOf(shown) === keyOf(good) ? AS_GOOD : form.words(shown, good, wiring);
}
