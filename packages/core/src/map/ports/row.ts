import type { Contact } from '../../catalogue';
import { namedContact, withPartners, type Direction, type Port, type PortContact } from '../port';

const DIRECTION: Readonly<Record<string, Direction>> = { '>': 'out', '<': 'in', '=': 'both' };

/**
 * A port from one line: "2<RD 3>TD 5 GND": ">" is what the device sends, "<" what it receives, "=" both
 * ways, a blank neither. Names with blanks are written with "_".
 */
export function port(
  id: string,
  name: string,
  connector: string,
  gender: Port['gender'],
  line: string,
  level: string,
  more: Readonly<Record<Contact, Partial<PortContact>>> = {},
): Port {
  const contacts = line.split(' ').map((part) => {
    const [, contact = '', arrow = '', signal = ''] = /^([^<>=:]+)([<>=:])(.*)$/.exec(part) ?? [];
    const row = namedContact(contact, signal.replace(/_/g, ' '), more[contact]);
    const carries = row.role === 'signal' ? { level: row.level ?? level } : {};
    return { ...row, ...carries, direction: DIRECTION[arrow] ?? 'passive' };
  });
  return {
    id,
    name,
    connector,
    gender,
    contacts: withPartners(contacts),
    leastSupplyV: null,
    leadAwg: null,
  };
}
