import { budgetOf, distanceOf, distanceSum } from '@near-spoke/core/reflect/hand';
import {
  WITHIN_95,
  formatDistance,
  formatOhm,
  formatUncertain,
  type Uncertain,
  type UnitSystem,
} from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';
import type { HandEvent } from './hand-events';

/** An event with all that is written of it. */
export type ShownEvent = HandEvent & ReturnType<typeof textsOf>;

/** From here on an impedance is as good as none: an open end's, or what hardly leaks. */
const MOST_OHM = 1e5;

/** From here on a kind is told as sure, and as likely. */
const [SURE, LIKELY] = [0.95, 0.75];

const textsOf = (event: HandEvent, velocityFactor: Uncertain, { units, pages }: Tell) => ({
  words: pages.trace.kinds[event.kind],
  sure: event.kind === 'hand' ? '' : surely(event.confidence, pages.trace),
  at: formatUncertain(event.distanceM, units),
  about: formatDistance(event.distanceM.value, units, 1),
  back: event.kind === 'hand' ? '' : pages.trace.back((100 * event.reflection.value).toFixed(0)),
  ohms: event.ohm === null || event.ohm > MOST_OHM ? '' : formatOhm(event.ohm),
  branch: event.branchS
    ? pages.trace.branch(formatUncertain(distanceOf(event.branchS, velocityFactor), units))
    : '',
  budget: budgetText(event, velocityFactor, units, pages.trace),
  sum: distanceSum(velocityFactor.value, event.delayS.value, units),
});

/** What the give or take of a distance comes from, the greater first. */
function budgetText(
  { delayS }: HandEvent,
  velocityFactor: Uncertain,
  units: UnitSystem,
  say: Tell['pages']['trace'],
): string {
  const { delayM, velocityM } = budgetOf(delayS, velocityFactor);
  const told = (metres: number) => formatDistance(WITHIN_95 * metres, units);
  const parts = [
    { metres: velocityM, text: say.ofVelocity(told(velocityM)) },
    { metres: delayM, text: say.ofDelay(told(delayM)) },
  ].sort((a, b) => b.metres - a.metres);
  return say.budget(parts.map(({ text }) => text));
}

/** How sure a kind is, in words. */
function surely(confidence: number, say: Tell['pages']['trace']): string {
  if (confidence >= SURE) return say.sure;
  return confidence >= LIKELY ? say.likely : say.untold;
}

export const shown = (event: HandEvent, velocityFactor: Uncertain, tell: Tell): ShownEvent => ({
  ...event,
  ...textsOf(event, velocityFactor, tell),
});

/** As far as an echo of a branch’s open end seems to come from; of what is no branch, nothing. */
export const branchEnd = (
  { delayS, branchS }: HandEvent,
  velocityFactor: Uncertain,
): Uncertain[] =>
  branchS
    ? [
        distanceOf(
          { value: delayS.value + branchS.value, u: Math.hypot(delayS.u, branchS.u) },
          velocityFactor,
        ),
      ]
    : [];
