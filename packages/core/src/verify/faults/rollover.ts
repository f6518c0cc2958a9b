import { turnedContact, type Wiring } from '../../link';
import type { FaultClass } from './fault-class';
import type { Instance } from './instance';
import { arrivals } from './fault-words';
import { instanceOf, type FaultyLink, type Joined } from './faulty-link';

export const ROLLOVER: FaultClass = {
  kind: 'rollover',
  title: 'Upside down',
  several: 'a cable turned end for end',
  perHundred: 0.4,
  change: 'arrives-elsewhere',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.9,
  isInColours: true,
  isToProve: true,
  instances: (link) => [{ of: turnedOver(link) }],
  sentence: (fault, wiring) =>
    turns(wiring)
      ? `${fault.end === 'either' ? 'One end' : `The ${fault.end} end`} is made upside down: ${arrivals(fault)}.`
      : `One end begins at its last contact: ${arrivals(fault)}.`,
  action: (fault, wiring) => ({
    end: fault.end,
    sentence: !turns(wiring)
      ? 'Read the colours at both ends. Make the end again that begins with the last core on its first contact.'
      : fault.end === 'either'
        ? 'Read the colours at both ends with the latch the same way. Remake the end that runs backwards.'
        : `Remake the ${fault.end} end with the latch the other way.`,
  }),
};

/** Whether an end can be on the wrong way round, and not only be wired from its wrong end. */
const turns = ({ near, far }: Wiring): boolean => near.turns || far.turns;

/** All contacts of a connector that is on the wrong way round. */
function turnedOver({ wires, wiring }: FaultyLink): Instance[] {
  const farOf = new Map(wires);
  const turned = wires.flatMap(([near]): Joined[] => {
    const far = farOf.get(turnedContact(wiring.near, near));
    return far === undefined ? [] : [[near, far]];
  });
  return turns(wiring) && wires.length > 2 && turned.length === wires.length
    ? [instanceOf(turned, wiring)]
    : [];
}
