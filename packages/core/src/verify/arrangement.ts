import { WIRE_CONTACTS, type Contact } from '../catalogue';
import type { WiringExplanation } from './explain-wiring';
import { flipped, type WireMap } from './wiring-distance';

export const ARRANGEMENTS = [
  'straight',
  'crossover',
  'full-crossover',
  'rollover',
  'irregular',
  'none',
] as const;

export type Arrangement = (typeof ARRANGEMENTS)[number];

const swaps = (...pairs: readonly string[]): WireMap => {
  const map = new Map<Contact, Contact>(WIRE_CONTACTS.map((contact) => [contact, contact]));
  for (const pair of pairs) {
    const [a, b] = [...pair] as [Contact, Contact];
    map.set(a, b).set(b, a);
  }
  return map;
};

/**
 * Named contact maps. The crossover exchanges the pairs on 1-2 and 3-6 (ISO/IEC/IEEE 8802-3,
 * 10BASE-T and 100BASE-TX MDI and MDI-X); the full one exchanges 4-5 and 7-8 too (1000BASE-T
 * MDI-X); a rollover joins n to 9 - n.
 */
const NAMED: readonly [Arrangement, WireMap][] = [
  ['straight', swaps()],
  ['crossover', swaps('13', '26')],
  ['full-crossover', swaps('13', '26', '47', '58')],
  ['rollover', new Map(WIRE_CONTACTS.map((contact) => [contact, flipped(contact)]))],
];

/** The name of the whole link's order, by the conductors that the reading shows. */
export function arrangementOf({ map, intact }: WiringExplanation): Arrangement {
  if (!WIRE_CONTACTS.some((contact) => intact.has(contact))) return 'none';
  const found = NAMED.find(([, named]) =>
    WIRE_CONTACTS.every((contact) => map.get(contact) === named.get(contact)),
  );
  return found?.[0] ?? 'irregular';
}
