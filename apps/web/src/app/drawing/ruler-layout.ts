import { leavesAtM, type Waypoint } from '@near-spoke/core/link';
import { METRES_PER, formatLength, type UnitSystem } from '@near-spoke/core/units';
import { scaleLinear } from 'd3-scale';

export interface RulerTick {
  readonly x: number;
  /** Only on the ticks that carry a figure. */
  readonly label: string;
}

export interface RulerPoint {
  readonly x: number;
  readonly name: string;
  readonly at: string;
  /** The turns of what is wound up here, each by its middle. */
  readonly turns: readonly number[];
  readonly label: { readonly x: number; readonly row: 0 | 1; readonly text: string } | null;
}

/** A place on the cable that a trace tells of, to its uncertainty. */
export interface RulerPlace {
  readonly atM: number;
  /** What lies within for 95 %, to either side. */
  readonly withinM: number;
  readonly name: string;
}

export interface RulerLayout {
  /** Where the cable begins and ends, px. */
  readonly x0: number;
  readonly x1: number;
  readonly ticks: readonly RulerTick[];
  readonly points: readonly RulerPoint[];
  /** "58 m" at the far end of the scale; null while the length is not known. */
  readonly total: string | null;
  readonly places: readonly {
    readonly x: number;
    readonly from: number;
    readonly to: number;
    readonly name: string;
  }[];
}

export interface RulerInput {
  readonly lengthM: number | null;
  readonly route: readonly Waypoint[];
  readonly widthPx: number;
  readonly units: UnitSystem;
  readonly places?: readonly RulerPlace[];
  /** Points that a sentence beside the ruler speaks of: they are named before all others. */
  readonly spoken?: readonly string[];
}

/** Room for a connector at either end, px. */
export const CONNECTOR_PX = 58;
const LETTER_PX = 8.1;
const GAP_PX = 14;
/** The least distance between two figures on the scale, px. */
const FIGURE_PX = 110;
/** From one turn of a coil to the next, px. */
const TURN_PX = 6;

/**
 * The cable to scale between its two connectors: graduations in the person's unit, and the route's
 * points with labels in two rows where they fit. A label without room is left out, its point is not.
 */
export function rulerLayout({
  lengthM,
  route,
  widthPx,
  units,
  places = [],
  spoken = [],
}: RulerInput): RulerLayout {
  const [x0, x1] = [CONNECTOR_PX, Math.max(CONNECTOR_PX + 80, widthPx - CONNECTOR_PX)];
  const farthestM = Math.max(lengthM ?? 0, route.at(-1)?.atM ?? 0);
  const x = scaleLinear()
    .domain([0, farthestM || 1])
    .range([x0, x1]);
  return {
    x0,
    x1,
    ticks: lengthM === null ? [] : ticksFor(lengthM, units, x1 - x0, x),
    points: placeLabels(
      route.map((point) => ({
        x: x(point.atM),
        name: point.name,
        at: `${formatLength(point.atM, units)}${
          point.extraM ? ` + ${formatLength(point.extraM, units)} wound up` : ''
        }`,
        turns: point.extraM ? turnsBetween(x(point.atM), x(leavesAtM(point))) : [],
      })),
      widthPx,
      new Set(spoken),
    ),
    total: lengthM === null ? null : formatLength(lengthM, units),
    places: places
      // What seems to lie behind the far end can’t be drawn on the cable.
      .filter(({ atM }) => atM <= farthestM * 1.02)
      .map(({ atM, withinM, name }) => ({
        x: x(atM),
        from: x(Math.max(0, atM - withinM)),
        to: x(Math.min(farthestM, atM + withinM)),
        name: `${name}, ${formatLength(atM, units)}`,
      })),
  };
}

function ticksFor(
  lengthM: number,
  units: UnitSystem,
  spanPx: number,
  x: (atM: number) => number,
): RulerTick[] {
  const [unit, size] =
    units === 'metric' ? (['m', METRES_PER.m] as const) : (['ft', METRES_PER.ft] as const);
  const length = lengthM / size;
  const scale = scaleLinear().domain([0, length]);
  const figures = new Set(scale.ticks(Math.max(2, Math.floor(spanPx / FIGURE_PX))));
  const minor = scale.ticks(Math.max(2, Math.floor(spanPx / 15)));
  return minor.map((value) => ({
    x: x(value * size),
    label: figures.has(value) ? (value === 0 ? `0 ${unit}` : String(value)) : '',
  }));
}

/** At least two turns, however little it is: one alone is no coil. */
function turnsBetween(from: number, to: number): number[] {
  const turns = Math.max(2, Math.round((to - from) / TURN_PX));
  return Array.from({ length: turns }, (_, n) => from + ((n + 0.5) * (to - from)) / turns);
}

/**
 * Labels in two rows: those of spoken points first, by their names alone if they would not fit with their
 * places, drawn apart where they stand too close; then every other point that still has room.
 */
function placeLabels(
  points: readonly Omit<RulerPoint, 'label'>[],
  widthPx: number,
  spoken: ReadonlySet<string>,
): RulerPoint[] {
  type Label = NonNullable<RulerPoint['label']>;
  type Span = readonly [from: number, to: number];
  const taken: [Span[], Span[]] = [[], []];
  const labels = new Map<Omit<RulerPoint, 'label'>, Label>();
  const tryAt = (point: Omit<RulerPoint, 'label'>, text: string, middle: number): boolean => {
    const half = (text.length * LETTER_PX) / 2;
    const row = ([0, 1] as const).find((index) =>
      taken[index].every(
        ([from, to]) => middle - half >= to + GAP_PX || middle + half <= from - GAP_PX,
      ),
    );
    if (row === undefined || middle - half < 0 || middle + half > widthPx) return false;
    taken[row].push([middle - half, middle + half]);
    labels.set(point, { x: middle, row, text });
    return true;
  };
  const clamp = (x: number, text: string) => {
    const half = (text.length * LETTER_PX) / 2;
    return Math.min(Math.max(x, half), Math.max(half, widthPx - half));
  };
  for (const point of points.filter(({ name }) => spoken.has(name))) {
    const texts = [`${point.name}, ${point.at}`, point.name];
    const shifts = Array.from(
      { length: 80 },
      (_, n) => (n % 2 === 0 ? 1 : -1) * Math.ceil(n / 2) * 12,
    );
    texts.some((text) => shifts.some((by) => tryAt(point, text, clamp(point.x + by, text))));
  }
  for (const point of points.filter(({ name }) => !spoken.has(name))) {
    const text = `${point.name}, ${point.at}`;
    tryAt(point, text, clamp(point.x, text));
  }
  return points.map((point) => ({ ...point, label: labels.get(point) ?? null }));
}
