import type { Done, DoneAction } from '../done';
import type { Fault, FaultKind, Place } from '../fault';
import type { Seen } from './agree';

/** What happened to a link, in order: tests, and what was done between them. */
export type Happened = Seen | { readonly done: Done };

export const isDone = (row: Happened): row is { readonly done: Done } => 'done' in row;

/** How often an action takes away a fault that is where it was done. Generic. */
const MENDS: Readonly<Record<DoneAction, number>> = {
  remade: 0.9,
  reseated: 0.4,
  replaced: 0.97,
  looked: 0,
};

/** What seating a contact again can mend; the rest stays as it was made. */
const BY_SEATING: ReadonlySet<FaultKind> = new Set([
  'open',
  'shield-open',
  'high-resistance',
  'intermittent',
]);

/** How often someone who looks at an end sees a fault that is there; what is not named is not seen. Generic. */
const SEEN_BY_LOOKING: Readonly<Partial<Record<FaultKind, number>>> = {
  open: 0.6,
  short: 0.6,
  'shield-open': 0.7,
  'shield-short': 0.6,
  'high-resistance': 0.2,
  'reversed-pair': 0.9,
  'crossed-pairs': 0.9,
  miswire: 0.9,
  rollover: 0.9,
  shifted: 0.9,
  'crossed-groups': 0.9,
  'turned-group': 0.9,
};

/** Faults that a look at an end can show and the order of its colours can't. */
const NOT_IN_COLOURS: ReadonlySet<FaultKind> = new Set([
  'open',
  'short',
  'shield-open',
  'shield-short',
  'high-resistance',
]);

const isAbout = ({ contacts, end }: Done, fault: Fault): boolean =>
  contacts.length === 0 ||
  fault[end === 'far' ? 'far' : 'near'].some((name) => contacts.includes(name));

/** How likely it is that an action took a fault away. */
export function mendedBy(done: Done, fault: Fault): number {
  const everywhere = done.action === 'replaced' && done.end === 'cable';
  if (!everywhere && (fault.end !== done.end || !isAbout(done, fault))) return 0;
  if (done.action === 'reseated' && !BY_SEATING.has(fault.kind)) return 0;
  return MENDS[done.action];
}

/** How likely it is that a look at an end shows a fault. */
export const seenByLooking = (fault: Fault, end: Place): number =>
  fault.end === end ? (SEEN_BY_LOOKING[fault.kind] ?? 0) : 0;

/** The same of what colours don't tell: a strand, a conductor that is not home. */
export const flawSeen = (fault: Fault, end: Place): number =>
  NOT_IN_COLOURS.has(fault.kind) ? seenByLooking(fault, end) : 0;

/** Where an action makes something anew, which can have faults of its own. */
export const madeAnew = ({ action, end }: Done): readonly Place[] =>
  action === 'remade' || (action === 'replaced' && end !== 'cable')
    ? [end]
    : action === 'replaced'
      ? ['near', 'cable', 'far']
      : [];

/** How likely a look that found nothing is, whatever it was about. */
export const lookFoundNothing = (done: Done, faults: readonly Fault[]): number =>
  done.action === 'looked'
    ? faults.reduce(
        (share, fault) => share * (isAbout(done, fault) ? 1 - seenByLooking(fault, done.end) : 1),
        1,
      )
    : 1;

const DONE_TEXT: Readonly<Record<DoneAction, (place: string) => string>> = {
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

/** What was done, in a few words: "Remade the near end". */
export const doneText = ({ action, end, contacts }: Done): string =>
  DONE_TEXT[action](
    contacts.length === 0 ? DONE_AT[end] : `${contacts.join(', ')} at ${DONE_AT[end]}`,
  );
