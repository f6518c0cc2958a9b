import { outline, ribbonOrder, type Cable, type Core } from '../catalogue';
import { ENDS, type End } from '../link';
import type { Port } from './port';
import type { Net } from './solution';

/**
 * The end whose connector can be pressed on a ribbon: in two rows, with as many contacts as the ribbon has
 * cores, else at most as many. Null where the cable is no ribbon, or nothing fits.
 */
export function pressedEnd(
  cable: Cable | null,
  ports: Readonly<Record<End, Pick<Port, 'connector'>>>,
): End | null {
  if (cable?.family !== 'ribbon') return null;
  const count = (end: End) => outline(ports[end].connector).places.length;
  const fitting = ENDS.filter((end) => {
    const row = outline(ports[end].connector);
    const rows = new Set(row.places.map(({ yMm }) => yMm)).size;
    return (
      (row.shape === 'd' || row.shape === 'row') && rows === 2 && count(end) <= cable.cores.length
    );
  });
  return fitting.find((end) => count(end) === cable.cores.length) ?? fitting[0] ?? null;
}

/** On a ribbon the pressed connector decides which core is on which contact, not the colours. */
export function ribbonCores(
  nets: readonly Net[],
  ports: Readonly<Record<End, Pick<Port, 'connector'>>>,
  cable: Cable | null,
): ReadonlyMap<number, Core> {
  const end = pressedEnd(cable, ports);
  if (end === null || cable === null) return new Map();
  const order = ribbonOrder(ports[end].connector);
  return new Map(
    nets.flatMap((net, index) => {
      const [contact] = net[end];
      const core = contact === undefined ? undefined : cable.cores[order.indexOf(contact)];
      return core && net.near.length > 0 && net.far.length > 0 ? [[index, core] as const] : [];
    }),
  );
}
