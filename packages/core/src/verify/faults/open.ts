import { SHELL, type Contact } from '../../catalogue';
import { intendedFar, type Wiring } from '../../link';
import { capital } from '../../units';
import type { Fault } from '../fault';
import type { FaultClass } from './fault-class';
import { list, named, contactsAt } from './fault-words';
import { instanceOf, ofEachWire } from './faulty-link';

/** Of opens, how many are of a whole cable or cord. Generic. */
const ALL_TOGETHER = 0.2;

export const OPEN: FaultClass = {
  kind: 'open',
  title: 'Open',
  several: 'opens',
  perHundred: 4,
  change: 'is-broken',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: true,
  seenByLooking: 0.6,
  isInColours: false,
  isToProve: true,
  instances: (link) => [
    { of: ofEachWire(link) },
    {
      of: link.wires.length > 1 ? [instanceOf(link.intended, link.wiring)] : [],
      share: ALL_TOGETHER,
    },
  ],
  sentence: (fault, wiring) => {
    const [near, far] = [fault.near[0] as Contact, fault.far[0] as Contact];
    if (fault.near.length > 1) return openTogether(fault, wiring);
    const which = `${capital(named(near, 'near', wiring))}${ofPair(fault)}`;
    return near === far
      ? `${which} is open: it does not reach the far end.`
      : `${which} is open: near ${near} does not reach far ${far}.`;
  },
  action: (fault, wiring) =>
    fault.near.length > 1 && !isAll(fault, wiring)
      ? {
          end: 'either',
          sentence:
            'Count the pairs in the jacket. A cable or a cord of two pairs carries no more: replace it, or let the schedule say so. If all pairs are there, look at both ends for those that were left off.',
        }
      : fault.near.length > 1
        ? {
            end: 'either',
            sentence:
              'Check that the remote is on this cable and both ends are seated. If so, the cable is cut: find the place with reflectometry.',
          }
        : {
            end: fault.end,
            sentence: `Seat ${contactsAt(fault, wiring)} again, first at the end you stand at, then at the other. If it stays open, find the break with reflectometry.`,
          },
};

function ofPair({ pairs }: Fault): string {
  return pairs.length === 1 ? `, pair ${pairs.join()},` : '';
}

/** All of a cable, or the pairs that go through together with none of their conductors. */
const openTogether = (fault: Fault, wiring: Wiring): string =>
  isAll(fault, wiring)
    ? 'Nothing goes through: every conductor is open.'
    : `Pairs ${list(fault.pairs.map(String))} are open, both conductors of each (${list([...fault.near])}): as in a cable or a cord that has only the other pairs.`;

const isAll = ({ near }: Fault, wiring: Wiring): boolean =>
  near.filter((contact) => contact !== SHELL).length === intendedWires(wiring);
const intendedWires = (wiring: Wiring): number =>
  [...intendedFar(wiring).keys()].filter((contact) => contact !== SHELL).length;
