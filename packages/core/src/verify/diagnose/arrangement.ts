import { WIRE_CONTACTS, type Contact } from '../../catalogue';
import { turnedContact, wireContacts, type Wiring } from '../../link';
import type { WiringExplanation } from './explain-wiring';
import type { Arrangement } from './arrangements';
import { wiresOf } from './wiring-distance';

type Exchange = (contact: Contact) => Contact;

const exchange = (...pairs: readonly string[]): Exchange => {
  const map = new Map(
    pairs.flatMap(([a = '', b = '']) => [
      [a, b],
      [b, a],
    ]),
  );
  return (contact) => map.get(contact) ?? contact;
};

/**
 * Named orders of eight contacts. The crossover exchanges the pairs on 1-2 and 3-6 (ISO/IEC/IEEE
 * 8802-3, 10BASE-T and 100BASE-TX MDI and MDI-X); the full one exchanges 4-5 and 7-8 too (1000BASE-T
 * MDI-X).
 */
const CROSSOVERS: readonly [Arrangement, Exchange][] = [
  ['crossover', exchange('13', '26')],
  ['full-crossover', exchange('13', '26', '47', '58')],
];

/** The name of the whole link's order, by the conductors that the reading shows. */
export function arrangementOf({ map, intact }: WiringExplanation, wiring: Wiring): Arrangement {
  const wires = wiresOf(map);
  if (!wires.some((contact) => intact.has(contact))) return 'none';
  const isMap = (named: Exchange) => wires.every((contact) => map.get(contact) === named(contact));
  const eight = [wiring.near, wiring.far].every(
    (end) => wireContacts(end).join() === WIRE_CONTACTS.join(),
  );
  const named: readonly [Arrangement, Exchange][] = [
    ['straight', (contact) => contact],
    ...(eight ? CROSSOVERS : []),
    ['rollover', (contact) => turnedContact(wiring.far, contact)],
  ];
  return named.find(([, order]) => isMap(order))?.[0] ?? 'irregular';
}
