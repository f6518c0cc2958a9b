import { SHELL, type Contact } from '../../catalogue';
import { intendedFar, type Wiring } from '../../link';

import type { Message } from '../../message';
import type { Fault } from '../fault';
import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { named, contactsAt } from './fault-words';
import { instanceOf, ofEachWire } from './faulty-link';

/** Of opens, how many are of a whole cable or cord. Generic. */
const ALL_TOGETHER = 0.2;

export const OPEN: FaultClass = {
  kind: 'open',
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
    return fault.near.length > 1
      ? openTogether(fault, wiring)
      : tell('fault-open', {
          which: named(near, 'near', wiring),
          pair: fault.pairs.length === 1 ? (fault.pairs[0] ?? null) : null,
          near,
          far,
        });
  },
  action: (fault, wiring) =>
    fault.near.length > 1
      ? {
          end: 'either',
          sentence: tell(isAll(fault, wiring) ? 'do-check-remote' : 'do-count-pairs', {}),
        }
      : {
          end: fault.end,
          sentence: tell('do-seat', { which: contactsAt(fault, wiring) }),
        },
};

/** All of a cable, or the pairs that go through together with none of their conductors. */
const openTogether = (fault: Fault, wiring: Wiring): Message =>
  isAll(fault, wiring)
    ? tell('fault-open-all', {})
    : tell('fault-open-pairs', { pairs: fault.pairs, near: fault.near });

const isAll = ({ near }: Fault, wiring: Wiring): boolean =>
  near.filter((contact) => contact !== SHELL).length === intendedWires(wiring);
const intendedWires = (wiring: Wiring): number =>
  [...intendedFar(wiring).keys()].filter((contact) => contact !== SHELL).length;
