import type { Message } from '../../message';
import type { Done, DoneAction } from '../done';
import { tell } from '../messages';
import type { Fault, Place } from '../fault';
import { FAULTS } from '../faults';
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

const isAbout = ({ contacts, end }: Done, fault: Fault): boolean =>
  contacts.length === 0 ||
  fault[end === 'far' ? 'far' : 'near'].some((name) => contacts.includes(name));

/** How likely it is that an action took a fault away. */
export function mendedBy(done: Done, fault: Fault): number {
  const everywhere = done.action === 'replaced' && done.end === 'cable';
  if (!everywhere && (fault.end !== done.end || !isAbout(done, fault))) return 0;
  if (done.action === 'reseated' && !FAULTS[fault.kind].isSeated) return 0;
  return MENDS[done.action];
}

/** How likely it is that a look at an end shows a fault. */
export const seenByLooking = (fault: Fault, end: Place): number =>
  fault.end === end ? FAULTS[fault.kind].seenByLooking : 0;

/** The same of what colours don't tell: a strand, a conductor that is not home. */
export const flawSeen = (fault: Fault, end: Place): number =>
  FAULTS[fault.kind].isInColours ? 0 : seenByLooking(fault, end);

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

/** What was done, in a few words. */
export const doneText = ({ action, end, contacts }: Done): Message =>
  tell('was-done', { action, end, contacts });
