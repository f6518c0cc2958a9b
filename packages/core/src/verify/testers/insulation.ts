import { SHELL } from '../../catalogue';
import { pairAt, pairsOf, wireContacts, type Wiring } from '../../link';
import { tell } from '../messages';
import { ohmLine } from './ohm-line';
import { nodeName, nodeTag, testerClass, type TrialOf } from './tester-class';

const PUT = { moved: 'moved', from: 'node', to: 'node' } as const;

/**
 * From here on a cable counts as dry, ohm. Generic, far below what a new one has, so that a wet one is told and
 * a meter's own limit is not: a standard or a maker asks for more.
 */
export const DRY_OHM = 10e6;

/** Less than this is no water but a joint, ohm. Generic. */
const JOINED_OHM = 500;

/** Between the conductors of each pair, or of each conductor and the next, and the shield. */
function betweenAll({ near }: Wiring): TrialOf<'insulation', typeof PUT>[] {
  const pairs = pairsOf(near).map(({ tip, ring }) => [tip, ring] as const);
  const wires = wireContacts(near);
  const shell = near.contacts.some(({ contact, core }) => contact === SHELL && core !== null);
  const row = shell ? [...wires, SHELL] : wires;
  const beside = row.slice(1).map((to, index) => [row[index] ?? to, to] as const);
  return (pairs.length > 0 ? pairs : beside).map(([from, to]) => ({
    tester: 'insulation',
    from: { end: 'near', contact: from },
    to: { end: 'near', contact: to },
    moved: null,
  }));
}

export const INSULATION = testerClass({
  id: 'insulation',
  name: 'Insulation or high-ohm meter',
  short: 'Insulation',
  method: 'ohms',
  subject: 'any',
  how: 'Shows what leaks from one conductor to another while the far end is open: water, long before it shorts.',
  far: 'nothing',
  minutes: 1,
  blindTo: ['open', 'high-resistance', 'intermittent', 'performance'],
  shows: 'all-the-time',
  isOnLive: false,
  caution:
    'It puts up to some hundred volts on the conductors: unplug both ends from every device and every arrester, see that nobody touches the far end, and let the cable discharge before you touch it.',
  put: PUT,
  isWatched: false,
  seesJoints: false,
  // A short is nearer with less of the cable before it.
  tellsPlaces: true,
  isWhole: false,
  opensEnd: false,
  observe: ({ from, to }, link) => ({ method: 'ohms', ohm: link.ohms(from, to, [], DRY_OHM) }),
  kept: (shown) => (shown.ohm !== null && shown.ohm >= DRY_OHM ? { ...shown, ohm: null } : shown),
  procedure: betweenAll,
  candidates({ wiring, contacts }) {
    const pairOf = (contact: string) => pairAt(wiring.near, contact)?.number ?? null;
    const asked = new Set(contacts('near').map(pairOf));
    return betweenAll(wiring).filter(({ from }) => asked.has(pairOf(from.contact)));
  },
  items: ({ from, to }, { ohm }) => [
    {
      tags: [nodeTag(from), nodeTag(to)],
      value: ohm === null ? 'dry' : ohm < JOINED_OHM ? 'joined' : 'wet',
    },
  ],
  order: ({ from, to }) => tell('order-insulation', { from, to }),
  entry: {
    kind: 'line-a-trial',
    line: ({ from, to }, good) =>
      ohmLine(`${nodeName(from)} to ${to.contact}, far end open`, good.ohm, (ohm) => ({
        method: 'ohms',
        ohm: ohm !== null && ohm >= DRY_OHM ? null : ohm,
      })),
  },
});
