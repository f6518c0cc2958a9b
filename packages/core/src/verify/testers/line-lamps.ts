import { pairsOf, type Wiring } from '../../link';
import type { CircuitPart } from '../circuit/circuit-part';
import {
  COMMON,
  PLUS,
  battery,
  lamp,
  type CircuitStep,
  type LampParts,
} from '../circuit/lamp-circuit';
import { nodeAt } from '../circuit/link-circuit';
import { circuitOnce } from './lamp-class';
import { NEVER_SEEN, testerClass } from './tester-class';

/** An exchange's battery, and what it feeds each conductor of a line through. Generic. */
const EXCHANGE_V = 48;
const FEED_OHM = 400;
/** In series with a lamp that such a battery lights. Generic. */
const SERIES_OHM = 15_000;
/** Lines that one socket has. */
const MOST_LINES = 3;

/**
 * A plug with two lamps for each line, in a socket that is fed from the other end: one lights where tip is
 * positive, as an exchange feeds it, the other where the line is turned.
 */
export function lineLamps({ near, far }: Wiring, { lampV }: LampParts): CircuitStep[] {
  const resistor = (a: string, b: string): CircuitPart => ({
    kind: 'resistor',
    a,
    b,
    ohm: FEED_OHM,
  });
  const parts: CircuitPart[] = [
    battery({ supplyV: EXCHANGE_V }),
    ...pairsOf(near).flatMap(({ tip, ring }) => [
      resistor(PLUS, nodeAt('near', tip)),
      resistor(nodeAt('near', ring), COMMON),
    ]),
    ...pairsOf(far).flatMap(({ number, tip, ring }) => {
      const [plus, minus] = [nodeAt('far', tip), nodeAt('far', ring)];
      return [
        lamp(`${number}+`, plus, minus, SERIES_OHM, lampV),
        lamp(`${number}-`, minus, plus, SERIES_OHM, lampV),
      ];
    }),
  ];
  return pairsOf(far).map(({ number }) => ({
    name: `line ${number}`,
    lamps: [`${number}+`, `${number}-`],
    parts,
  }));
}

const circuit = circuitOnce(lineLamps);

export const LINE_LAMPS = testerClass({
  id: 'line-lamps',
  name: 'Lamp tester for a telephone socket',
  short: 'Line lamps',
  method: 'lamps',
  subject: 'telephone',
  how: 'In a socket that is fed from the other end, a lamp of each line lights: + where tip is positive, as it should be, - where the line is turned.',
  far: 'nothing',
  minutes: 0.5,
  blindTo: ['crossed-pairs', ...NEVER_SEEN],
  shows: 'all-the-time',
  isOnLive: true,
  caution:
    'The line is live: about 50 V at rest and up to 100 V while it rings. Keep off bare contacts, and leave it in a thunderstorm.',
  put: { moved: 'moved' },
  isWatched: true,
  seesJoints: true,
  tellsPlaces: false,
  isWhole: true,
  opensEnd: false,
  fits: ({ near }) => pairsOf(near).length <= MOST_LINES,
  observe: (_, link) => ({ method: 'lamps', steps: link.light(circuit(link)) }),
  procedure: () => [{ tester: 'line-lamps', moved: null }],
  candidates: () => [{ tester: 'line-lamps', moved: null }],
  endOf: () => 'far',
  circuit: (_, link) => circuit(link),
  items: (_, { steps }) =>
    steps.map(({ step, lit, dim }) => ({
      tags: ['*'],
      value: `${step} ${lit.join()};${dim.join()}`,
    })),
  entry: { kind: 'lamps', typed: null },
});
