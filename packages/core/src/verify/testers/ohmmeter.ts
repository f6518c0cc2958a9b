import { pairAt, pairsOf, type Wiring } from '../../link';
import { nodeAt } from '../circuit/link-circuit';
import { tell } from '../messages';
import { ohmLine } from './ohm-line';
import { NOT_LIVE, nodeName, testerClass, type TrialOf } from './tester-class';

const PUT = { moved: 'moved', from: 'node', to: 'node', joined: 'joined' } as const;

/** A loop a pair, closed by a jack at the far end. */
function loopsOf({ near, far }: Wiring): TrialOf<'ohmmeter', typeof PUT>[] {
  const jack = new Map(pairsOf(far).map(({ number, tip, ring }) => [number, [tip, ring]]));
  return pairsOf(near).map(({ number, tip, ring }) => ({
    tester: 'ohmmeter',
    from: { end: 'near', contact: tip },
    to: { end: 'near', contact: ring },
    joined: jack.get(number) ?? [],
    moved: null,
  }));
}

export const OHMMETER = testerClass({
  id: 'ohmmeter',
  name: 'Ohmmeter',
  short: 'Ohms',
  method: 'ohms',
  subject: 'any',
  how: 'Shows the resistance between its two probes; a loop is closed by a jack at the far end.',
  far: 'nothing',
  minutes: 1,
  blindTo: ['intermittent', 'moisture', 'performance'],
  shows: 'all-the-time',
  isOnLive: false,
  caution: NOT_LIVE,
  put: PUT,
  isWatched: false,
  seesJoints: false,
  tellsPlaces: true,
  isWhole: false,
  opensEnd: false,
  fits: ({ near }) => pairsOf(near).length > 0,
  observe: ({ from, to, joined }, link) => ({
    method: 'ohms',
    ohm: link.ohms(
      from,
      to,
      joined.slice(1).map((contact, index) => ({
        kind: 'resistor',
        a: nodeAt('far', joined[index] ?? contact),
        b: nodeAt('far', contact),
        ohm: link.jointOhm,
      })),
    ),
  }),
  procedure: loopsOf,
  candidates({ wiring, contacts }) {
    const pairOf = (contact: string) => pairAt(wiring.near, contact)?.number ?? null;
    const asked = new Set(contacts('near').map(pairOf));
    return loopsOf(wiring).filter(({ from }) => asked.has(pairOf(from.contact)));
  },
  order: ({ from, to }) => tell('order-ohms', { from, to }),
  entry: {
    kind: 'line-a-trial',
    line({ from, to, joined }, good) {
      const between = `${nodeName(from)} to ${to.contact}`;
      return ohmLine(
        joined.length > 0 ? `${between}, far ${joined.join(' and ')} joined` : between,
        good.ohm,
        (ohm) => ({ method: 'ohms', ohm }),
      );
    },
  },
});
