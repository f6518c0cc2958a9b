import { distanceSum } from '@near-spoke/core/reflect/hand';
import {
  formatDistance,
  formatOhm,
  formatUncertain,
  type Uncertain,
  type UnitSystem,
} from '@near-spoke/core/units';
import { EVENT_WORDS, surely } from '../event-words';

import type { HandEvent } from './hand-events';

/** An event with all that is written of it. */
export type ShownEvent = HandEvent & ReturnType<typeof textsOf>;

/** From here on an impedance is as good as none: an open end's, or what hardly leaks. */
const MOST_OHM = 1e5;

const textsOf = (event: HandEvent, velocityFactor: Uncertain, units: UnitSystem) => ({
  words: EVENT_WORDS[event.kind],
  sure: event.kind === 'hand' ? '' : surely(event.confidence),
  at: formatUncertain(event.distanceM, units),
  about: formatDistance(event.distanceM.value, units, 1),
  back: event.kind === 'hand' ? '' : `${(100 * event.reflection.value).toFixed(0)} % back`,
  ohms: event.ohm === null || event.ohm > MOST_OHM ? '' : formatOhm(event.ohm),
  sum: distanceSum(velocityFactor.value, event.delayS.value, units),
});

export const shown = (
  event: HandEvent,
  velocityFactor: Uncertain,
  units: UnitSystem,
): ShownEvent => ({ ...event, ...textsOf(event, velocityFactor, units) });
