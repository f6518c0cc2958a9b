import type { Contact } from '../catalogue';
import type { End } from '../link';
import { level } from './level';
import { rowAt } from './nets';
import type { Port, PortContact } from './port';
import { alike, crossing, mayBeOne, meaningOf } from './signal';
import type { Choice, Join, Question } from './solution';

/** So many partners are offered for one contact. */
const OFFERED = 6;

/** What is open at each end although nobody said that it should be. */
export type Open = Readonly<Record<End, readonly Contact[]>>;

const CARRIES = new Set<PortContact['role']>(['signal', 'ground']);

/** Whether two contacts could be joined at all: not two that send, nor two kinds that can't meet. */
function canMeet(a: PortContact, b: PortContact): boolean {
  const oneWay = a.direction === b.direction && (a.direction === 'out' || a.direction === 'in');
  const [one, other] = [level(a.level)?.kind, level(b.level)?.kind];
  // A ground is no signal, unless a name is not known, or is used for both.
  const [as, bs] = [meaningOf(a.signal), meaningOf(b.signal)];
  const alikeInRole =
    a.role === b.role ||
    mayBeOne(as, bs) ||
    [as, bs].some(({ known }, index) => !known && [a, b][index]?.role === 'signal');
  return !oneWay && alikeInRole && (!one || !other || one === other);
}

/** The better the guess, the smaller. */
function guess(a: PortContact, b: PortContact): number {
  const [one, other] = [meaningOf(a.signal), meaningOf(b.signal)];
  if (one.concept === other.concept || crossing(one, other)) return 0;
  if (mayBeOne(one, other)) return 1;
  if (alike(one, other)) return 2;
  if (a.role !== b.role) return 5;
  // Two names that are known, and known to be different, are a worse guess than two that nobody knows.
  return one.known && other.known ? 4 : 3;
}

const told = (row: PortContact): string => `${row.contact} (${row.signal})`;

/**
 * A question for every contact that carries something and is open, while something that it could be is open
 * at the other side: silence is not taken for an answer. The best guess stands first.
 *
 * @param open contacts that nothing has joined, nobody has left open, and no other question is about
 */
export function askOpen(open: Open, ports: Readonly<Record<End, Port>>): Question[] {
  const rows = (end: End) =>
    open[end].flatMap((contact) => {
      const row = rowAt(ports[end], contact);
      return row && CARRIES.has(row.role) ? [row] : [];
    });
  const [nearRows, farRows] = [rows('near'), rows('far')];
  const fromNear = nearRows.length <= farRows.length;
  const [own, others] = fromNear ? [nearRows, farRows] : [farRows, nearRows];
  const [here, there] = fromNear ? (['Near', 'far'] as const) : (['Far', 'near'] as const);
  const join = (a: Contact, b: Contact | null): Join =>
    fromNear ? { near: a, far: b } : { near: b, far: a };
  return own.flatMap((row): Question[] => {
    const partners = others
      .filter((other) => canMeet(row, other))
      .map((other) => ({ other, rank: guess(row, other) }))
      .sort((a, b) => a.rank - b.rank);
    const [best] = partners;
    if (!best) return [];
    const offers = partners.slice(0, OFFERED).map(({ other }): Choice => ({
      label: `With ${there} ${told(other)}`,
      joins: [join(row.contact, other.contact)],
    }));
    const leave: Choice = { label: 'Leave it open', joins: [join(row.contact, null)] };
    return [
      {
        id: `open-${here.toLowerCase()}-${row.contact}`,
        sentence: `${here} ${told(row)} is open, and so is ${there} ${partners
          .slice(0, OFFERED)
          .map(({ other }) => told(other))
          .join(', ')}. Is it one of them?`,
        choices: best.rank < 3 ? [...offers, leave] : [leave, ...offers],
      },
    ];
  });
}
