import { ENDS, type End } from '../link';
import type { Port } from './port';
import type { Join } from './solution';

/**
 * The two ports with who feeds whom, as it was answered: the contact of the end that gives sends its supply,
 * the other one takes it.
 */
export function portsFed(
  ports: Readonly<Record<End, Port>>,
  joins: readonly Join[],
): Readonly<Record<End, Port>> {
  const fed = joins.filter(({ feeds }) => feeds !== undefined);
  if (fed.length === 0) return ports;
  const of = (end: End): Port => ({
    ...ports[end],
    contacts: ports[end].contacts.map((row) => {
      const join = fed.find((one) => one[end] === row.contact);
      return join && row.role === 'supply'
        ? { ...row, direction: join.feeds === end ? ('out' as const) : ('in' as const) }
        : row;
    }),
  });
  const [near, far] = ENDS.map(of);
  return { near: near ?? ports.near, far: far ?? ports.far };
}
