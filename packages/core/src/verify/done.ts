import type { Contact } from '../catalogue';
import type { Place } from './fault';

export const DONE_ACTIONS = ['remade', 'reseated', 'replaced', 'looked'] as const;
export type DoneAction = (typeof DONE_ACTIONS)[number];

/**
 * Something that was done to a link between two readings. `looked` is a look that found nothing wrong;
 * a cable is replaced with both its ends.
 */
export interface Done {
  readonly action: DoneAction;
  readonly end: Place;
  /** The contacts that it was about; none for the whole end. */
  readonly contacts: readonly Contact[];
}
