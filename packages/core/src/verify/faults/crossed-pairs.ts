import type { Contact } from '../../catalogue';
import { fourPairWiring, intendedFar, pairAt, pairsOf, type Wiring } from '../../link';
import type { Fault } from '../fault';
import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import type { Instance } from './instance';
import { arrivals, remake } from './fault-words';
import { twos, type FaultyLink } from './faulty-link';

export const CROSSED_PAIRS: FaultClass = {
  kind: 'crossed-pairs',
  perHundred: 1,
  change: 'arrives-elsewhere',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.9,
  isInColours: true,
  isToProve: true,
  instances: (link) => [{ of: crossed(link) }],
  sentence: (fault, wiring) =>
    tell('fault-crossed-pairs', {
      pairs: fault.pairs,
      arrivals: arrivals(fault),
      mixedSchemes: mixedSchemes(fault, wiring),
      reversed: reversedInside(fault, wiring),
    }),
  action: (fault, wiring) =>
    mixedSchemes(fault, wiring)
      ? { end: 'either', sentence: tell('do-remake-to-scheme', { rule: wiring.near.rule }) }
      : remake(fault, wiring),
};

/** Whether both pairs arrive just as they do between an end of T568A and one of T568B. */
function mixedSchemes(fault: Fault, { near, far }: Wiring): boolean {
  const mixed = intendedFar(fourPairWiring('T568A', 'T568B'));
  return (
    fault.pairs.join() === '2,3' &&
    near.rule === far.rule &&
    near.rule.startsWith('T568') &&
    fault.near.every((contact, index) => mixed.get(contact) === fault.far[index])
  );
}

/** Pairs that a crossing turns over besides. */
function reversedInside({ near, far }: Fault, wiring: Wiring): number[] {
  const intended = intendedFar(wiring);
  const arrives = new Map(near.map((contact, index) => [contact, far[index]]));
  const isTip = (contact: Contact | undefined) =>
    contact !== undefined && pairAt(wiring.far, contact)?.tip === contact;
  const turned = pairsOf(wiring.near).filter(
    ({ tip }) => near.includes(tip) && isTip(arrives.get(tip)) !== isTip(intended.get(tip)),
  );
  return turned.map(({ number }) => number);
}

/** Two pairs of which each arrives where the other is meant to. */
function crossed({ wires, wiring }: FaultyLink): Instance[] {
  const farOf = new Map(wires);
  return twos(pairsOf(wiring.near)).flatMap(([p, q]): Instance[] => {
    const near = [p.tip, p.ring, q.tip, q.ring];
    const far = [q.tip, q.ring, p.tip, p.ring].flatMap((contact) => farOf.get(contact) ?? []);
    return far.length === 4 ? [{ near, far, pairs: [p.number, q.number], weight: 1 }] : [];
  });
}
