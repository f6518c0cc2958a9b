import type { Contact } from '../../catalogue';
import { intendedFar, pairsOf, wireContacts, type End, type Wiring } from '../../link';

import type { Message } from '../../message';
import type { Fault } from '../fault';
import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { arrivals } from './fault-words';
import { slipsOf } from './slips';

export const SHIFTED: FaultClass = {
  kind: 'shifted',
  perHundred: 0.4,
  change: 'arrives-elsewhere',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.9,
  isInColours: true,
  isToProve: true,
  instances: ({ wiring }) => [{ of: slipsOf('shifted', wiring) }],
  sentence: tellShift,
  action: (fault, wiring) => {
    const [end, other] = lateAndOther(fault);
    const first = wiring[end].contacts[0];
    return {
      end,
      sentence: tell('do-punch-row', {
        end,
        other,
        first: first?.core ? { core: first.core, contact: first.contact } : null,
      }),
    };
  },
};

/** Which end of a shifted row begins late, as it looks from the reading. */
const lateAndOther = ({ end }: Fault): readonly [End, End] =>
  end === 'near' ? ['near', 'far'] : ['far', 'near'];

function tellShift(fault: Fault, wiring: Wiring): Message {
  const [late] = lateAndOther(fault);
  const row = wireContacts(wiring.far);
  const [first, arrives] = [fault.near[0] as Contact, fault.far[0] as Contact];
  const by = Math.abs(row.indexOf(arrives) - row.indexOf(intendedFar(wiring).get(first) ?? ''));
  const inPairs = by % 2 === 0 && pairsOf(wiring.far).length * 2 === row.length;
  const left = fault.near.slice(fault.far.length);
  const there = late === 'far' ? row : wireContacts(wiring.near);
  const reached = new Set(late === 'far' ? fault.far : fault.near.slice(0, fault.far.length));
  return tell('fault-shifted', {
    by: inPairs ? by / 2 : by,
    of: inPairs ? 'pairs' : 'contacts',
    late,
    arrivals: arrivals(fault),
    left:
      left.length === 0
        ? null
        : {
            empty: there.filter((contact) => !reached.has(contact)),
            over: late === 'far' ? left : row.filter((contact) => !fault.far.includes(contact)),
            overAt: late === 'far' ? 'near' : 'far',
          },
  });
}
