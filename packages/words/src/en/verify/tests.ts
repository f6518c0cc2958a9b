import { conductor } from '@near-spoke/core/catalogue';
import { formatOhm, lower } from '@near-spoke/core/units';
import {
  tester as testerRow,
  type Place,
  type TesterId,
  type VerifyMessages,
} from '@near-spoke/core/verify';
import type { WordsFor } from '../../tell';
import { list } from '../list';
import { at } from './faults';

type TestCode = Extract<
  keyof VerifyMessages,
  | `order-${string}`
  | `shows-${string}`
  | `found-${string}`
  | `unseen-${string}`
  | `tester-${string}`
  | 'test-showed'
  | 'was-done'
>;

const ARRANGEMENTS: Readonly<Record<VerifyMessages['found-good']['arrangement'], string>> = {
  straight: 'straight',
  crossover: 'crossover',
  'full-crossover': 'full crossover',
  rollover: 'rollover',
  irregular: 'irregular',
  none: 'not known',
};

const UNSEEN: Readonly<Record<string, string>> = {
  'split-pair': 'This tester can’t see split pairs: order and shorts are checked, pairing is not.',
  'high-resistance': 'A poor joint that still conducts shows as good.',
  intermittent: 'A contact that opens when the cable is moved shows only while it is moved.',
  performance: 'Continuity says nothing about speed: that takes a certification measurement.',
};

const DONE: Readonly<Record<VerifyMessages['was-done']['action'], (place: string) => string>> = {
  remade: (place) => `Remade ${place}`,
  reseated: (place) => `Seated ${place} again`,
  replaced: (place) => `Replaced ${place}`,
  looked: (place) => `Looked at ${place}, nothing to be seen`,
};
const DONE_AT: Readonly<Record<Place, string>> = {
  near: 'the near end',
  cable: 'the cable',
  far: 'the far end',
};

const WHERE: Readonly<Record<Place, string>> = {
  near: 'at the near end',
  cable: 'on its way',
  far: 'at the far end',
};

/** Of what differs, so many are told. */
const MOST = 3;

const node = ({ end, contact }: { readonly end: string; readonly contact: string }) =>
  `${end} ${contact}`;
const row = (id: string) => testerRow(id as TesterId);

/** What testing asks for, shows and says. */
export const TESTS: WordsFor<Pick<VerifyMessages, TestCode>> = {
  'found-good': ({ arrangement }) =>
    `Good: ${ARRANGEMENTS[arrangement]}, no opens, no shorts, no split pairs.`,
  'found-order-only': ({ arrangement }) =>
    `Order and shorts verified (${ARRANGEMENTS[arrangement]}), pairing not.`,
  'found-faults': ({ count }) => (count === 1 ? 'One fault found.' : `${count} faults found.`),
  'unseen-by-tester': ({ kind }) => UNSEEN[kind] ?? '',
  'unseen-fewer-faults': () =>
    'That no smaller set of faults explains this reading was not proven: mend what is told first, and test again.',
  'unseen-order': ({ contacts, why }) =>
    `While ${list(contacts)} are ${why === 'short' ? 'shorted' : 'open'}, their order can’t be seen: test again after the repair.`,

  'tester-name': ({ tester }) => lower(row(tester).name),
  'tester-short': ({ tester }) => row(tester).short,
  'order-beep': ({ from, to }) => `Beep ${node(from)} to ${node(to)}`,
  'order-ohms': ({ from, to }) => `Measure ohms from ${node(from)} to ${node(to)}`,
  'order-insulation': ({ from, to }) =>
    `Measure the insulation from ${node(from)} to ${node(to)}, the far end open`,
  'order-capacitance': () => 'Measure by capacitance how far each pair reaches',
  'order-reflectometry': () => 'Measure by reflectometry where each pair ends',
  'order-look': ({ end }) => `Read the colours at the ${end} end`,
  'order-tone': ({ from }) => `Put a tone on near ${from} and listen at the far end`,
  'order-test': ({ tester }) =>
    tester === null ? 'Test with your own tester' : `Test with the ${lower(row(tester).name)}`,
  'order-moved': ({ order, moved }, tell) => `${tell(order)}, moving the cable${at(moved)}`,

  'shows-as-good': () => 'As on a good link',
  'shows-beep': ({ beeps }) => (beeps ? 'It beeps' : 'Silent'),
  'shows-few': ({ rows }, tell) => {
    const told = rows.slice(0, MOST).map(tell).join(', ');
    return rows.length > MOST ? `${told}, and ${rows.length - MOST} more` : told;
  },
  'shows-core': ({ core, contact }) => `${conductor(core).name} on ${contact}`,
  'shows-flaws': ({ contacts }) => `something wrong to be seen at ${list(contacts)}`,
  'shows-lamp': ({ lamp, light }) => `${lamp} ${light}`,
  'shows-step': ({ step, lit, dim }) =>
    `${step}: ${list([...lit, ...dim.map((lamp) => `${lamp} dim`)]) || 'dark'}`,
  'shows-length': ({ pair, place, shows }) =>
    place === null ? `Pair ${pair} ${shows}` : `Pair ${pair} ends ${shows} ${WHERE[place]}`,
  'shows-net': ({ near, reached, shortedTo }) =>
    shortedTo.length > 0
      ? `${near} with ${shortedTo.join(' and ')}`
      : reached.length === 0
        ? `${near} open`
        : `${near} to ${reached.join(' and ')}`,
  'shows-split': ({ pair }) => `${pair.join('-')} split`,
  'shows-ohms': ({ ohms }) =>
    ohms.map((ohm) => (ohm === null ? 'open' : formatOhm(Number(ohm.toPrecision(2))))).join(', '),
  'shows-tone': ({ heard }) => (heard.length > 0 ? `Heard at far ${list(heard)}` : 'Heard nowhere'),
  'test-showed': ({ tester, moved, shown }, tell) => {
    const name = tester === null ? 'Own tester' : row(tester).short;
    return `${name}${moved === null ? '' : `, moved${at(moved)}`}: ${lower(tell(shown))}.`;
  },
  'was-done': ({ action, end, contacts }) =>
    DONE[action](
      contacts.length === 0 ? DONE_AT[end] : `${contacts.join(', ')} at ${DONE_AT[end]}`,
    ),
};
