import { compareContacts } from '../../catalogue';
import { intendedFar, pairsOf, type Wiring } from '../../link';
import type { Fault } from '../fault';
import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import type { Instance } from './instance';

import { twos, type FaultyLink } from './faulty-link';

export const SPLIT_PAIR: FaultClass = {
  kind: 'split-pair',
  perHundred: 1.5,
  change: 'is-exchanged',
  places: ['either'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0,
  isInColours: true,
  isToProve: true,
  instances: (link) => [{ of: splits(link) }],
  sentence: (fault, wiring) =>
    tell('fault-split-pair', {
      pairs: fault.pairs,
      near: fault.near,
      inPairs: pairContacts(fault, wiring),
    }),
  action: (_, { near, far }) => ({
    end: 'either',
    sentence: tell('do-remake-both', { near: near.rule, far: far.rule }),
  }),
};

function pairContacts({ near, pairs }: Fault, wiring: Wiring): string[] {
  const inPairs = pairsOf(wiring.near)
    .map(({ tip, ring }) => [tip, ring].sort(compareContacts))
    .filter((pair) => pair.some((contact) => near.includes(contact)))
    .sort(([a = ''], [b = '']) => compareContacts(a, b));
  return inPairs.slice(0, Math.max(pairs.length, 1)).map((pair) => pair.join('-'));
}

/** Which conductors of two pairs are exchanged, by how often that is so. Generic: mostly the coloured ones. */
const EXCHANGED = [
  { first: 'ring', second: 'tip', share: 0.2 },
  { first: 'ring', second: 'ring', share: 0.4 },
  { first: 'tip', second: 'ring', share: 0.2 },
  { first: 'tip', second: 'tip', share: 0.2 },
] as const;

/** Split pairs: to continuity all ways of splitting two pairs are alike, to eyes they are not. */
function splits({ wiring }: FaultyLink): Instance[] {
  const farOf = intendedFar(wiring);
  return twos(pairsOf(wiring.near)).map(([p, q]): Instance => {
    const ways = EXCHANGED.map(({ first, second, share }) => {
      const near = [
        first === 'ring' ? p.tip : p.ring,
        p[first],
        q[second],
        second === 'ring' ? q.tip : q.ring,
      ];
      return { share, near, far: near.flatMap((contact) => farOf.get(contact) ?? []) };
    });
    const [{ near, far }] = ways as [(typeof ways)[number]];
    return { near, far, pairs: [p.number, q.number], weight: 1, ways };
  });
}
