import type { Contact } from '../../catalogue';
import { pairsOf, wireContacts, type Wiring } from '../../link';
import { nodeAt } from './link-circuit';
import type { CircuitPart, Node } from './circuit-part';

/** What a tester connects at one moment, and which of its lamps can be seen. */
export interface CircuitStep {
  readonly name: string;
  readonly parts: readonly CircuitPart[];
  readonly lamps: readonly string[];
}

/** What a lamp tester is built of. */
export interface LampParts {
  readonly supplyV: number;
  /** In series with each lamp, ohm. */
  readonly seriesOhm: number;
  /** Across a lamp that is lit, volt. */
  readonly lampV: number;
}

/** A 9 V block, red lamps and 470 ohm. Generic: the drop of a lamp is on its data sheet. */
export const PLAIN_LAMPS: LampParts = { supplyV: 9, seriesOhm: 470, lampV: 1.9 };

/** A silicon diode's threshold, volt, and a battery's own resistance, ohm. Generic. */
const DIODE_V = 0.6;
const BATTERY_OHM = 2;
const SLOPE_OHM = 10;

const PLUS: Node = 'tester:plus';
const COMMON: Node = 'tester:common';
const REMOTE: Node = 'remote:common';

const lamp = (
  name: string,
  anode: Node,
  cathode: Node,
  ohm: number,
  forwardV: number,
): CircuitPart => ({
  kind: 'diode',
  name,
  anode,
  cathode,
  ohm,
  forwardV,
});

const battery = ({ supplyV }: LampParts): CircuitPart => ({
  kind: 'supply',
  plus: PLUS,
  minus: COMMON,
  volts: supplyV,
  ohm: BATTERY_OHM,
});

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

/**
 * A tester that feeds one contact after the other through its lamp, while all the others are the way
 * back; the remote has a lamp for each contact, which all meet in one place, and a diode back into
 * each.
 */
export function sequentialLamps(wiring: Wiring, built: LampParts): CircuitStep[] {
  const near = contactsOf(wiring, 'near');
  const far = contactsOf(wiring, 'far');
  const remote = far.flatMap((contact): CircuitPart[] => [
    lamp(`far ${contact}`, nodeAt('far', contact), REMOTE, SLOPE_OHM, built.lampV),
    lamp(`back ${contact}`, REMOTE, nodeAt('far', contact), SLOPE_OHM, DIODE_V),
  ]);
  return near.map((fed) => ({
    name: fed,
    lamps: [`near ${fed}`, ...far.map((contact) => `far ${contact}`)],
    parts: [
      battery(built),
      lamp(`near ${fed}`, PLUS, nodeAt('near', fed), built.seriesOhm + SLOPE_OHM, built.lampV),
      ...near
        .filter((contact) => contact !== fed)
        .map((contact): CircuitPart => ({
          kind: 'resistor',
          a: nodeAt('near', contact),
          b: COMMON,
          ohm: 0.1,
        })),
      ...remote,
    ],
  }));
}

/** Every contact of an end that has a core, the shell among them. */
function contactsOf(wiring: Wiring, end: 'near' | 'far'): readonly Contact[] {
  const shell = wiring[end].contacts.flatMap(({ contact, core }) =>
    core !== null && !wireContacts(wiring[end]).includes(contact) ? [contact] : [],
  );
  return [...wireContacts(wiring[end]).filter((contact) => wired(wiring, end, contact)), ...shell];
}

const wired = (wiring: Wiring, end: 'near' | 'far', contact: Contact) =>
  wiring[end].contacts.some((row) => row.contact === contact && row.core !== null);

/** Current at which a lamp is called lit, and dim, ampere. Generic for small light-emitting diodes. */
export const LIT_A = 0.001;
export const DIM_A = 0.0001;
