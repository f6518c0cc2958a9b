import type { Uncertain } from '../../units';
import { distanceOf } from '../hand';
import type { Weighed } from './alternatives';
import { branchOrEnd } from './branch-or-end';
import type { TraceEvent } from './event';
import { reducedChiSquared, spreadOf } from './fit-guess';
import { ghostsOf } from './ghosts';
import { ohmOf, type Change } from './guess';

/** What a fit's events are told with. */
export interface Telling {
  readonly velocityFactor: Uncertain;
  /** An edge, or what resolves two echoes: what is nearer than that is one place. */
  readonly edgeS: number;
  /** What the model of edges, input and loss can’t tell better, of a delay, s. */
  readonly modelU: number;
  /** What the tee throws back into the line; nothing where a port was measured. */
  readonly teeReflection: number;
  /** End of the record, there and back. */
  readonly rangeS: number;
  /** The smallest echo that would have been seen, beside an open at the tee. */
  readonly leastSize: number;
  /** What is nearer to the launch cannot be told from it. */
  readonly deadS: number;
  /** Up to here the launch, and what goes to and fro on so short a line, lie over an echo. */
  readonly closeS: number;
  /** Of a pulse. */
  readonly widthS: number | null;
  /** Whether more is there than the events explain: then none of them is sure. */
  readonly isOff: boolean;
}

/** What the model of the line cannot tell better, of a size. */
const SIZE_U = 0.01;
/**
 * Of a delay, a share of it: what the law of loss is off by, that smears and so delays. By the captures of
 * another model (bench:field): without it some 60 of 100 sweeps’ 95 % intervals hold.
 */
const DELAY_U_SHARE = 1e-4;
/** From here on something is an end even if nothing else proves it: no joint gives so much back. */
const NO_JOINT = 0.4;
const NEARLY_ALL = 0.85;
const AT_LEAST_FOR_ALL = 0.6;
/** Cables stray by as much along their way. */
const TOLD_SIZE = 0.008;
/** What an open or a short is in ohms tells nothing. */
const NO_OHM: readonly TraceEvent['kind'][] = ['open', 'short'];
/** Impedance is what it was before, within this share. */
const SAME_AGAIN = 0.12;

/** The changes of a fit as events, in the order of their delays, and the ghosts that they explain. */
export function tellEvents({ fit, shares }: Weighed, telling: Telling): TraceEvent[] {
  const { impedanceOhm, changes } = fit.guess.line;
  const loose = Math.sqrt(reducedChiSquared(fit));
  let here = impedanceOhm;
  const events: TraceEvent[] = [];
  const isBranch = branchOrEnd(changes) !== null;
  for (const [index, change] of changes.entries()) {
    const delayS: Uncertain = {
      value: change.delayS,
      u: Math.hypot(
        spreadOf(fit, `delay ${index}`) * loose,
        telling.modelU,
        DELAY_U_SHARE * change.delayS,
        twinOf(change, telling.widthS),
      ),
    };
    const size = sizeOf(change);
    const reflection: Uncertain = {
      value: size,
      u: Math.hypot(spreadOf(fit, `size ${index}`) * loose, SIZE_U),
    };
    const before = here;
    if (change.kind === 'step' || change.kind === 'end') here = ohmOf(change, before);
    const last = index === changes.length - 1;
    const told = kindOf(change, reflection, last, here, impedanceOhm);
    events.push({
      delayS,
      distanceM: distanceOf(delayS, telling.velocityFactor),
      ...told,
      reflection,
      confidence: Math.min(
        shares[index] ?? 0.5,
        SUREST,
        change.delayS < telling.closeS ? OVERLAPPING : 1,
        telling.isOff ? UNTOLD : 1,
        told.end ? (isBranch ? UNTOLD : surenessOfEnd(size)) : 1,
      ),
      ohm: NO_OHM.includes(told.kind) || change.kind === 'tap' ? null : ohmOf(change, before),
      branchS:
        change.kind === 'tap'
          ? {
              value: change.stubS,
              u: Math.hypot(spreadOf(fit, `stub ${index}`) * loose, telling.modelU),
            }
          : null,
    });
  }
  const places = joined(events, telling).filter(
    ({ delayS, end, reflection }) =>
      (end || delayS.value > telling.deadS) && Math.abs(reflection.value) > TOLD_SIZE,
  );
  return [...places, ...seenGhosts(changes, places, telling)].sort(
    (a, b) => a.delayS.value - b.delayS.value,
  );
}

/** A short that shows so near to where the pulse ends, as a share of its width. */
const NEAR_THE_END = 0.2;
const LIKE_A_SHORT = -0.6;

/**
 * A pulse that is thrown back upside down about when it ends: its width and the delay may change places,
 * and the trace stays what it is. How far off the other reading is.
 */
function twinOf({ delayS, size, kind }: Change, widthS: number | null): number {
  if (widthS === null || kind === 'tap' || size > LIKE_A_SHORT) return 0;
  const offS = Math.abs(delayS - widthS);
  return offS < NEAR_THE_END * widthS ? offS : 0;
}

/** No capture makes a kind surer. */
const SUREST = 0.99;
/**
 * Where something is left over; and of an end that gives back no more than a joint does, or that may be a
 * branch’s: with a matched line behind, nobody could tell the two apart.
 */
const UNTOLD = 0.5;

/**
 * A resistance in the way of a matched line, or across it, gives back what an end of some ohms does, to the
 * last figure. The more it gives back, the odder it would be.
 */
const surenessOfEnd = (size: number): number => {
  const odd = (Math.abs(size) - NO_JOINT) / (NEARLY_ALL - NO_JOINT);
  return UNTOLD + (SUREST - UNTOLD) * Math.min(1, Math.max(0, odd));
};

/** Of lines below 2 m, the bench finds about so many with every kind right. */
const OVERLAPPING = 0.75;

const sizeOf = ({ kind, size }: Change): number => (kind === 'tap' ? -1 / 3 : size);

function kindOf(
  { kind, size }: Change,
  { u }: Uncertain,
  last: boolean,
  behindOhm: number,
  lineOhm: number,
): Pick<TraceEvent, 'kind' | 'end'> {
  if (kind === 'series' && !last) return { kind: 'series', end: false };
  if ((kind === 'shunt' && !last) || kind === 'tap') return { kind: 'tap', end: false };
  const all =
    last &&
    (Math.abs(size) > NEARLY_ALL ||
      (Math.abs(size) > AT_LEAST_FOR_ALL && Math.abs(size) + 3 * u > 1));
  if (all) return { kind: size > 0 ? 'open' : 'short', end: true };
  const same = Math.abs(behindOhm / lineOhm - 1) < SAME_AGAIN;
  const end = last && !same && (kind === 'end' || Math.abs(size) > NO_JOINT);
  if (!end && kind === 'series') return { kind: 'series', end };
  if (!end && kind === 'shunt') return { kind: 'tap', end };
  return { kind: size > 0 ? 'rise' : 'drop', end };
}

/** Up and down again within half an edge is one place: which way it went first is what it is. */
function joined(events: readonly TraceEvent[], { edgeS }: Telling): TraceEvent[] {
  const rows: TraceEvent[] = [];
  for (const event of events) {
    const last = rows.at(-1);
    const near = last && event.delayS.value - last.delayS.value < edgeS / 2;
    const opposite = last && Math.sign(last.reflection.value) !== Math.sign(event.reflection.value);
    if (near && opposite && !event.end) continue;
    rows.push(event);
  }
  return rows;
}

function seenGhosts(
  changes: readonly Change[],
  places: readonly TraceEvent[],
  telling: Telling,
): TraceEvent[] {
  const { teeReflection, rangeS, leastSize, velocityFactor, edgeS } = telling;
  return ghostsOf(changes, teeReflection)
    .filter(
      ({ delayS, size }) =>
        delayS < rangeS &&
        Math.abs(size) > Math.max(0.02, leastSize) &&
        places.every((place) => Math.abs(place.delayS.value - delayS) > edgeS),
    )
    .map(({ delayS, size }): TraceEvent => {
      const delay = { value: delayS, u: edgeS / 10 };
      return {
        delayS: delay,
        distanceM: distanceOf(delay, velocityFactor),
        kind: 'ghost',
        reflection: { value: size, u: Math.abs(size) / 4 },
        end: false,
        confidence: 0.9,
        ohm: null,
        branchS: null,
      };
    });
}
