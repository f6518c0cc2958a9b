import { turnedContact, type Wiring } from '../../link';
import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import type { Instance } from './instance';
import { arrivals } from './fault-words';
import { instanceOf, type FaultyLink, type Joined } from './faulty-link';

export const ROLLOVER: FaultClass = {
  kind: 'rollover',
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
    tell('fault-rollover', {
      turns: turns(wiring),
      end: fault.end,
      arrivals: arrivals(fault),
    }),
  action: (fault, wiring) => ({
    end: fault.end,
    sentence: tell('do-turn', { turns: turns(wiring), end: fault.end }),
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
