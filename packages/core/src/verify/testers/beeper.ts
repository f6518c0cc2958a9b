import { wireContacts, type ContactNode, type End } from '../../link';
import { tell } from '../messages';
import { NEVER_SEEN, NOT_LIVE, nodeName, nodeTag, testerClass } from './tester-class';

/** Below this it sounds, ohm. Generic. */
const BEEP_OHM = 50;
/** Contacts of an end that probes are put to for one question. */
const MOST_CONTACTS = 5;
const BEEPS = ['beeps', 'silent'] as const;

const trial = (from: ContactNode, to: ContactNode) =>
  ({ tester: 'beeper', from, to, moved: null }) as const;

export const BEEPER = testerClass({
  id: 'beeper',
  name: 'Two-probe continuity beeper',
  short: 'Beeper',
  method: 'beep',
  subject: 'any',
  how: 'Sounds while there is a path of low resistance between its two probes.',
  far: 'nothing',
  minutes: 0.5,
  blindTo: [...NEVER_SEEN],
  shows: 'all-the-time',
  isOnLive: false,
  caution: NOT_LIVE,
  put: { moved: 'moved', from: 'node', to: 'node' },
  isWatched: false,
  seesJoints: false,
  // Through a long cable it no longer sounds.
  tellsPlaces: true,
  isWhole: false,
  opensEnd: true,
  observe({ from, to }, link) {
    const ohm = link.ohms(from, to);
    return { method: 'beep', beeps: ohm !== null && ohm < BEEP_OHM };
  },
  procedure({ near, far }) {
    const [wires, arrive] = [wireContacts(near), wireContacts(far)];
    return [
      ...wires.map((contact, index) =>
        trial({ end: 'near', contact }, { end: 'far', contact: arrive[index] ?? contact }),
      ),
      ...wires
        .slice(1)
        .map((contact, index) =>
          trial({ end: 'near', contact: wires[index] ?? contact }, { end: 'near', contact }),
        ),
    ];
  },
  candidates({ contacts, bothInReach }) {
    const some = (end: End) => contacts(end).slice(0, MOST_CONTACTS);
    const within = (end: End) =>
      some(end).flatMap((from, index) =>
        some(end)
          .slice(index + 1)
          .map((to) => trial({ end, contact: from }, { end, contact: to })),
      );
    const across = some('near').flatMap((from) =>
      some('far').map((to) => trial({ end: 'near', contact: from }, { end: 'far', contact: to })),
    );
    return [...within('near'), ...within('far'), ...(bothInReach ? across : [])];
  },
  endOf: ({ to }) => to.end,
  order: ({ from, to }) => tell('order-beep', { from, to }),
  items: ({ from, to }, { beeps }) => [
    { tags: [nodeTag(from), nodeTag(to)], value: String(beeps) },
  ],
  entry: {
    kind: 'line-a-trial',
    line: ({ from, to }, { beeps }) => ({
      label: `${nodeName(from)} to ${nodeName(to)}`,
      good: BEEPS[beeps ? 0 : 1],
      choices: BEEPS,
      parse: (text) =>
        BEEPS.some((word) => word === text)
          ? { ok: true, value: { method: 'beep', beeps: text === BEEPS[0] } }
          : { ok: false, reason: `Write ${BEEPS.join(' or ')}.` },
    }),
  },
});
