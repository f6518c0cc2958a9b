import { SHELL } from '../../catalogue';
import { ENDS, pairAt, type Wiring } from '../../link';
import type { ShownBy } from '../shown';
import type { Item } from './tester-class';

/** What a wire map shows, contact by contact and split pair by split pair. */
export const mapItems = (
  { nets, splitPairs }: ShownBy<'nets'>,
  wiring: Wiring,
): readonly Item[] => [
  ...ENDS.flatMap((end) =>
    [...wiring[end].contacts.map(({ contact }) => contact), SHELL].map((contact) => ({
      tags: [`${end[0] ?? ''}:${contact}`],
      value: JSON.stringify(nets.find((net) => net[end].includes(contact)) ?? null),
      ofContact: true,
    })),
  ),
  ...(splitPairs ?? []).map((pair) => ({
    tags: [`p:${pairAt(wiring.near, pair[0])?.number ?? 0}`],
    value: 'split',
  })),
];
