import type { Outline, Place } from './outline-row';
import { CONTACT_NAME, type Contact } from './scheme';

export type ParsedOutline =
  | { readonly ok: true; readonly outline: Outline }
  | {
      readonly ok: false;
      readonly line: number;
      readonly column: number;
      readonly reason: string;
    };

const MOST = 100;
const NUMBER = '([0-9]+(?:[.,][0-9]+)?)';
const GRID = new RegExp(
  `^grid\\s+(\\d+)\\s*(?:x|by)\\s*(\\d+)(?:\\s+pitch\\s+${NUMBER}\\s*(?:mm)?)?$`,
  'i',
);
const CIRCLE = new RegExp(`^circle\\s+(\\d+)(?:\\s+diameter\\s+${NUMBER}\\s*(?:mm)?)?$`, 'i');
const PLACE = /^([^\s,;]+)[\s,;]+(-?[0-9.]+)\s*(?:mm)?[\s,;]+(-?[0-9.]+)\s*(?:mm)?$/;
const HOW =
  'Write “grid 2 x 5 pitch 2.54”, “circle 7 diameter 7”, or a line for each contact: its name, mm to the right, mm up';

const sizeOf = (text: string | undefined, otherwise: number) =>
  text === undefined ? otherwise : Number(text.replace(',', '.'));

/**
 * Reads a connector's own geometry: a grid in rows from the top left ("grid 2 x 5 pitch 2.54", rows by
 * columns), a circle clockwise from the top ("circle 7 diameter 7"), or free places, a line for each.
 * Always as one looks into the socket's mating face, in mm.
 *
 * @returns the outline, or line and column (from 1) of what can't be read and what to write instead.
 */
export function parseOutline(text: string, name: string): ParsedOutline {
  const lines = text
    .split(/\r?\n/)
    .map((line, index) => ({ line: line.trim(), at: index + 1 }))
    .filter(({ line }) => line !== '');
  const refuse = (line: number, reason: string, column = 1): ParsedOutline => ({
    ok: false,
    line,
    column,
    reason,
  });
  const [first] = lines;
  if (!first) return refuse(1, `${HOW}.`);
  const grid = GRID.exec(first.line);
  const circle = CIRCLE.exec(first.line);
  if ((grid ?? circle) && lines[1])
    return refuse(lines[1].at, 'A grid or a circle stands in one line, alone.');
  const places: Place[] = [];
  if (grid) places.push(...gridPlaces(Number(grid[1]), Number(grid[2]), sizeOf(grid[3], 2.54)));
  else if (circle) places.push(...circlePlaces(Number(circle[1]), sizeOf(circle[2], 7)));
  else
    for (const { line, at } of lines) {
      const [, contact = '', x, y] = PLACE.exec(line) ?? [];
      if (!CONTACT_NAME.test(contact) || !Number.isFinite(Number(x)) || !Number.isFinite(Number(y)))
        return refuse(at, `‘${line}’ is not a place. ${HOW}.`);
      const twin = places.findIndex(
        (place) =>
          place.contact === contact || (place.xMm === Number(x) && place.yMm === Number(y)),
      );
      if (twin >= 0)
        return refuse(at, `Contact ${contact} or its place stands in line ${twin + 1} already.`);
      places.push({ contact, xMm: Number(x), yMm: Number(y) });
    }
  if (places.length === 0) return refuse(1, 'There is no contact in it.');
  if (places.length > MOST) return refuse(1, `A connector has at most ${MOST} contacts here.`);
  return { ok: true, outline: around(places, name, circle !== null) };
}

function gridPlaces(rows: number, columns: number, pitchMm: number): Place[] {
  if (rows * columns > MOST) return Array.from({ length: MOST + 1 }, () => at('1', 0, 0));
  return Array.from({ length: rows * columns }, (_, index) =>
    at(
      String(index + 1),
      ((index % columns) - (columns - 1) / 2) * pitchMm,
      ((rows - 1) / 2 - Math.floor(index / columns)) * pitchMm,
    ),
  );
}

function circlePlaces(count: number, diameterMm: number): Place[] {
  if (count > MOST) return gridPlaces(1, count, 1);
  return Array.from({ length: count }, (_, index) => {
    const angle = (2 * Math.PI * index) / count;
    const r = diameterMm / 2;
    return at(String(index + 1), r * Math.sin(angle), r * Math.cos(angle));
  });
}

const at = (contact: Contact, xMm: number, yMm: number): Place => ({ contact, xMm, yMm });

/** A shell about the places, with room for a contact around them. */
function around(places: readonly Place[], name: string, round: boolean): Outline {
  const span = (of: (place: Place) => number) => {
    const all = places.map(of);
    return [Math.min(...all), Math.max(...all)] as const;
  };
  const [left, right] = span(({ xMm }) => xMm);
  const [low, high] = span(({ yMm }) => yMm);
  const [midX, midY] = round ? [0, 0] : [(left + right) / 2, (low + high) / 2];
  const room = 3;
  const widthMm = right - left + room;
  const heightMm = high - low + room;
  const widest = Math.max(widthMm, heightMm);
  return {
    id: 'own',
    name,
    shape: round ? 'round' : 'row',
    widthMm: round ? widest : widthMm,
    heightMm: round ? widest : heightMm,
    places: places.map(({ contact, xMm, yMm }) => at(contact, xMm - midX, yMm - midY)),
    key: 'mark',
    turns: true,
    oneSided: false,
    shell: false,
    doubt: 'Places as you wrote them: hold the drawing against the part',
  };
}
