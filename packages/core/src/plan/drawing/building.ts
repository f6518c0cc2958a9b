import type { Place, PlannedRun, Point, Way } from '../lengths';
import { runLengths, type Lengths } from '../lengths';
import type { Drawing, DrawnWay } from './drawings';
import { drawingMessage, type BuildingProblem } from './messages';
import { metresPerUnit, scaleShare, unitsBetween } from './scale';

/** Where the picture of a drawing lies in the building. */
export interface Sheet {
  readonly drawing: string;
  readonly metresPerUnit: number;
  /** Of its top left. */
  readonly originM: Point;
  readonly floorM: number;
}

export interface Building {
  readonly sheets: readonly Sheet[];
  readonly ways: readonly Way[];
  readonly places: readonly Place[];
  readonly problems: readonly BuildingProblem[];
}

/** A scale by which lengths are farther off than this is told. Generic. */
const COARSE_SHARE = 0.02;
/** Risers that are less than this from themselves are drawn well enough. Generic. */
const ASTRAY_M = 0.5;

/**
 * One building of all its plans: those that share a riser lie over each other there.
 *
 * @param drawings the lowest floor first
 */
export function buildingOf(drawings: readonly Drawing[]): Building {
  const problems: BuildingProblem[] = [];
  const scaled = drawings.flatMap((drawing) => {
    const name = drawing.picture.name;
    if (!drawing.scale || unitsBetween(drawing.scale.from, drawing.scale.to) === 0) {
      problems.push(drawingMessage('drawing-no-scale', { drawing: name }));
      return [];
    }
    const share = scaleShare(drawing, drawing.scale);
    if (share > COARSE_SHARE)
      problems.push(drawingMessage('drawing-coarse-scale', { drawing: name, share }));
    return [{ drawing, unitM: metresPerUnit(drawing.scale) }];
  });
  const sheets = layOver(scaled, problems);
  const sheetOf = new Map(sheets.map((sheet) => [sheet.drawing, sheet]));
  const placed = scaled.flatMap(({ drawing }) => {
    const sheet = sheetOf.get(drawing.id);
    return sheet ? [{ drawing, sheet }] : [];
  });
  return {
    sheets,
    problems,
    ways: [...placed.flatMap(({ drawing, sheet }) => waysOn(drawing, sheet)), ...risersOf(placed)],
    places: placed.flatMap(({ drawing, sheet }) =>
      drawing.places.map(({ place, at, heightM }) => ({
        id: place,
        ...inBuilding(sheet, at),
        heightM: sheet.floorM + heightM,
        sheet: drawing.id,
      })),
    ),
  };
}

export const inBuilding = ({ metresPerUnit: unitM, originM }: Sheet, { x, y }: Point): Point => ({
  x: originM.x + x * unitM,
  y: originM.y + y * unitM,
});

export const onSheet = ({ metresPerUnit: unitM, originM }: Sheet, { x, y }: Point): Point => ({
  x: (x - originM.x) / unitM,
  y: (y - originM.y) / unitM,
});

/** Runs through the building; those with a place that is on no scaled plan are left out. */
export function lengthsIn(
  { ways, places }: Building,
  runs: readonly PlannedRun[],
  { slackM, reachM }: { readonly slackM: number; readonly reachM: number },
): Lengths {
  const there = new Set(places.map(({ id }) => id));
  const measured = runLengths({
    // The building is in metres already.
    scale: { from: { x: 0, y: 0 }, to: { x: 1, y: 0 }, metres: 1 },
    ways,
    places,
    runs: runs.filter(({ from, to }) => there.has(from) && there.has(to)),
    slackM,
    reachM,
  });
  return measured.ok ? measured.lengths : { metresPerUnit: 1, runs: [], ways: [] };
}

interface Scaled {
  readonly drawing: Drawing;
  readonly unitM: number;
}

const risersOn = ({ ways }: Drawing): DrawnWay[] => ways.filter(({ of }) => of === 'riser');

/** From the lowest plan on, each is laid over those that lie already, by a riser that both have. */
function layOver(scaled: readonly Scaled[], problems: BuildingProblem[]): Sheet[] {
  const sheets: Sheet[] = [];
  const known = new Map<string, Point>();
  const left = new Set(scaled);
  while (left.size > 0) {
    const joined = [...left].find(({ drawing }) =>
      risersOn(drawing).some(({ name }) => known.has(name)),
    );
    const [next = joined] = joined ? [joined] : left;
    if (!next) break;
    left.delete(next);
    const { drawing, unitM } = next;
    if (!joined && sheets.length > 0)
      problems.push(drawingMessage('drawing-apart', { drawing: drawing.picture.name }));
    const first = risersOn(drawing).find(({ name }) => known.has(name));
    const over = first && known.get(first.name);
    const at = first?.points[0];
    const originM =
      over && at ? { x: over.x - at.x * unitM, y: over.y - at.y * unitM } : { x: 0, y: 0 };
    const sheet = {
      drawing: drawing.id,
      metresPerUnit: unitM,
      originM,
      floorM: drawing.picture.floorM,
    };
    sheets.push(sheet);
    for (const { name, points } of risersOn(drawing)) {
      const [point] = points;
      if (!point) continue;
      const here = inBuilding(sheet, point);
      const there = known.get(name);
      const byM = there ? unitsBetween(here, there) : 0;
      if (byM > ASTRAY_M)
        problems.push(
          drawingMessage('drawing-riser-astray', {
            riser: name,
            drawing: drawing.picture.name,
            byM,
          }),
        );
      known.set(name, there ?? here);
    }
  }
  return sheets;
}

/** What is of one floor only. */
function waysOn({ id, ways }: Drawing, sheet: Sheet): Way[] {
  return ways.flatMap(({ way, of, points, heightM, areaMm2 }): Way[] => {
    const at = points.map((point) => inBuilding(sheet, point));
    const topM = sheet.floorM + heightM;
    if (of === 'tray')
      return [
        { id: way, sheet: id, areaMm2, points: at.map((point) => ({ ...point, heightM: topM })) },
      ];
    const [foot] = at;
    return of === 'drop' && foot
      ? [{ id: way, sheet: id, areaMm2, points: upright(foot, sheet.floorM, topM) }]
      : [];
  });
}

const upright = (at: Point, fromM: number, toM: number) => [
  { ...at, heightM: fromM },
  { ...at, heightM: toM },
];

/** Risers of one name are one, from the lowest floor that they are on to the top of the highest. */
function risersOf(placed: readonly { readonly drawing: Drawing; readonly sheet: Sheet }[]): Way[] {
  const found = new Map<string, { way: DrawnWay; sheets: string[]; points: Way['points'] }>();
  for (const { drawing, sheet } of placed)
    for (const way of risersOn(drawing)) {
      const [point] = way.points;
      if (!point) continue;
      const at = inBuilding(sheet, point);
      const before = found.get(way.name);
      // A floor’s piece of it ends where the next floor’s begins.
      const below = (before?.points ?? []).map((spot) => ({
        ...spot,
        heightM: Math.min(spot.heightM, sheet.floorM),
      }));
      found.set(way.name, {
        way: before?.way ?? way,
        sheets: [...(before?.sheets ?? []), drawing.id],
        points: [...below, ...upright(at, sheet.floorM, sheet.floorM + way.heightM)],
      });
    }
  return [...found.values()].map(({ way: { way, areaMm2 }, sheets, points }) => {
    const [only, ...more] = sheets;
    const sheet = more.length === 0 ? only : undefined;
    return { id: way, areaMm2, points, ...(sheet === undefined ? {} : { sheet }) };
  });
}
