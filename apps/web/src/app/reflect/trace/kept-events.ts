import type { KeptEvent } from '@near-spoke/core/reflect/place';
import type { HandEvent } from './hand-events';

/** What is kept of events: places that were found. A repeat is none, and what a hand put there was not found. */
export const keptEvents = (events: readonly Pick<HandEvent, 'kind' | 'delayS'>[]): KeptEvent[] =>
  events.flatMap(({ kind, delayS }) =>
    kind === 'hand' || kind === 'ghost' ? [] : [{ kind, delayS }],
  );
