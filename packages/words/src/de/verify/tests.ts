import { formatOhm } from '@near-spoke/core/units';
import type { Place, TesterId, VerifyMessages } from '@near-spoke/core/verify';
import type { WordsFor } from '../../tell';
import { conductorName } from '../conductor';
import { TESTERS } from '../glossary';
import { list } from '../list';
import { written } from '../number';
import { END_DATIVE, at } from './faults';

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
  straight: 'gerade',
  crossover: 'gekreuzt',
  'full-crossover': 'voll gekreuzt',
  rollover: 'kopfüber',
  irregular: 'unregelmäßig',
  none: 'nicht bekannt',
};

const UNSEEN: Readonly<Record<string, string>> = {
  'split-pair':
    'Dieser Prüfer kann aufgeteilte Paare nicht sehen: Folge und Kurzschlüsse sind geprüft, die Paarung nicht.',
  'high-resistance': 'Ein schlechter Kontakt, der noch leitet, sieht gut aus.',
  intermittent:
    'Ein Kontakt, der beim Bewegen des Kabels öffnet, zeigt sich nur, während es bewegt wird.',
  performance: 'Durchgang sagt nichts über Geschwindigkeit: dazu braucht es eine Abnahmemessung.',
};

const DONE: Readonly<Record<VerifyMessages['was-done']['action'], (place: string) => string>> = {
  remade: (place) => `Neu gemacht: ${place}`,
  reseated: (place) => `Neu angedrückt: ${place}`,
  replaced: (place) => `Ersetzt: ${place}`,
  looked: (place) => `Angesehen: ${place}, nichts zu sehen`,
};
const DONE_AT: Readonly<Record<Place, string>> = {
  near: 'nahes Ende',
  cable: 'Kabel',
  far: 'fernes Ende',
};

const WHERE: Readonly<Record<Place, string>> = {
  near: 'am nahen Ende',
  cable: 'unterwegs',
  far: 'am fernen Ende',
};
const LIGHTS = { lit: 'hell', dim: 'schwach', dark: 'dunkel' } as const;
const SHOWS = { open: 'offen', short: 'kurzgeschlossen' } as const;
const END = { near: 'nah', far: 'fern' } as const;

/** Of what differs, so many are told. */
const MOST = 3;

/** Lamps and steps have names of our own making: „pair 3“, „far 5“, „line 2“. */
const lampName = (name: string): string =>
  name
    .replace(/^pair (?=\d)/, 'Paar ')
    .replace(/^near (?=\S)/, 'nah ')
    .replace(/^far (?=\S)/, 'fern ')
    .replace(/^line (?=\d)/, 'Leitung ');

const node = ({ end, contact }: { readonly end: 'near' | 'far'; readonly contact: string }) =>
  `${END[end]} ${contact}`;
const named = (id: string) => TESTERS[id as TesterId];

/** What testing asks for, shows and says. */
export const TESTS: WordsFor<Pick<VerifyMessages, TestCode>> = {
  'found-good': ({ arrangement }) =>
    `Gut: ${ARRANGEMENTS[arrangement]}, keine Unterbrechung, kein Kurzschluss, kein aufgeteiltes Paar.`,
  'found-order-only': ({ arrangement }) =>
    `Folge und Kurzschlüsse geprüft (${ARRANGEMENTS[arrangement]}), Paarung nicht.`,
  'found-faults': ({ count }) =>
    count === 1 ? 'Ein Fehler gefunden.' : `${count} Fehler gefunden.`,
  'unseen-by-tester': ({ kind }) => UNSEEN[kind] ?? '',
  'unseen-fewer-faults': () =>
    'Dass keine kleinere Zahl von Fehlern diese Anzeige erklärt, ist nicht bewiesen: erst das Genannte beheben, dann noch einmal prüfen.',
  'unseen-order': ({ contacts, why }) =>
    `Solange ${list(contacts)} ${why === 'short' ? 'kurzgeschlossen' : 'offen'} sind, ist ihre Folge nicht zu sehen: nach der Reparatur noch einmal prüfen.`,

  'tester-name': ({ tester }) => `mit ${named(tester).withIt}`,
  'tester-short': ({ tester }) => named(tester).short,
  'order-beep': ({ from, to }) => `Durchgang piepsen von ${node(from)} nach ${node(to)}`,
  'order-ohms': ({ from, to }) => `Widerstand messen von ${node(from)} nach ${node(to)}`,
  'order-insulation': ({ from, to }) =>
    `Isolation messen von ${node(from)} nach ${node(to)}, das ferne Ende offen`,
  'order-capacitance': () => 'Über die Kapazität messen, wie weit jedes Paar reicht',
  'order-reflectometry': () => 'Mit Reflektometrie messen, wo jedes Paar endet',
  'order-look': ({ end }) => `Am ${END_DATIVE[end]} Ende die Farben lesen`,
  'order-tone': ({ from }) => `Einen Ton auf nah ${from} geben und am fernen Ende horchen`,
  'order-test': ({ tester }) =>
    `Prüfen mit ${tester === null ? 'dem eigenen Prüfer' : named(tester).withIt}`,
  'order-moved': ({ order, moved }, tell) => `${tell(order)}, dabei das Kabel bewegen${at(moved)}`,

  'shows-as-good': () => 'Wie an einer guten Strecke',
  'shows-beep': ({ beeps }) => (beeps ? 'Es piepst' : 'Stumm'),
  'shows-few': ({ rows }, tell) => {
    const told = rows.slice(0, MOST).map(tell).join(', ');
    return rows.length > MOST ? `${told} und ${rows.length - MOST} weitere` : told;
  },
  'shows-core': ({ core, contact }) => `${conductorName(core)} auf ${contact}`,
  'shows-flaws': ({ contacts }) => `etwas zu sehen an ${list(contacts)}`,
  'shows-lamp': ({ lamp, light }) => `${lampName(lamp)} ${LIGHTS[light]}`,
  'shows-step': ({ step, lit, dim }) =>
    `${lampName(step)}: ${list([...lit.map(lampName), ...dim.map((lamp) => `${lampName(lamp)} schwach`)]) || 'dunkel'}`,
  'shows-length': ({ pair, place, shows }) =>
    place === null
      ? `Paar ${pair} ${SHOWS[shows]}`
      : `Paar ${pair} endet ${SHOWS[shows]} ${WHERE[place]}`,
  'shows-net': ({ near, reached, shortedTo }) =>
    shortedTo.length > 0
      ? `${near} mit ${shortedTo.join(' und ')}`
      : reached.length === 0
        ? `${near} offen`
        : `${near} nach ${reached.join(' und ')}`,
  'shows-split': ({ pair }) => `${pair.join('-')} aufgeteilt`,
  'shows-ohms': ({ ohms }) =>
    ohms
      .map((ohm) => (ohm === null ? 'offen' : written(formatOhm(Number(ohm.toPrecision(2))))))
      .join(', '),
  'shows-tone': ({ heard }) =>
    heard.length > 0 ? `Zu hören an fern ${list(heard)}` : 'Nirgends zu hören',
  'test-showed': ({ tester, moved, shown }, tell) => {
    const name = tester === null ? 'Eigener Prüfer' : named(tester).short;
    return `${name}${moved === null ? '' : `, bewegt${at(moved)}`}: ${tell(shown)}.`;
  },
  'was-done': ({ action, end, contacts }) =>
    DONE[action](contacts.length === 0 ? DONE_AT[end] : `${contacts.join(', ')}, ${DONE_AT[end]}`),
};
