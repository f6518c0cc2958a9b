import type { Contact } from '../catalogue';
import type { Port, PortContact } from './port';
import { meaningOf, type Mark } from './signal';

/** What is joined as one: a contact, or the two of a pair. */
export interface Unit {
  /** Of a pair: plus or A first; where a return belongs to a signal, the signal first. */
  readonly rows: readonly [PortContact] | readonly [PortContact, PortContact];
}

export const contactsOf = ({ rows }: Unit): Contact[] => rows.map(({ contact }) => contact);
export const marksOf = ({ rows }: Unit): (Mark | null)[] =>
  rows.map(({ signal }) => meaningOf(signal).mark);

const first = (row: PortContact): boolean => {
  const { mark } = meaningOf(row.signal);
  return row.role === 'signal' && (mark === null || mark === '+' || mark === 'A');
};

/** The signals of a port, in the order of its table; pairs once. Grounds and supplies are not among them. */
export function unitsOf(port: Port): Unit[] {
  return port.contacts.flatMap((row): Unit[] => {
    const partner = port.contacts.find(({ contact }) => contact === row.partner);
    if (partner && partner.partner === row.contact) {
      const leads = first(row) && !(first(partner) && partner.contact < row.contact);
      if (leads) return [{ rows: [row, partner] }];
      return first(partner) ? [] : row.contact < partner.contact ? [{ rows: [row, partner] }] : [];
    }
    return row.role === 'signal' ? [{ rows: [row] }] : [];
  });
}

/** What a unit is called: its signal, or both of a pair. */
export const unitName = ({ rows }: Unit): string => {
  const [a, b] = rows;
  if (!b) return a.signal;
  const mark = meaningOf(a.signal).mark;
  const stem = a.signal.replace(/[ _/(]*[+\-−–AB)]+$/i, '');
  return mark === null || stem === '' ? `${a.signal}/${b.signal}` : `${stem} pair`;
};
