import type { Outline, Place } from '../outline-row';
import type { Contact } from '../scheme';

/** Said of round connectors, whose makers number and space them alike but not always so. */
export const MOULDED = 'Generic places: the numbers moulded on yours decide';

/** A row of the table; most have a shell, one way on, and no doubt. */
export const outlineRow = (
  row: Omit<Outline, 'turns' | 'oneSided' | 'shell' | 'doubt'> & Partial<Outline>,
): Outline => ({ turns: false, oneSided: false, shell: true, doubt: null, ...row });

export const numbered = (count: number, first = 1): Contact[] =>
  Array.from({ length: count }, (_, index) => String(first + index));

/** Contacts side by side from left to right. */
export const row = (contacts: readonly Contact[], pitchMm: number, yMm: number): Place[] =>
  contacts.map((contact, index) => ({
    contact,
    xMm: (index - (contacts.length - 1) / 2) * pitchMm,
    yMm,
  }));

/** Contacts by name and place: "1@0,3.5 2@-1,0". */
export const places = (text: string): Place[] =>
  text.split(' ').map((part) => {
    const [contact = '', x, y] = part.split(/[@,]/);
    return { contact, xMm: Number(x), yMm: Number(y) };
  });

/** Contacts on an arc, clockwise, evenly spread about the top; "8@centre" stands in the middle. */
export const arc = (contacts: string, diameterMm: number, stepDeg: number): Place[] => {
  const [round = '', middle] = contacts.split(' + ');
  const names = round.split(' ');
  return [
    ...names.map((contact, index): Place => {
      const angle = ((index - (names.length - 1) / 2) * stepDeg * Math.PI) / 180;
      const r = diameterMm / 2;
      return { contact, xMm: r * Math.sin(angle), yMm: r * Math.cos(angle) };
    }),
    ...(middle ? [{ contact: middle, xMm: 0, yMm: 0 }] : []),
  ].sort((a, b) => Number(a.contact) - Number(b.contact));
};
