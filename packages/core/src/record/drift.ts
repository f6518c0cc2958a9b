import type { ContactNode } from '../link';
import type { Message } from '../message';
import { LIGHT_M_S, type Uncertain } from '../units';
import { tell } from './messages';
import type { PlaceKind } from '../reflect/place';

/** What was measured of one thing at some time. */
export interface DriftPoint extends Uncertain {
  /** ISO 8601. */
  readonly at: string;
}

/** One thing that was measured more than once, oldest first. */
export interface Drift {
  readonly name: Message;
  readonly unit: 'ohm' | 'm';
  readonly points: readonly DriftPoint[];
  /** Whether the last is further from the first than both leave open. */
  readonly isMoved: boolean;
}

/** A use of an ohmmeter between two contacts, and of any other tester. */
interface Measured {
  readonly takenAt: string;
  readonly reading:
    | {
        readonly tester: 'ohmmeter';
        readonly from: ContactNode;
        readonly to: ContactNode;
        readonly joined: readonly string[];
        readonly ohm: number | null;
      }
    | { readonly tester: string };
}

/** A trace that was kept, with what it told then. */
interface Traced {
  readonly at: string;
  readonly velocityFactor: Uncertain;
  readonly events: readonly { readonly kind: PlaceKind; readonly delayS: Uncertain }[];
}

/** How well a hand-held meter with its leads tells ohms, standard uncertainty. Generic. */
const METER_SHARE = 0.01;
const METER_BESIDE_OHM = 0.1;
/** Echoes of one kind so near to each other are of one place, though it moves, metres. Generic. */
const SAME_PLACE_M = 1.5;
/** Both ends of 95 of 100. */
const COVERAGE = 2;

/** What was measured of a link more than once: loops by an ohmmeter, and places by reflectometry. */
export function driftsOf(tests: readonly Measured[], traces: readonly Traced[]): Drift[] {
  return [...loops(tests), ...places(traces)]
    .filter(({ points }) => points.length > 1)
    .map((series) => ({ ...series, isMoved: isMoved(series.points) }));
}

type Series = Omit<Drift, 'isMoved'>;

function isMoved(points: readonly DriftPoint[]): boolean {
  const [first, last] = [points[0], points.at(-1)];
  return (
    first !== undefined &&
    last !== undefined &&
    Math.abs(last.value - first.value) > COVERAGE * Math.hypot(first.u, last.u)
  );
}

function loops(tests: readonly Measured[]): Series[] {
  const found = new Map<string, Series>();
  for (const { takenAt, reading } of inTime(tests, 'takenAt')) {
    if (!('ohm' in reading) || reading.ohm === null) continue;
    const { from, to, joined, ohm } = reading;
    const key = JSON.stringify([from, to, joined]);
    const point = { at: takenAt, value: ohm, u: Math.hypot(METER_SHARE * ohm, METER_BESIDE_OHM) };
    const before = found.get(key)?.points ?? [];
    found.set(key, {
      name: tell('drift-ohms', { from, to, joined }),
      unit: 'ohm',
      points: [...before, point],
    });
  }
  return [...found.values()];
}

/** An echo belongs to the last one of its kind that is near enough. */
function places(traces: readonly Traced[]): Series[] {
  const found: { readonly kind: PlaceKind; readonly points: DriftPoint[] }[] = [];
  for (const { at, velocityFactor, events } of inTime(traces, 'at'))
    for (const { kind, delayS } of events) {
      const value = (delayS.value * velocityFactor.value * LIGHT_M_S) / 2;
      const u =
        value * Math.hypot(velocityFactor.u / velocityFactor.value, delayS.u / delayS.value);
      const point = { at, value, u: Number.isFinite(u) ? u : 0 };
      const own = found
        .filter((series) => series.kind === kind && series.points.at(-1)?.at !== at)
        .map((series) => ({ series, by: Math.abs((series.points.at(-1)?.value ?? 0) - value) }))
        .filter(({ by }) => by <= SAME_PLACE_M)
        .sort((a, b) => a.by - b.by)[0];
      if (own) own.series.points.push(point);
      else found.push({ kind, points: [point] });
    }
  return found.map(({ kind, points }) => ({
    name: tell('drift-place', { kind }),
    unit: 'm',
    points,
  }));
}

const inTime = <T extends Readonly<Record<K, string>>, K extends string>(
  list: readonly T[],
  at: K,
): T[] => [...list].sort((a, b) => (a[at] < b[at] ? -1 : 1));
