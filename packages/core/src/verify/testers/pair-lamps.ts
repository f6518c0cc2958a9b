import { pairsOf, type Wiring } from '../../link';
import type { CircuitPart } from '../circuit/circuit-part';
import {
  COMMON,
  PLUS,
  SLOPE_OHM,
  battery,
  lamp,
  type CircuitStep,
  type LampParts,
} from '../circuit/lamp-circuit';
import { nodeAt } from '../circuit/link-circuit';
import { circuitOnce } from './lamp-class';
import { NEVER_SEEN, NOT_LIVE, testerClass } from './tester-class';

/**
 * A loop tester with a lamp for each pair, all lit at once: each pair's first conductor is fed
 * through a lamp and its resistor, all second ones are common, and a jack at the far end joins the two
 * conductors of each pair.
 */
export function pairLamps(wiring: Wiring, built: LampParts): CircuitStep[] {
  const rows = pairsOf(wiring.near);
  const jack = pairsOf(wiring.far);
  const lamps = rows.map(({ number }) => `pair ${number}`);
  return [
    {
      name: 'all',
      lamps,
      parts: [
        battery(built),
        ...rows.flatMap(({ number, tip, ring }): CircuitPart[] => [
          lamp(
            `pair ${number}`,
            PLUS,
            nodeAt('near', tip),
            built.seriesOhm + SLOPE_OHM,
            built.lampV,
          ),
          { kind: 'resistor', a: nodeAt('near', ring), b: COMMON, ohm: 0.02 },
        ]),
        ...jack.map(({ tip, ring }): CircuitPart => ({
          kind: 'resistor',
          a: nodeAt('far', tip),
          b: nodeAt('far', ring),
          ohm: 0.02,
        })),
      ],
    },
  ];
}

const circuit = circuitOnce(pairLamps);

export const PAIR_LAMPS = testerClass({
  id: 'pair-lamps',
  name: 'Loop tester with a lamp for each pair',
  short: 'Pair lamps',
  method: 'lamps',
  subject: 'pairs',
  how: 'A jack at the far end joins the two conductors of each pair; each loop lights a lamp.',
  far: 'jack',
  minutes: 1,
  blindTo: [...NEVER_SEEN],
  shows: 'all-the-time',
  isOnLive: false,
  caution: NOT_LIVE,
  put: { moved: 'moved' },
  isWatched: true,
  seesJoints: true,
  tellsPlaces: false,
  isWhole: true,
  opensEnd: false,
  observe: (_, link) => ({ method: 'lamps', steps: link.light(circuit(link)) }),
  procedure: () => [{ tester: 'pair-lamps', moved: null }],
  candidates: () => [{ tester: 'pair-lamps', moved: null }],
  circuit: (_, link) => circuit(link),
  items: (_, { steps }) =>
    steps
      .flatMap(({ lit, dim }) => [
        ...lit.map((name) => [name, 'lit'] as const),
        ...dim.map((name) => [name, 'dim'] as const),
      ])
      .map(([name, value]) => ({ tags: [`p:${name.replace('pair ', '')}`], value })),
  command: 'PLAM',
  entry: {
    kind: 'lamps',
    typed: {
      by: 'lamp',
      label: 'Or type the pairs that light',
      hint: '1 3 4; 2? for dim',
      ofCord: 'The pairs that light: 1 3 4',
    },
  },
});
