import type { RecordMessages } from '@near-spoke/core/record';
import { terminateMessage } from '@near-spoke/core/terminate';
import { formatLength } from '@near-spoke/core/units';
import { LINK_STATES } from '../../states';
import type { WordsFor } from '../../tell';
import { either } from '../list';
import { written } from '../number';
import { EVENT_NAMES } from '../reflect/messages';
import { FAULT_NAMES } from '../verify/faults';

const STATES = LINK_STATES.de;

const WHERE: Readonly<Record<RecordMessages['where']['where'], string>> = {
  near: 'Nahes Ende',
  far: 'Fernes Ende',
  along: 'Unterwegs',
};

/** Said beside every result, so that nobody takes a key that was pressed for a value that was read. */
const ENTERED: Readonly<
  Record<
    RecordMessages['entered']['entered'],
    { readonly sentence: string; readonly count: string }
  >
> = {
  'by-hand': { sentence: 'Von Hand eingegeben.', count: 'von Hand' },
  'one-key': {
    sentence: 'Mit einer Taste eingegeben, wie an einer guten Strecke.',
    count: 'mit einer Taste, wie an einem guten Kabel',
  },
  instrument: { sentence: 'Vom Messgerät gelesen.', count: 'vom Messgerät gelesen' },
  unsaid: { sentence: 'Wie es eingegeben wurde, ist nicht bekannt.', count: 'nicht bekannt wie' },
};

const ENDS = { near: 'nah', far: 'fern' } as const;

const FACTS: Readonly<Record<RecordMessages['fact-name']['fact'], string>> = {
  label: 'Bezeichnung',
  cable: 'Kabel',
  length: 'Länge',
  near: 'Nahes Ende',
  far: 'Fernes Ende',
  place: 'Ort',
  hub: 'Verteiler',
  route: 'Weg',
  note: 'Notiz',
};

const LENGTH_SAID: Readonly<Record<RecordMessages['fact-length']['how'], string>> = {
  scheduled: 'nach dem Plan; hier nicht gemessen',
  drawn: 'aus der Grundrisszeichnung; hier nicht gemessen',
  taped: 'am Kabel entlang gemessen',
  reflected: 'mit Reflektometrie gemessen',
};

const RUNS: Readonly<Record<RecordMessages['fact-run']['environment'], string>> = {
  indoor: 'innen',
  riser: 'in der Steigzone',
  plenum: 'im Plenum',
  outdoor: 'außen',
  burial: 'in der Erde',
};

const SECTIONS: Readonly<Record<RecordMessages['section']['section'], string>> = {
  notes: 'Notizen',
  tests: 'Andere Prüfungen',
  places: 'Stellen am Kabel',
  traces: 'Aufbewahrte Kurven',
  earlier: 'Frühere Prüfungen',
  'taken-back': 'Zurückgenommen',
};

const ADAPTER_DEEDS: Readonly<Record<RecordMessages['adapter-deed']['kind'], string>> = {
  test: 'Ein Schritt der Prüfung des Adapters gemacht.',
  probe: 'Eine Ader des Adapters gesucht.',
  walk: 'Die Adern des Adapters durchgegangen.',
  difference: 'Über einen Unterschied des Adapters entschieden.',
  restart: 'Das Suchen am Adapter neu begonnen.',
};

const DRAWN: Readonly<Record<RecordMessages['drawn']['what'], (name: string) => string>> = {
  picture: (name) => `Der Plan ${name} behalten.`,
  scale: () => 'Einem Grundriss einen Maßstab gegeben.',
  way: (name) => `${name} auf einem Grundriss gezeichnet.`,
  place: (name) => `${name} auf einen Grundriss gesetzt.`,
  off: () => 'Etwas von einem Grundriss genommen.',
};

/** What a record tells of a link. */
export const RECORD: WordsFor<RecordMessages> = {
  'link-state': ({ state }) => STATES[state],
  'link-end': ({ end }) => WHERE[end],
  where: ({ where }) => WHERE[where],
  entered: ({ entered }) => ENTERED[entered].sentence,
  'entered-count': ({ entered, count }) => `${count} ${ENTERED[entered].count}`,

  'next-change-end': ({ end, connector }) =>
    `${WHERE[end]} ändern: ${connector} nimmt dieses Kabel hier nicht.`,
  'next-make-end': ({ end, place, begun }) =>
    `${WHERE[end]}, ${place}: ${begun ? 'weitermachen' : 'machen'}.`,
  'next-test': () => 'Beide Enden sind gemacht. Die Strecke prüfen.',
  'next-test-again': () => 'Die Strecke noch einmal prüfen.',
  'next-test-remade': () =>
    'Nach der letzten Prüfung wurde ein Ende neu gemacht. Die Strecke noch einmal prüfen.',
  'next-print': () => 'Diese Strecke ist geprüft. Ihr Protokoll drucken.',
  'next-explain': ({ summary }) => `${summary} Ansehen, was es erklärt.`,
  'next-prove-pairing': () => 'Folge und Kurzschlüsse sind geprüft. Die Paarung nachweisen.',
  'next-rule-out': ({ kinds }) =>
    `Keine Prüfung hat ausgeschlossen: ${either(kinds.map((kind) => FAULT_NAMES[kind].several))}.`,

  'fact-name': ({ fact }) => FACTS[fact],
  'fact-length': ({ lengthM, how }, { units }) =>
    `${written(formatLength(lengthM, units))}, ${LENGTH_SAID[how]}`,
  'fact-not-known': () => 'nicht bekannt',
  'fact-end': ({ connector, scheme, place }) =>
    `${connector}${scheme === null ? '' : `, ${scheme}`}, ${place}`,
  'fact-run': ({ environment }) => RUNS[environment],
  'fact-route': ({ route }, { units }) =>
    route
      .map(({ name, atM, extraM }) => {
        const extra = extraM > 0 ? `, ${written(formatLength(extraM, units))} aufgerollt` : '';
        return `${name} (${written(formatLength(atM, units))}${extra})`;
      })
      .join(', '),
  'was-and-is': ({ name, was, is }, tell) => `${tell(name)}: ${tell(is)}; vorher ${tell(was)}.`,
  'nothing-there': () => 'nichts',
  'changed-elsewhere': () =>
    'Weggelegt, zurückgeholt, oder geändert darin, wie seine Enden gemacht werden.',
  somebody: () => 'jemand',

  section: ({ section }) => SECTIONS[section],
  'note-about': ({ where, text }) => `${WHERE[where]}: ${text}`,
  'cannot-see': ({ kinds }) =>
    `So eine Prüfung sieht nicht oder nicht immer: ${kinds.map((kind) => FAULT_NAMES[kind].several).join(', ')}.`,
  'trace-kept': ({ name, blob }) => `${name} (SHA-256 ${blob.slice(0, 12)}…)`,
  'drift-ohms': ({ from, to, joined }) =>
    `Ohm von ${ENDS[from.end]} ${from.contact} nach ${ENDS[to.end]} ${to.contact}${joined.length > 0 ? `, fern ${joined.join(' und ')} verbunden` : ''}`,
  'drift-place': ({ kind }) => `${EVENT_NAMES[kind]}, nach Kurven`,
  ticked: ({ end, done, count }) =>
    done
      ? `${WHERE[end]}: ${count === 1 ? '1 Schritt' : `${count} Schritte`} gemacht.`
      : `${WHERE[end]}: ${count === 1 ? 'ein Haken' : `${count} Haken`} zurückgenommen.`,
  remade: ({ end, cause }, tell) =>
    `${WHERE[end]} neu gemacht: ${tell(terminateMessage('remake-cause', { cause }))}.`,
  'trace-of': ({ name }) => `Kurve aufbewahrt: ${name}.`,
  'photo-of': ({ where, text }) => `Foto, ${WHERE[where]}${text && `: ${text}`}`,
  'velocity-of': ({ of, velocityFactor }) =>
    `Verkürzungsfaktor von ${of} gemessen: ${written(velocityFactor.toFixed(3))}.`,
  'reel-length': ({ of, what, lengthM }, { units }) =>
    what === 'got'
      ? `${of} kam mit ${written(formatLength(lengthM, units))}.`
      : `${written(formatLength(lengthM, units))} von ${of} geschnitten.`,
  'reel-gone': ({ of }) => `Was von ${of} bleibt, nützt nicht mehr.`,
  'left-on': ({ of, leftM }, { units }) =>
    `Auf ${of} sind noch ${written(formatLength(leftM, units))}.`,
  drawn: ({ what, name }) => DRAWN[what](name),
  'drawn-together': ({ count }) => `${count} Dinge auf Grundrissen gezeichnet.`,
  'adapter-deed': ({ kind }) => ADAPTER_DEEDS[kind],
  'taken-back': ({ summary, reason }) => `Zurückgenommen: ${summary} Warum: ${reason}`,
  signed: ({ author, device }) => (device === '' ? author : `${author} an ${device}`),
};
