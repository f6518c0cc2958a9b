import { SHELL } from '../../catalogue';
import { wireContacts } from '../../link';
import type { CircuitPart } from '../circuit/circuit-part';
import { nodeAt } from '../circuit/link-circuit';
import { ohmLine } from './ohm-line';
import { NOT_LIVE, testerClass } from './tester-class';

const LABELS = ['centre to shield, far end open', 'far end shorted', 'far end terminated'] as const;

export const COAX_TRIO = testerClass({
  id: 'coax-trio',
  name: 'Ohmmeter with the far end open, shorted and terminated',
  short: 'Open, short, terminated',
  method: 'trio',
  subject: 'coax',
  how: 'Three readings between centre and shield, each known beforehand.',
  far: 'someone',
  minutes: 3,
  blindTo: ['intermittent', 'performance'],
  shows: 'once',
  isOnLive: false,
  caution: NOT_LIVE,
  put: { moved: 'moved' },
  isWatched: false,
  seesJoints: false,
  tellsPlaces: true,
  isWhole: true,
  opensEnd: false,
  observe(_, link) {
    const centre = wireContacts(link.wiring.near)[0] ?? '1';
    const far = (ohm: number): CircuitPart => ({
      kind: 'resistor',
      a: nodeAt('far', centre),
      b: nodeAt('far', SHELL),
      ohm,
    });
    const between = (besides: readonly CircuitPart[]) =>
      link.ohms({ end: 'near', contact: centre }, { end: 'near', contact: SHELL }, besides);
    return {
      method: 'trio',
      ohms: [[], [far(link.jointOhm)], [far(link.impedanceOhm)]].map(between),
    };
  },
  procedure: () => [{ tester: 'coax-trio', moved: null }],
  candidates: () => [{ tester: 'coax-trio', moved: null }],
  entry: {
    kind: 'one-trial',
    lines: ({ ohms }) =>
      LABELS.map((label, index) =>
        ohmLine(label, ohms[index] ?? null, (ohm) => ({ method: 'trio', ohms: [ohm] })),
      ),
    join: (parts, of) =>
      parts.length < of
        ? `Measure all ${of}: only together do they tell anything.`
        : { method: 'trio', ohms: parts.flatMap(({ ohms }) => ohms) },
  },
});
