import type { Leg, Point } from '@near-spoke/core/plan/lengths';
import {
  onSheet,
  type Drawing,
  type Here,
  type SiteLengths,
  type Sheet,
} from '@near-spoke/core/plan/drawing';

/** A line on the plan, in the picture’s own units. */
export interface FloorLine {
  readonly id: string;
  readonly of: 'tray' | 'run' | 'fault' | 'begun' | 'scale';
  readonly points: readonly Point[];
  readonly name: string;
}

/** A spot on the plan. */
export interface FloorSpot {
  readonly id: string;
  readonly of: 'place' | 'hub' | 'end' | 'riser' | 'drop' | 'begun' | 'fault';
  readonly at: Point;
  readonly name: string;
  /** Whether its name stands beside it all the time. */
  readonly named: boolean;
}

export interface FloorMarks {
  readonly lines: readonly FloorLine[];
  readonly spots: readonly FloorSpot[];
}

/** What is to be seen on a plan besides its picture. */
export interface FloorSight {
  readonly drawing: Drawing;
  readonly hubs: ReadonlySet<string>;
  /** Points of what is being drawn just now. */
  readonly begun: readonly Point[];
  /** Places that are shown with their names: of the link that is looked at, or the one that was put last. */
  readonly chosen: ReadonlySet<string>;
  readonly showsScale: boolean;
  readonly lengths: SiteLengths;
  /** Of the link that is looked at. */
  readonly legs: readonly Leg[];
  readonly here: Here | null;
  /** What stands beside it. */
  readonly hereName: string;
}

export function floorMarks(sight: FloorSight): FloorMarks {
  const { drawing, begun } = sight;
  const sheet = sight.lengths.building.sheets.find((row) => row.drawing === drawing.id);
  const lines: FloorLine[] = drawing.ways.flatMap(({ way: id, of, points, name }) =>
    of === 'tray' ? [{ id, of, points, name }] : [],
  );
  const spots: FloorSpot[] = drawing.ways.flatMap(({ way: id, of, points, name }) =>
    of === 'tray' ? [] : points.slice(0, 1).map((at) => ({ id, of, at, name, named: true })),
  );
  for (const { place, at } of drawing.places) {
    const of = sight.chosen.has(place) ? 'end' : sight.hubs.has(place) ? 'hub' : 'place';
    spots.push({ id: place, of, at, name: place, named: of !== 'place' });
  }
  if (sheet) {
    const run = linesOn(sheet, sight, sight.legs);
    lines.push(
      ...run.map((points, at) => ({ id: `run ${at}`, of: 'run' as const, points, name: '' })),
    );
    const fault = linesOn(sheet, sight, sight.here?.pieces ?? []);
    for (const [at, points] of fault.entries())
      lines.push({ id: `fault ${at}`, of: 'fault', points, name: '' });
    const middle = middleOf(fault);
    if (middle)
      spots.push({ id: 'fault', of: 'fault', at: middle, name: sight.hereName, named: true });
  }
  const { scale } = drawing;
  if (sight.showsScale && scale && begun.length === 0)
    lines.push({ id: 'scale', of: 'scale', points: [scale.from, scale.to], name: '' });
  if (begun.length > 1) lines.push({ id: 'begun', of: 'begun', points: begun, name: '' });
  for (const [at, point] of begun.entries())
    spots.push({ id: `begun ${at}`, of: 'begun', at: point, name: '', named: false });
  return { lines, spots };
}

/** Whether a height belongs to the floor of a sheet: from it on, up to the next one. */
function isOnFloor(sheet: Sheet, sheets: readonly Sheet[], heightM: number): boolean {
  const above = sheets.map(({ floorM }) => floorM).filter((floorM) => floorM > sheet.floorM);
  const isLowest = sheets.every(({ floorM }) => floorM >= sheet.floorM);
  return (isLowest || heightM >= sheet.floorM) && heightM <= Math.min(Infinity, ...above);
}

function linesOn(
  sheet: Sheet,
  { lengths }: FloorSight,
  legs: readonly Leg[],
): (readonly Point[])[] {
  const { sheets } = lengths.building;
  return legs
    .filter(({ from, to }) => [from, to].every(({ heightM }) => isOnFloor(sheet, sheets, heightM)))
    .map(({ from, to }) => [onSheet(sheet, from), onSheet(sheet, to)]);
}

/** The middle of the longest piece. */
function middleOf(lines: readonly (readonly Point[])[]): Point | null {
  let found: Point | null = null;
  let longest = -1;
  for (const [from, to] of lines) {
    if (!from || !to) continue;
    const long = Math.hypot(from.x - to.x, from.y - to.y);
    if (long <= longest) continue;
    longest = long;
    found = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  }
  return found;
}
