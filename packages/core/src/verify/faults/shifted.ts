import { conductor, type Contact } from '../../catalogue';
import { intendedFar, pairsOf, wireContacts, type End, type Wiring } from '../../link';
import { capital } from '../../units';
import type { Fault } from '../fault';
import type { FaultClass } from './fault-class';
import { counted, arrivals, stretch } from './fault-words';
import { slipsOf } from './slips';

export const SHIFTED: FaultClass = {
  kind: 'shifted',
  title: 'Row begun late',
  several: 'a row that begins late',
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
      sentence: `Look at the first contacts of the ${end} end. If they are as told, punch the ${end} end down again from its first contact${
        first?.core ? `: ${conductor(first.core).name} on ${first.contact}` : ''
      }. If its colours are in order, the ${other} end is the one that began elsewhere.`,
    };
  },
};

/** Which end of a shifted row begins late, as it looks from the reading. */
const lateAndOther = ({ end }: Fault): readonly [End, End] =>
  end === 'near' ? ['near', 'far'] : ['far', 'near'];

/**
 * "Every pair is two pairs late at the far end: near 1 arrives at far 5 ... Far 1 to 4 are empty; near 47 to
 * 50 are left over."
 */
function tellShift(fault: Fault, wiring: Wiring): string {
  const [late] = lateAndOther(fault);
  const row = wireContacts(wiring.far);
  const [first, arrives] = [fault.near[0] as Contact, fault.far[0] as Contact];
  const by = Math.abs(row.indexOf(arrives) - row.indexOf(intendedFar(wiring).get(first) ?? ''));
  const inPairs = by % 2 === 0 && pairsOf(wiring.far).length * 2 === row.length;
  const [what, how] = inPairs
    ? ['pair', `${counted(by / 2)} pair${by === 2 ? '' : 's'}`]
    : ['conductor', `${counted(by)} contact${by === 1 ? '' : 's'}`];
  const left = fault.near.slice(fault.far.length);
  const said = `Every ${what} is ${how} late at the ${late} end: ${arrivals(fault)}.`;
  if (left.length === 0) return `${said} What was left over at its end is on its first contacts.`;
  const there = late === 'far' ? row : wireContacts(wiring.near);
  const reached = new Set(late === 'far' ? fault.far : fault.near.slice(0, fault.far.length));
  const empty = there.filter((contact) => !reached.has(contact));
  const over =
    late === 'far'
      ? `the cores of near ${stretch(left)} are left over`
      : `the cores of far ${stretch(row.filter((contact) => !fault.far.includes(contact)))} are left over`;
  return `${said} ${capital(late)} ${stretch(empty)} should be empty there, and ${over}.`;
}
