import { faceContacts, mateOf, outline, type Contact } from '../../catalogue';
import type { End } from '../../link';
import type { Port } from '../port';
import type { Finding } from '../solution';
import type { Check } from './context';

/** Which contact each one meets when the connector is on the wrong way round: the place half a turn away. */
export function turnedContacts(port: Port): ReadonlyMap<Contact, Contact> {
  const part = { gender: mateOf(port.gender), outline: port.connector };
  const [right, wrong] = (['down', 'up'] as const).map((latch) =>
    faceContacts(part, { side: 'mating', latch }),
  );
  const near = (a: number, b: number) => Math.abs(a - b) < 0.2;
  return new Map(
    (right ?? []).flatMap((own) => {
      const met = wrong?.find(({ xMm, yMm }) => near(xMm, own.xMm) && near(yMm, own.yMm));
      return met ? [[own.contact, met.contact] as const] : [];
    }),
  );
}

/** A connector without a key: what would happen the wrong way round, and what prevents it. */
export const bothWaysRound: Check = ({ nets, ports }) =>
  (['near', 'far'] as const).flatMap((end: End): Finding[] => {
    const port = ports[end];
    const shape = outline(port.connector);
    if (!shape.turns) return [];
    const turned = turnedContacts(port);
    const supplies = port.contacts.filter(({ role }) => role === 'supply');
    const joined = new Set(nets.flatMap((net) => net[end]));
    const worst = supplies.flatMap((supply) => {
      const met = port.contacts.find(({ contact }) => contact === turned.get(supply.contact));
      return met && met !== supply && (joined.has(supply.contact) || joined.has(met.contact))
        ? [`${supply.signal} would be on ${met.contact} (${met.signal || 'open'})`]
        : [];
    });
    // A closed place must be one whose pin the device can lose, and not its own mirror image.
    const wanted = new Set(
      port.contacts.flatMap((row) => (row.role === 'none' ? [] : [row.contact])),
    );
    const free = shape.places.find(
      ({ contact }) => !wanted.has(contact) && turned.get(contact) !== contact,
    );
    const spot = free
      ? `Close place ${free.contact}, which nothing uses, and cut its pin: then it goes on one way.`
      : 'Mark contact 1 on both halves.';
    return [
      {
        severity: worst.length > 0 ? 'warn' : 'note',
        kind: 'fits-both-ways',
        [end]: port.contacts.map(({ contact }) => contact),
        sentence: `The ${end} ${shape.name} goes on both ways round${
          worst.length > 0 ? `: turned, ${worst.join(' and ')}` : ''
        }.`,
        remedy: `${spot}${worst.length > 0 ? ' Or keep to one rule: the supply toward the outside edge.' : ''}`,
      },
    ];
  });
