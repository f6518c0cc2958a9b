import { SHELL, compareContacts, conductor, type Contact } from '../catalogue';
import { coreAt, pairsOf, wireContacts, type End, type Wiring } from '../link';
import { capital } from '../units';
import type { Fault, FaultKind, Place } from './fault';

export interface Action {
  readonly end: Place | 'either';
  readonly sentence: string;
}

interface Wording {
  readonly title: string;
  readonly sentence: (fault: Fault, wiring: Wiring) => string;
  readonly action: (fault: Fault, wiring: Wiring) => Action;
}

const COUNT = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** How each kind of fault is told and mended: the title, one sentence, and what to do. */
export const WORDING: Readonly<Record<FaultKind, Wording>> = {
  open: {
    title: 'Open',
    sentence: (fault, wiring) => {
      const [near, far] = [fault.near[0] as Contact, fault.far[0] as Contact];
      if (fault.near.length > 1) return 'Nothing goes through: every conductor is open.';
      const which = `${capital(named(near, 'near', wiring))}${ofPair(fault)}`;
      return near === far
        ? `${which} is open: it does not reach the far end.`
        : `${which} is open: near ${near} does not reach far ${far}.`;
    },
    action: (fault, wiring) =>
      fault.near.length > 1
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
      `${shortedContacts(fault, wiring)} are shorted together${withinPair(fault)}${place(fault)}.`,
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
      `Pairs ${list(fault.pairs.map(String))} are crossed: ${arrivals(fault)}${mixedSchemes(fault, wiring)}.`,
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
        : `${capital(COUNT[fault.near.length] ?? '')} conductors are in the wrong places: ${arrivals(fault)}.`,
    action: remake,
  },
  rollover: {
    title: 'Upside down',
    sentence: (fault) =>
      `${fault.end === 'either' ? 'One end' : `The ${fault.end} end`} is made upside down: ${arrivals(fault)}.`,
    action: (fault) => ({
      end: fault.end,
      sentence:
        fault.end === 'either'
          ? 'Read the colours at both ends with the latch the same way. Remake the end that runs backwards.'
          : `Remake the ${fault.end} end with the latch the other way.`,
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
    action: () => ({
      end: 'either',
      sentence: 'Check at both ends that foil and drain wire touch the connector’s shell.',
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
          : `Look ${where} for drain wire or foil that touches a contact, and trim it back.`,
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

const at = ({ end }: Fault): string =>
  end === 'either' ? '' : end === 'cable' ? ' along the cable' : ` at the ${end} end`;

/** One conductor inside its shield. */
const isCoaxial = ({ near, far }: Wiring) =>
  [near, far].every((end) => wireContacts(end).length === 1);

/** "white-green (3)", or "the shield". */
export function named(contact: Contact, end: End, wiring: Wiring): string {
  if (contact === SHELL) return 'the shield';
  const core = coreAt(wiring[end], contact);
  return core ? `${conductor(core).name} (${contact})` : `contact ${contact}`;
}

/** "a", "a and b", "a, b and c". */
export function list(items: readonly string[]): string {
  return items.length < 2
    ? items.join('')
    : `${items.slice(0, -1).join(', ')} and ${items.at(-1) ?? ''}`;
}

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

function namesAt(fault: Fault, wiring: Wiring): string {
  return list(fault.near.map((contact) => nameOf(contact, wiring)));
}

/** The name of a near contact's core, without the contact. */
function nameOf(contact: Contact, { near }: Wiring): string {
  if (contact === SHELL) return 'the shield';
  const core = coreAt(near, contact);
  return core ? conductor(core).name : `contact ${contact}`;
}

function contactsAt(fault: Fault, wiring: Wiring): string {
  const [near, far] = [fault.near[0] as Contact, fault.far[0] as Contact];
  return near === far ? named(near, 'near', wiring) : `near ${near} and far ${far}`;
}

function arrivals(fault: Fault): string {
  return list(
    fault.near.map((near, index) => `near ${near} arrives at far ${fault.far[index] ?? ''}`),
  );
}

function shortedContacts(fault: Fault, wiring: Wiring): string {
  const same = fault.near.join() === fault.far.join();
  const near = fault.near.map((contact) => named(contact, 'near', wiring));
  if (same || fault.far.length === 0) return capital(list(near));
  if (fault.near.length === 0)
    return capital(list(fault.far.map((contact) => named(contact, 'far', wiring))));
  return `Near ${list([...fault.near])} and far ${list([...fault.far])}`;
}

function conductorsOnly(fault: Fault, wiring: Wiring): string[] {
  const near = fault.near.filter((contact) => contact !== SHELL);
  const [contacts, end] = near.length > 0 ? [near, 'near' as const] : [fault.far, 'far' as const];
  const wires = contacts.filter((contact) => contact !== SHELL);
  return wires.length > 0
    ? wires.map((contact) => named(contact, end, wiring))
    : ['the shell of the other end'];
}

function ofPair({ pairs }: Fault): string {
  return pairs.length === 1 ? `, pair ${pairs.join()},` : '';
}

function withinPair({ pairs, near, far }: Fault): string {
  return pairs.length === 1 && Math.max(near.length, far.length) === 2
    ? ` within pair ${pairs.join()}`
    : '';
}

function place({ end }: Fault): string {
  return end === 'either'
    ? ''
    : end === 'cable'
      ? ', along the cable'
      : `, on the ${end} side of the break`;
}

function mixedSchemes({ pairs }: Fault, { near, far }: Wiring): string {
  return pairs.join() === '2,3' && near.rule === far.rule && near.rule.startsWith('T568')
    ? ', as if one end followed T568A and the other T568B'
    : '';
}

function pairContacts({ near, pairs }: Fault, wiring: Wiring): string[] {
  const inPairs = pairsOf(wiring.near)
    .map(({ tip, ring }) => [tip, ring].sort(compareContacts))
    .filter((pair) => pair.some((contact) => near.includes(contact)))
    .sort(([a = ''], [b = '']) => compareContacts(a, b));
  return inPairs.slice(0, Math.max(pairs.length, 1)).map((pair) => pair.join('-'));
}
