import type { Contact } from '../../catalogue';
import { wireContacts, type End, type Wiring } from '../../link';
import type { CircuitPart, Node } from '../circuit/circuit-part';
import {
  COMMON,
  DIODE_V,
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

const REMOTE: Node = 'remote:common';
/** With fewer conductors than this the way back of a scan can be missing: then all depends on all. */
const LEAST_RETURNS = 5;

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
function contactsOf(wiring: Wiring, end: End): readonly Contact[] {
  const shell = wiring[end].contacts.flatMap(({ contact, core }) =>
    core !== null && !wireContacts(wiring[end]).includes(contact) ? [contact] : [],
  );
  return [...wireContacts(wiring[end]).filter((contact) => wired(wiring, end, contact)), ...shell];
}

const wired = (wiring: Wiring, end: End, contact: Contact) =>
  wiring[end].contacts.some((row) => row.contact === contact && row.core !== null);

const circuit = circuitOnce(sequentialLamps);

export const SEQUENTIAL_LAMPS = testerClass({
  id: 'sequential-lamps',
  name: 'Lamp tester that scans the contacts, with lamps at both ends',
  short: 'Scanning lamps',
  method: 'lamps',
  subject: 'any',
  how: 'Feeds one contact after the other; the lamps of that conductor light at both ends.',
  far: 'remote',
  minutes: 1.5,
  blindTo: ['split-pair', ...NEVER_SEEN],
  shows: 'by-scan',
  isOnLive: false,
  caution: NOT_LIVE,
  put: { moved: 'moved' },
  isWatched: false,
  seesJoints: true,
  tellsPlaces: false,
  isWhole: true,
  opensEnd: false,
  observe: (_, link) => ({ method: 'lamps', steps: link.light(circuit(link)) }),
  procedure: () => [{ tester: 'sequential-lamps', moved: null }],
  candidates: () => [{ tester: 'sequential-lamps', moved: null }],
  circuit: (_, link) => circuit(link),
  items: (_, { steps }, { near }) =>
    steps.map(({ step, lit, dim }) => ({
      tags: [wireContacts(near).length < LEAST_RETURNS ? '*' : `n:${step}`],
      value: `${lit.join()};${dim.join()}`,
    })),
  command: 'SLAM',
  entry: {
    kind: 'lamps',
    typed: {
      by: 'step',
      label: 'Or type the far lamps, near contact by near contact',
      hint: '- for dark, (36) for several',
      ofCord: 'The far lamps in order, - for dark: 123-5678',
    },
  },
});
