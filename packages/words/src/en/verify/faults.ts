import { SHELL, conductor } from '@near-spoke/core/catalogue';
import { capital, lower } from '@near-spoke/core/units';
import type {
  Arrivals,
  FaultKind,
  PairGroup,
  VerifyMessages,
  Whereabouts,
} from '@near-spoke/core/verify';
import type { WordsFor } from '../../tell';
import { counted, list } from '../list';

interface FaultName {
  readonly title: string;
  /** When several of it are spoken of. */
  readonly several: string;
}

/** Every kind of fault, by its name in the trade. */
export const FAULT_NAMES: Readonly<Record<FaultKind, FaultName>> = {
  open: { title: 'Open', several: 'opens' },
  short: { title: 'Short', several: 'shorts' },
  'reversed-pair': { title: 'Reversed pair', several: 'reversed pairs' },
  'crossed-pairs': { title: 'Crossed pairs', several: 'crossed pairs' },
  miswire: { title: 'Miswire', several: 'wires in wrong places' },
  rollover: { title: 'Upside down', several: 'a cable turned end for end' },
  shifted: { title: 'Row begun late', several: 'a row that begins late' },
  'crossed-groups': { title: 'Groups exchanged', several: 'groups of pairs exchanged' },
  'turned-group': { title: 'Group laid backwards', several: 'a group of pairs laid backwards' },
  'split-pair': { title: 'Split pair', several: 'split pairs' },
  'shield-open': { title: 'Shield open', several: 'an open shield' },
  'shield-short': { title: 'Shield joined', several: 'a conductor on the shield' },
  'shield-unexpected': {
    title: 'Shield not expected',
    several: 'a shield where none should be',
  },
  'high-resistance': { title: 'Poor joint', several: 'poor joints' },
  intermittent: { title: 'Intermittent', several: 'what opens only when moved' },
  'other-metal': { title: 'Not copper', several: 'conductors of another metal' },
  moisture: { title: 'Moisture', several: 'moisture' },
};

/** Rows that are told one by one; of more, the first two and the last. */
const TOLD = 8;

export const at = (end: Whereabouts): string =>
  end === 'either' ? '' : end === 'cable' ? ' along the cable' : ` at the ${end} end`;

const besideBreak = (end: Whereabouts): string =>
  end === 'either'
    ? ''
    : end === 'cable'
      ? ', along the cable'
      : `, on the ${end} side of the break`;

function arrive(rows: Arrivals): string {
  const told = rows.map(([near, far]) => `near ${near} arrives at far ${far}`);
  return told.length <= TOLD
    ? list(told)
    : `${told.slice(0, 2).join(', ')} and so on, to ${told.at(-1) ?? ''}`;
}

/** "4", "1 and 2", "1 to 4". */
const stretch = (contacts: readonly string[]): string =>
  contacts.length < 3 ? list(contacts) : `${contacts[0] ?? ''} to ${contacts.at(-1) ?? ''}`;

export const groupNames = (groups: readonly PairGroup[]): string =>
  list(
    groups.map(({ from, to, colour }) =>
      colour === null
        ? `pairs ${from} to ${to}`
        : `the ${conductor(colour).name} group (pairs ${from} to ${to})`,
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
      ? 'the shield'
      : core === null
        ? `contact ${contact}`
        : `${conductor(core).name} (${contact})`,
  core: ({ contact, core }) =>
    contact === SHELL ? 'the shield' : core === null ? `contact ${contact}` : conductor(core).name,
  'near-and-far': ({ near, far }) => `near ${near} and far ${far}`,
  'cores-and-more': ({ cores, more }, tell) =>
    list([...cores.map(tell), ...(more > 0 ? [`${more} more`] : [])]),

  'fault-title': ({ kind }) => FAULT_NAMES[kind].title,
  'fault-several': ({ kind }) => FAULT_NAMES[kind].several,
  'fault-shortly': ({ kind, contacts, end }) => {
    const which = contacts.length === 0 || contacts.length > 4 ? '' : ` ${contacts.join('-')}`;
    return `${FAULT_NAMES[kind].title.toLowerCase()}${which}${at(end)}`;
  },
  'fault-open': ({ which, pair, near, far }, tell) => {
    const what = `${capital(tell(which))}${pair === null ? '' : `, pair ${pair},`}`;
    return near === far
      ? `${what} is open: it does not reach the far end.`
      : `${what} is open: near ${near} does not reach far ${far}.`;
  },
  'fault-open-all': () => 'Nothing goes through: every conductor is open.',
  'fault-open-pairs': ({ pairs, near }) =>
    `Pairs ${numbers(pairs)} are open, both conductors of each (${list(near)}): as in a cable or a cord that has only the other pairs.`,
  'fault-short': ({ contacts, pair, end }, tell) => {
    const what =
      'near' in contacts
        ? `Near ${list(contacts.near)} and far ${list(contacts.far)}`
        : capital(list(contacts.map(tell)));
    return `${what} are shorted together${pair === null ? '' : ` within pair ${pair}`}${besideBreak(end)}.`;
  },
  'fault-reversed-pair': ({ pairs, names, arrivals }, tell) =>
    `Pair ${pairs.join()} is reversed: ${tell(names)} are swapped, ${arrive(arrivals)}.`,
  'fault-miswire': ({ count, names, arrivals }, tell) =>
    count === 2
      ? `${capital(tell(names))} are swapped: ${arrive(arrivals)}.`
      : count === 1
        ? `${capital(tell(names))} is in the wrong place: ${arrive(arrivals)}.`
        : `${capital(counted(count))} conductors are in the wrong places: ${arrive(arrivals)}.`,
  'fault-in-part': ({ arrivals, open }, tell) => {
    const [is, it] = open.length === 1 ? ['is', 'it'] : ['are', 'they'];
    const hidden = `${capital(list(open.map(tell)))} ${is} open: in which order ${it} would arrive can’t be seen.`;
    const count = arrivals.length;
    if (count === 0) return hidden;
    const what = count === 1 ? 'One conductor is' : `${capital(counted(count))} conductors are`;
    const where = count === 1 ? 'the wrong place' : 'the wrong places';
    return `${what} in ${where}: ${arrive(arrivals)}. ${hidden}`;
  },
  'fault-crossed-pairs': ({ pairs, arrivals, mixedSchemes, reversed }) => {
    const mixed = mixedSchemes ? ', as if one end followed T568A and the other T568B' : '';
    const besides =
      reversed.length > 0
        ? `, with pair${reversed.length === 1 ? '' : 's'} ${numbers(reversed)} reversed besides`
        : '';
    return `Pairs ${numbers(pairs)} are crossed: ${arrive(arrivals)}${mixed}${besides}.`;
  },
  'fault-rollover': ({ turns, end, arrivals }) =>
    turns
      ? `${end === 'either' ? 'One end' : `The ${end} end`} is made upside down: ${arrive(arrivals)}.`
      : `One end begins at its last contact: ${arrive(arrivals)}.`,
  'fault-seen-upside-down': ({ fault }, tell) =>
    `Seen from the end that is upside down, ${lower(tell(fault))}`,
  'fault-shifted': ({ by, of, late, arrivals, left }) => {
    const [what, unit] = of === 'pairs' ? ['pair', 'pair'] : ['conductor', 'contact'];
    const said = `Every ${what} is ${counted(by)} ${unit}${by === 1 ? '' : 's'} late at the ${late} end: ${arrive(arrivals)}.`;
    return left === null
      ? `${said} What was left over at its end is on its first contacts.`
      : `${said} ${capital(late)} ${stretch(left.empty)} should be empty there, and the cores of ${left.overAt} ${stretch(left.over)} are left over.`;
  },
  'fault-crossed-groups': ({ groups, arrivals }) =>
    `${capital(groupNames(groups))} are exchanged: ${arrive(arrivals)}.`,
  'fault-turned-group': ({ groups, arrivals }) =>
    `${capital(groupNames(groups))} runs backwards at one end: ${arrive(arrivals)}.`,
  'fault-split-pair': ({ pairs, near, inPairs }) =>
    pairs.length === 1
      ? `Pair ${pairs.join()} (contacts ${near.join('-')}) is split: its two conductors are not twisted together. Another pair must be split with it.`
      : `Pairs ${numbers(pairs)} are split: every contact reaches its number, but the conductors on ${list(inPairs)} are not twisted together.`,
  'fault-high-resistance': ({ which, end }, tell) =>
    `${capital(tell(which))} conducts through a poor joint${at(end)}.`,
  'fault-intermittent': ({ which, end }, tell) =>
    `${capital(tell(which))} opens while the cable is moved${at(end)}.`,
  'fault-moisture': ({ between, end }, tell) => {
    const what =
      between === 'centre-and-shield'
        ? 'The centre leaks to the shield'
        : between === 'all'
          ? 'The conductors leak to one another'
          : `${capital(list(between.map(tell)))} leak to one another`;
    return `${what}${at(end)}: water has come in.`;
  },
  'fault-other-metal': () =>
    'Every conductor has more resistance than copper of this gauge and length.',
  'fault-shield-open': () => 'The shield does not go through.',
  'fault-shield-short': ({ to, end }, tell) =>
    `The shield is joined to ${to.length > 0 ? list(to.map(tell)) : 'the shell of the other end'}${besideBreak(end)}.`,
  'fault-shield-unexpected': () => 'The shield goes through, and this link should have none.',
};
