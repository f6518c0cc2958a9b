import { SHELL, compareContacts, conductor, type Contact } from '../../catalogue';
import {
  fourPairWiring,
  intendedFar,
  pairAt,
  pairsOf,
  wireContacts,
  type End,
  type Wiring,
} from '../../link';
import { capital } from '../../units';
import { GROUP_PAIRS } from './block-slips';
import {
  counted,
  list,
  named,
  namesAt,
  nameOf,
  contactsAt,
  arrivals,
  stretch,
  conductorsOnly,
  shortedContacts,
} from './fault-words';
import type { Fault, FaultKind, Place } from '../fault';

export interface Action {
  readonly end: Place | 'either';
  readonly sentence: string;
}

interface Wording {
  readonly title: string;
  readonly sentence: (fault: Fault, wiring: Wiring) => string;
  readonly action: (fault: Fault, wiring: Wiring) => Action;
}

/** How each kind of fault is told and mended: the title, one sentence, and what to do. */
export const WORDING: Readonly<Record<FaultKind, Wording>> = {
  open: {
    title: 'Open',
    sentence: (fault, wiring) => {
      const [near, far] = [fault.near[0] as Contact, fault.far[0] as Contact];
      if (fault.near.length > 1) return openTogether(fault, wiring);
      const which = `${capital(named(near, 'near', wiring))}${ofPair(fault)}`;
      return near === far
        ? `${which} is open: it does not reach the far end.`
        : `${which} is open: near ${near} does not reach far ${far}.`;
    },
    action: (fault, wiring) =>
      fault.near.length > 1 && !isAll(fault, wiring)
        ? {
            end: 'either',
            sentence:
              'Count the pairs in the jacket. A cable or a cord of two pairs carries no more: replace it, or let the schedule say so. If all pairs are there, look at both ends for those that were left off.',
          }
        : fault.near.length > 1
          ? {
              end: 'either',
              sentence:
                'Check that the remote is on this cable and both ends are seated. If so, the cable is cut: find the place with reflectometry.',
            }
          : {
              end: fault.end,
              sentence: `Seat ${contactsAt(fault, wiring)} again, first at the end you stand at, then at the other. If it stays open, find the break with reflectometry.`,
            },
  },
  short: {
    title: 'Short',
    sentence: (fault, wiring) =>
      `${shortedContacts(fault, wiring)} are shorted together${withinPair(fault, wiring)}${place(fault)}.`,
    action: (fault) => ({
      end: fault.end,
      sentence:
        fault.end === 'either' || fault.end === 'cable'
          ? 'Look at both ends for a stray strand or a cut insulation. If both are clean, the cable is crushed or pierced: find the place with reflectometry.'
          : `Look at the ${fault.end} end for a stray strand or a cut insulation, and remake it.`,
    }),
  },
  'reversed-pair': {
    title: 'Reversed pair',
    sentence: (fault, wiring) =>
      `Pair ${fault.pairs.join()} is reversed: ${namesAt(fault, wiring)} are swapped, ${arrivals(fault)}.`,
    action: remake,
  },
  'crossed-pairs': {
    title: 'Crossed pairs',
    sentence: (fault, wiring) =>
      `Pairs ${list(fault.pairs.map(String))} are crossed: ${arrivals(fault)}${mixedSchemes(fault, wiring)}${reversedInside(fault, wiring)}.`,
    action: (fault, wiring) =>
      mixedSchemes(fault, wiring)
        ? {
            end: 'either',
            sentence: `Read the colours at both ends. Remake the end that does not follow ${wiring.near.rule}.`,
          }
        : remake(fault, wiring),
  },
  miswire: {
    title: 'Miswire',
    sentence: (fault, wiring) =>
      fault.near.length === 2
        ? `${capital(namesAt(fault, wiring))} are swapped: ${arrivals(fault)}.`
        : fault.near.length === 1
          ? `${capital(namesAt(fault, wiring))} is in the wrong place: ${arrivals(fault)}.`
          : `${capital(counted(fault.near.length))} conductors are in the wrong places: ${arrivals(fault)}.`,
    action: remake,
  },
  rollover: {
    title: 'Upside down',
    sentence: (fault, wiring) =>
      turns(wiring)
        ? `${fault.end === 'either' ? 'One end' : `The ${fault.end} end`} is made upside down: ${arrivals(fault)}.`
        : `One end begins at its last contact: ${arrivals(fault)}.`,
    action: (fault, wiring) => ({
      end: fault.end,
      sentence: !turns(wiring)
        ? 'Read the colours at both ends. Make the end again that begins with the last core on its first contact.'
        : fault.end === 'either'
          ? 'Read the colours at both ends with the latch the same way. Remake the end that runs backwards.'
          : `Remake the ${fault.end} end with the latch the other way.`,
    }),
  },
  shifted: {
    title: 'Row begun late',
    sentence: tellShift,
    action: (fault, wiring) => {
      const [end, other] = lateAndOther(fault);
      const first = wiring[end].contacts[0];
      return {
        end,
        sentence: `Look at the first contacts of the ${end} end. If they are as told, punch the ${end} end down again from its first contact${
          first?.core ? `: ${conductor(first.core).name} on ${first.contact}` : ''
        }. If its colours are in order, the ${other} end is the one that began elsewhere.`,
      };
    },
  },
  'crossed-groups': {
    title: 'Groups exchanged',
    sentence: (fault, wiring) => {
      const groups = groupsIn(fault, wiring);
      return `${capital(list(groups.map(groupName)))} are exchanged: ${arrivals(fault)}.`;
    },
    action: (fault, wiring) => ({
      end: 'either',
      sentence: `Read the colours at both ends. Punch ${list(groupsIn(fault, wiring).map(groupName))} down again at the end where they have changed places.`,
    }),
  },
  'turned-group': {
    title: 'Group laid backwards',
    sentence: (fault, wiring) =>
      `${capital(list(groupsIn(fault, wiring).map(groupName)))} runs backwards at one end: ${arrivals(fault)}.`,
    action: (fault, wiring) => ({
      end: 'either',
      sentence: `Read the colours at both ends. Punch ${list(groupsIn(fault, wiring).map(groupName))} down again at the end where it runs backwards.`,
    }),
  },
  'split-pair': {
    title: 'Split pair',
    sentence: (fault, wiring) =>
      fault.pairs.length === 1
        ? `Pair ${fault.pairs.join()} (contacts ${fault.near.join('-')}) is split: its two conductors are not twisted together. Another pair must be split with it.`
        : `Pairs ${list(fault.pairs.map(String))} are split: every contact reaches its number, but the conductors on ${list(pairContacts(fault, wiring))} are not twisted together.`,
    action: (_, { near, far }) => ({
      end: 'either',
      sentence:
        near.rule === far.rule
          ? `Remake both ends to ${near.rule}, colour by colour: the same slip was made at both.`
          : `Remake the near end to ${near.rule} and the far end to ${far.rule}, colour by colour.`,
    }),
  },
  'shield-open': {
    title: 'Shield open',
    sentence: () => 'The shield does not go through.',
    action: (_, wiring) => ({
      end: 'either',
      sentence: isCoaxial(wiring)
        ? 'Check at both ends that the connector’s shell grips the braid all round.'
        : 'Check at both ends that what shields this cable touches the connector’s shell.',
    }),
  },
  'shield-short': {
    title: 'Shield joined',
    sentence: (fault, wiring) =>
      `The shield is joined to ${list(conductorsOnly(fault, wiring))}${place(fault)}.`,
    action: (fault, wiring) => {
      const where =
        fault.end === 'either' || fault.end === 'cable'
          ? 'at both ends'
          : `at the ${fault.end} end`;
      return {
        end: fault.end,
        sentence: isCoaxial(wiring)
          ? `Look ${where} for a strand of the braid that touches the centre. Cut that end off and make it again; if both are clean, the cable is crushed or pierced: find the place with reflectometry.`
          : `Look ${where} for a piece of the shield that touches a contact, and trim it back.`,
      };
    },
  },
  'shield-unexpected': {
    title: 'Shield not expected',
    sentence: () => 'The shield goes through, and this link should have none.',
    action: () => ({
      end: 'either',
      sentence:
        'Check that this is the cable in the schedule. Two bonded racks can also join the shells.',
    }),
  },
  'high-resistance': {
    title: 'Poor joint',
    sentence: (fault, wiring) =>
      `${capital(contactsAt(fault, wiring))} conducts through a poor joint${at(fault)}.`,
    action: (fault, wiring) => ({
      end: fault.end,
      sentence: `Remake ${contactsAt(fault, wiring)}${at(fault)}, and measure its loop resistance again.`,
    }),
  },
  intermittent: {
    title: 'Intermittent',
    sentence: (fault, wiring) =>
      `${capital(contactsAt(fault, wiring))} opens while the cable is moved${at(fault)}.`,
    action: (fault, wiring) => ({
      end: fault.end,
      sentence:
        fault.end === 'cable'
          ? `A core breaks inside the cable: replace it, or find the place with reflectometry while it is moved.`
          : `Seat ${contactsAt(fault, wiring)} again${at(fault)}, and test while it is moved.`,
    }),
  },
  'other-metal': {
    title: 'Not copper',
    sentence: () => 'Every conductor has more resistance than copper of this gauge and length.',
    action: () => ({
      end: 'cable',
      sentence:
        'Scrape a conductor: silver under a copper skin is copper-clad aluminium. It is no category cable; replace it before power goes over it.',
    }),
  },
};

const isAll = ({ near }: Fault, wiring: Wiring): boolean =>
  near.filter((contact) => contact !== SHELL).length === intendedWires(wiring);
const intendedWires = (wiring: Wiring): number =>
  [...intendedFar(wiring).keys()].filter((contact) => contact !== SHELL).length;

/** All of a cable, or the pairs that go through together with none of their conductors. */
const openTogether = (fault: Fault, wiring: Wiring): string =>
  isAll(fault, wiring)
    ? 'Nothing goes through: every conductor is open.'
    : `Pairs ${list(fault.pairs.map(String))} are open, both conductors of each (${list([...fault.near])}): as in a cable or a cord that has only the other pairs.`;

/** Whether an end can be on the wrong way round, and not only be wired from its wrong end. */
const turns = ({ near, far }: Wiring): boolean => near.turns || far.turns;

/** Which end of a shifted row begins late, as it looks from the reading. */
const lateAndOther = ({ end }: Fault): readonly [End, End] =>
  end === 'near' ? ['near', 'far'] : ['far', 'near'];

/**
 * "Every pair is two pairs late at the far end: near 1 arrives at far 5 ... Far 1 to 4 are empty; near 47 to
 * 50 are left over."
 */
function tellShift(fault: Fault, wiring: Wiring): string {
  const [late] = lateAndOther(fault);
  const row = wireContacts(wiring.far);
  const [first, arrives] = [fault.near[0] as Contact, fault.far[0] as Contact];
  const by = Math.abs(row.indexOf(arrives) - row.indexOf(intendedFar(wiring).get(first) ?? ''));
  const inPairs = by % 2 === 0 && pairsOf(wiring.far).length * 2 === row.length;
  const [what, how] = inPairs
    ? ['pair', `${counted(by / 2)} pair${by === 2 ? '' : 's'}`]
    : ['conductor', `${counted(by)} contact${by === 1 ? '' : 's'}`];
  const left = fault.near.slice(fault.far.length);
  const said = `Every ${what} is ${how} late at the ${late} end: ${arrivals(fault)}.`;
  if (left.length === 0) return `${said} What was left over at its end is on its first contacts.`;
  const there = late === 'far' ? row : wireContacts(wiring.near);
  const reached = new Set(late === 'far' ? fault.far : fault.near.slice(0, fault.far.length));
  const empty = there.filter((contact) => !reached.has(contact));
  const over =
    late === 'far'
      ? `the cores of near ${stretch(left)} are left over`
      : `the cores of far ${stretch(row.filter((contact) => !fault.far.includes(contact)))} are left over`;
  return `${said} ${capital(late)} ${stretch(empty)} should be empty there, and ${over}.`;
}

interface PairGroup {
  readonly from: number;
  readonly to: number;
  /** The colour that the tips of its pairs share, if they do. */
  readonly colour: string | null;
}

/** The groups of five pairs that a fault's contacts belong to. */
function groupsIn({ near }: Fault, wiring: Wiring): PairGroup[] {
  const pairs = pairsOf(wiring.near);
  const starts = pairs.flatMap(({ tip }, index) =>
    near.includes(tip) ? [index - (index % GROUP_PAIRS)] : [],
  );
  return [...new Set(starts)].map((start) => {
    const group = pairs.slice(start, start + GROUP_PAIRS);
    const colours = new Set(
      group.map(({ tip }) => named(tip, 'near', wiring).split('-')[0]?.split(' ')[0] ?? ''),
    );
    return {
      from: group[0]?.number ?? 0,
      to: group.at(-1)?.number ?? 0,
      colour: colours.size === 1 ? ([...colours][0] ?? null) : null,
    };
  });
}

const groupName = ({ from, to, colour }: PairGroup): string =>
  colour ? `the ${colour} group (pairs ${from} to ${to})` : `pairs ${from} to ${to}`;

const at = ({ end }: Fault): string =>
  end === 'either' ? '' : end === 'cable' ? ' along the cable' : ` at the ${end} end`;

/** One conductor inside its shield. */
const isCoaxial = ({ near, far }: Wiring) =>
  [near, far].every((end) => wireContacts(end).length === 1);

function remake(fault: Fault, wiring: Wiring): Action {
  const [near, far] = [wiring.near.rule, wiring.far.rule];
  const clue = fault.near.map(
    (contact, index) => `${nameOf(contact, wiring)} on ${fault.far[index] ?? ''}`,
  );
  const names = namesAt(fault, wiring);
  const schemes = near === far ? near : `${near} at the near end, ${far} at the far end`;
  return {
    end: 'either',
    sentence:
      near === far && fault.near.length === 2
        ? `Read the colours at both ends. Remake the end where ${names} are swapped (${list(clue)}).`
        : `Read the colours at both ends against ${schemes}. Remake the one that differs: ${names}.`,
  };
}

function ofPair({ pairs }: Fault): string {
  return pairs.length === 1 ? `, pair ${pairs.join()},` : '';
}

/** Whether what is shorted are the two conductors of one pair, wherever they arrive. */
function withinPair({ near, far }: Fault, wiring: Wiring): string {
  const pairs = new Set([
    ...near.map((contact) => pairAt(wiring.near, contact)?.number),
    ...far.map((contact) => pairAt(wiring.far, contact)?.number),
  ]);
  const [only] = pairs;
  return pairs.size === 1 && only !== undefined && new Set([...near, ...far]).size === 2
    ? ` within pair ${only}`
    : '';
}

function place({ end }: Fault): string {
  return end === 'either'
    ? ''
    : end === 'cable'
      ? ', along the cable'
      : `, on the ${end} side of the break`;
}

/** Whether both pairs arrive just as they do between an end of T568A and one of T568B. */
function mixedSchemes(fault: Fault, { near, far }: Wiring): string {
  const mixed = intendedFar(fourPairWiring('T568A', 'T568B'));
  return fault.pairs.join() === '2,3' &&
    near.rule === far.rule &&
    near.rule.startsWith('T568') &&
    fault.near.every((contact, index) => mixed.get(contact) === fault.far[index])
    ? ', as if one end followed T568A and the other T568B'
    : '';
}

/** Pairs that a crossing turns over besides: ", and pair 2 is reversed". */
function reversedInside({ near, far }: Fault, wiring: Wiring): string {
  const intended = intendedFar(wiring);
  const arrives = new Map(near.map((contact, index) => [contact, far[index]]));
  const isTip = (contact: Contact | undefined) =>
    contact !== undefined && pairAt(wiring.far, contact)?.tip === contact;
  const turned = pairsOf(wiring.near).filter(
    ({ tip }) => near.includes(tip) && isTip(arrives.get(tip)) !== isTip(intended.get(tip)),
  );
  const numbers = turned.map(({ number }) => String(number));
  if (numbers.length === 0) return '';
  return `, with pair${numbers.length === 1 ? '' : 's'} ${list(numbers)} reversed besides`;
}

function pairContacts({ near, pairs }: Fault, wiring: Wiring): string[] {
  const inPairs = pairsOf(wiring.near)
    .map(({ tip, ring }) => [tip, ring].sort(compareContacts))
    .filter((pair) => pair.some((contact) => near.includes(contact)))
    .sort(([a = ''], [b = '']) => compareContacts(a, b));
  return inPairs.slice(0, Math.max(pairs.length, 1)).map((pair) => pair.join('-'));
}
