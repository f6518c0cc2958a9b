import type { Uncertain } from '../../units';
import { distanceOf } from '../hand';
import { reflectionAt } from '../line/reflection';
import type { TraceEvent } from './event';
import type { Change } from './guess';
import type { Prior } from './parameter';
import type { Through } from './through';

/** What lies nearer than this share of the way is no part of the far port itself. */
const BEFORE_THE_END = 0.98;

/** What a port that nothing is seen of gives back, by what a sweep tells of sizes. */
const UNSEEN_U = 0.02;
/** Ports and their adapters are no better matched. Generic. */
const MATCHED = 0.05;

/** The other port, as an end of the reference impedance. */
export const farPort = (
  { delayS }: Through,
  referenceOhm: number,
  { impedance }: Prior,
): Change => ({
  kind: 'end',
  delayS: 2 * delayS.value,
  size: reflectionAt(referenceOhm, impedance.mean),
  stubS: 0,
});

/**
 * The far end of a line that was measured through: its delay is half of what would come back from it, and what
 * the other port gives back there is as it was fitted.
 */
export function withThroughEnd(
  events: readonly TraceEvent[],
  { delayS }: Through,
  velocityFactor: Uncertain,
): TraceEvent[] {
  const round: Uncertain = { value: 2 * delayS.value, u: 2 * delayS.u };
  const places = events.filter(({ kind }) => kind !== 'ghost');
  const before = places.filter(({ delayS: one }) => one.value < BEFORE_THE_END * round.value);
  const there = places.find(
    ({ delayS: one }) => Math.abs(one.value / round.value - 1) < 1 - BEFORE_THE_END,
  );
  const reflection = there?.reflection ?? { value: 0, u: UNSEEN_U };
  return [
    ...before.map((event) => ({ ...event, end: false })),
    {
      delayS: round,
      distanceM: distanceOf(round, velocityFactor),
      kind: kindOf(reflection),
      reflection,
      end: true,
      confidence: 0.99,
      ohm: there?.ohm ?? null,
      branchS: null,
    },
  ];
}

function kindOf({ value, u }: Uncertain): 'matched' | 'rise' | 'drop' {
  if (Math.abs(value) <= Math.max(MATCHED, 3 * u)) return 'matched';
  return value > 0 ? 'rise' : 'drop';
}
