import { SHELL } from '@near-spoke/core/catalogue';
import { capital } from '@near-spoke/core/units';
import type {
  Arrivals,
  FaultKind,
  PairGroup,
  VerifyMessages,
  Whereabouts,
} from '@near-spoke/core/verify';
import type { WordsFor } from '../../tell';
import { conductorName } from '../conductor';
import { counted, list } from '../list';

interface FaultName {
  readonly title: string;
  /** When several of it are spoken of. */
  readonly several: string;
}

/** Every kind of fault, by its name in the trade. */
export const FAULT_NAMES: Readonly<Record<FaultKind, FaultName>> = {
  open: { title: 'Unterbrechung', several: 'Unterbrechungen' },
  short: { title: 'Kurzschluss', several: 'Kurzschlüsse' },
  'reversed-pair': { title: 'Verdrehtes Paar', several: 'verdrehte Paare' },
  'crossed-pairs': { title: 'Gekreuzte Paare', several: 'gekreuzte Paare' },
  miswire: { title: 'Vertauschung', several: 'vertauschte Adern' },
  rollover: { title: 'Kopfüber', several: 'ein kopfüber gemachtes Ende' },
  shifted: { title: 'Reihe versetzt', several: 'eine versetzte Reihe' },
  'crossed-groups': { title: 'Gruppen getauscht', several: 'getauschte Paargruppen' },
  'turned-group': { title: 'Gruppe rückwärts', several: 'eine rückwärts gelegte Paargruppe' },
  'split-pair': { title: 'Aufgeteiltes Paar', several: 'aufgeteilte Paare' },
  'shield-open': { title: 'Schirm offen', several: 'ein offener Schirm' },
  'shield-short': { title: 'Schirm verbunden', several: 'eine Ader am Schirm' },
  'shield-unexpected': { title: 'Schirm unerwartet', several: 'ein Schirm, wo keiner sein soll' },
  'high-resistance': { title: 'Schlechter Kontakt', several: 'schlechte Kontakte' },
  intermittent: { title: 'Wackelkontakt', several: 'was nur beim Bewegen öffnet' },
  'other-metal': { title: 'Kein Kupfer', several: 'Adern aus anderem Metall' },
  moisture: { title: 'Feuchtigkeit', several: 'Feuchtigkeit' },
};

/** Rows that are told one by one; of more, the first two and the last. */
const TOLD = 8;

export const END_DATIVE = { near: 'nahen', far: 'fernen' } as const;

export const at = (end: Whereabouts): string =>
  end === 'either' ? '' : end === 'cable' ? ' im Kabel' : ` am ${END_DATIVE[end]} Ende`;

const besideBreak = (end: Whereabouts): string =>
  end === 'either'
    ? ''
    : end === 'cable'
      ? ', im Kabel'
      : `, auf der ${END_DATIVE[end]} Seite der Unterbrechung`;

function arrive(rows: Arrivals): string {
  const told = rows.map(([near, far]) => `nah ${near} kommt fern an ${far} an`);
  return told.length <= TOLD
    ? list(told)
    : `${told.slice(0, 2).join(', ')} und so weiter, bis ${told.at(-1) ?? ''}`;
}

/** „4“, „1 und 2“, „1 bis 4“. */
const stretch = (contacts: readonly string[]): string =>
  contacts.length < 3 ? list(contacts) : `${contacts[0] ?? ''} bis ${contacts.at(-1) ?? ''}`;

export const groupNames = (groups: readonly PairGroup[]): string =>
  list(
    groups.map(({ from, to, colour }) =>
      colour === null
        ? `Paare ${from} bis ${to}`
        : `Gruppe ${conductorName(colour)} (Paare ${from} bis ${to})`,
    ),
  );

const numbers = (pairs: readonly number[]): string => list(pairs.map(String));

type FaultCode = Extract<
  keyof VerifyMessages,
  `fault-${string}` | 'contact' | 'core' | 'near-and-far' | 'cores-and-more'
>;

/** What is wrong with a link. */
export const FAULTS: WordsFor<Pick<VerifyMessages, FaultCode>> = {
  contact: ({ contact, core }) =>
    contact === SHELL
      ? 'Schirm'
      : core === null
        ? `Kontakt ${contact}`
        : `${conductorName(core)} (${contact})`,
  core: ({ contact, core }) =>
    contact === SHELL ? 'Schirm' : core === null ? `Kontakt ${contact}` : conductorName(core),
  'near-and-far': ({ near, far }) => `nah ${near} und fern ${far}`,
  'cores-and-more': ({ cores, more }, tell) =>
    list([...cores.map(tell), ...(more > 0 ? [`${more} weitere`] : [])]),

  'fault-title': ({ kind }) => FAULT_NAMES[kind].title,
  'fault-several': ({ kind }) => FAULT_NAMES[kind].several,
  'fault-shortly': ({ kind, contacts, end }) => {
    const which = contacts.length === 0 || contacts.length > 4 ? '' : ` ${contacts.join('-')}`;
    return `${FAULT_NAMES[kind].title}${which}${at(end)}`;
  },
  'fault-open': ({ which, pair, near, far }, tell) => {
    const what = `${capital(tell(which))}${pair === null ? '' : `, Paar ${pair},`}`;
    return near === far
      ? `${what} ist offen: kein Durchgang zum fernen Ende.`
      : `${what} ist offen: nah ${near} erreicht fern ${far} nicht.`;
  },
  'fault-open-all': () => 'Nichts geht durch: jede Ader ist offen.',
  'fault-open-pairs': ({ pairs, near }) =>
    `Die Paare ${numbers(pairs)} sind offen, jeweils beide Adern (${list(near)}): wie bei einem Kabel, das nur die anderen Paare hat.`,
  'fault-short': ({ contacts, pair, end }, tell) => {
    const what =
      'near' in contacts
        ? `Nah ${list(contacts.near)} und fern ${list(contacts.far)}`
        : capital(list(contacts.map(tell)));
    return `${what} sind kurzgeschlossen${pair === null ? '' : `, innerhalb von Paar ${pair}`}${besideBreak(end)}.`;
  },
  'fault-reversed-pair': ({ pairs, names, arrivals }, tell) =>
    `Paar ${pairs.join()} ist verdreht: ${tell(names)} sind vertauscht, ${arrive(arrivals)}.`,
  'fault-miswire': ({ count, names, arrivals }, tell) =>
    count === 2
      ? `${capital(tell(names))} sind vertauscht: ${arrive(arrivals)}.`
      : count === 1
        ? `${capital(tell(names))} liegt am falschen Platz: ${arrive(arrivals)}.`
        : `${capital(counted(count))} Adern liegen am falschen Platz: ${arrive(arrivals)}.`,
  'fault-in-part': ({ arrivals, open }, tell) => {
    const is = open.length === 1 ? 'ist' : 'sind';
    const hidden = `${capital(list(open.map(tell)))} ${is} offen: in welcher Reihenfolge sie ankämen, ist nicht zu sehen.`;
    const count = arrivals.length;
    if (count === 0) return hidden;
    const what = count === 1 ? 'Eine Ader liegt' : `${capital(counted(count))} Adern liegen`;
    return `${what} am falschen Platz: ${arrive(arrivals)}. ${hidden}`;
  },
  'fault-crossed-pairs': ({ pairs, arrivals, mixedSchemes, reversed }) => {
    const mixed = mixedSchemes ? ', als folgte ein Ende T568A und das andere T568B' : '';
    const besides =
      reversed.length > 0
        ? `, dazu ${reversed.length === 1 ? 'ist Paar' : 'sind die Paare'} ${numbers(reversed)} verdreht`
        : '';
    return `Die Paare ${numbers(pairs)} sind gekreuzt: ${arrive(arrivals)}${mixed}${besides}.`;
  },
  'fault-rollover': ({ turns, end, arrivals }) =>
    turns
      ? `${end === 'near' ? 'Das nahe Ende' : end === 'far' ? 'Das ferne Ende' : 'Ein Ende'} ist kopfüber gemacht: ${arrive(arrivals)}.`
      : `Ein Ende beginnt mit seinem letzten Kontakt: ${arrive(arrivals)}.`,
  'fault-seen-upside-down': ({ fault }, tell) =>
    `Vom kopfüber gemachten Ende aus gesehen: ${tell(fault)}`,
  'fault-shifted': ({ by, of, late, arrivals, left }) => {
    const what =
      of === 'pairs'
        ? `Jedes Paar liegt am ${END_DATIVE[late]} Ende um ${counted(by)} ${by === 1 ? 'Paar' : 'Paare'} zu spät`
        : `Jede Ader liegt am ${END_DATIVE[late]} Ende um ${counted(by)} ${by === 1 ? 'Kontakt' : 'Kontakte'} zu spät`;
    const said = `${what}: ${arrive(arrivals)}.`;
    const [there, over] = late === 'far' ? ['Fern', 'nahen'] : ['Nah', 'fernen'];
    return left === null
      ? `${said} Was am Ende übrig war, liegt auf den ersten Kontakten.`
      : `${said} ${there} sollte dort ${stretch(left.empty)} leer sein, und die Adern der ${over} Kontakte ${stretch(left.over)} sind übrig.`;
  },
  'fault-crossed-groups': ({ groups, arrivals }) =>
    `Getauscht sind ${groupNames(groups)}: ${arrive(arrivals)}.`,
  'fault-turned-group': ({ groups, arrivals }) =>
    `An einem Ende läuft rückwärts: ${groupNames(groups)}; ${arrive(arrivals)}.`,
  'fault-split-pair': ({ pairs, near, inPairs }) =>
    pairs.length === 1
      ? `Paar ${pairs.join()} (Kontakte ${near.join('-')}) ist aufgeteilt: seine zwei Adern sind nicht miteinander verdrillt. Ein zweites Paar muss es auch sein.`
      : `Die Paare ${numbers(pairs)} sind aufgeteilt: jeder Kontakt erreicht seine Nummer, aber die Adern auf ${list(inPairs)} sind nicht miteinander verdrillt.`,
  'fault-high-resistance': ({ which, end }, tell) =>
    `${capital(tell(which))} leitet durch einen schlechten Kontakt${at(end)}.`,
  'fault-intermittent': ({ which, end }, tell) =>
    `${capital(tell(which))} öffnet, während das Kabel bewegt wird${at(end)}.`,
  'fault-moisture': ({ between, end }, tell) => {
    const what =
      between === 'centre-and-shield'
        ? 'Der Innenleiter leitet zum Schirm'
        : between === 'all'
          ? 'Die Adern leiten untereinander'
          : `${capital(list(between.map(tell)))} leiten zueinander`;
    return `${what}${at(end)}: Wasser ist eingedrungen.`;
  },
  'fault-other-metal': () => 'Jede Ader hat mehr Widerstand als Kupfer dieser Stärke und Länge.',
  'fault-shield-open': () => 'Der Schirm geht nicht durch.',
  'fault-shield-short': ({ to, end }, tell) =>
    `Der Schirm ist verbunden mit: ${to.length > 0 ? list(to.map(tell)) : 'dem Gehäuse des anderen Endes'}${besideBreak(end)}.`,
  'fault-shield-unexpected': () => 'Der Schirm geht durch, und diese Strecke sollte keinen haben.',
};
