import type { DrawingFact } from '@near-spoke/contract/drawing';
import type { Point } from '@near-spoke/core/plan/lengths';

/** A metre of the building, in the pictures’ units, and the margin around it. */
const UNIT = 20;
const MARGIN_M = 2;

interface Room {
  readonly name: string;
  /** From its corner in the north west, m. */
  readonly at: readonly [x: number, y: number, width: number, depth: number];
}

interface Floor {
  /** Arbitrary, the same in every demonstration. */
  readonly id: string;
  readonly name: string;
  readonly floorM: number;
  readonly widthM: number;
  readonly depthM: number;
  readonly rooms: readonly Room[];
  readonly ways: readonly {
    readonly id: string;
    readonly name: string;
    readonly of: 'tray' | 'riser' | 'drop';
    readonly points: readonly (readonly [x: number, y: number])[];
    readonly heightM: number;
    readonly areaMm2: number | null;
  }[];
  readonly places: readonly (readonly [name: string, x: number, y: number, heightM: number])[];
}

const kiosks = Array.from(
  { length: 8 },
  (_, index) => [`Ticket kiosk ${index + 1}`, 20.4 + 2.5 * index, 15, 0.4] as const,
);
const desks = Array.from(
  { length: 6 },
  (_, index) => [`Ticket office desk ${index + 1}`, 7 + 1.8 * index, 15.7, 0.4] as const,
);
const counters = Array.from(
  { length: 3 },
  (_, index) => [`Passenger counter ${index + 1}`, 43.5 + 5 * index, 15, 1] as const,
);

export const FLOORS: readonly Floor[] = [
  {
    id: '0197f000-0000-7000-8000-0000000000f0',
    name: 'Terminal, quay level',
    floorM: 0,
    widthM: 58,
    depthM: 26,
    rooms: [
      { name: 'Comms C1', at: [1, 9, 6, 5] },
      { name: 'Stores', at: [1, 2, 16, 7] },
      { name: 'Ticket office', at: [1, 14, 17, 10] },
      { name: 'Ticket hall', at: [18, 13.5, 23, 10.5] },
      { name: 'Waiting room', at: [17, 2, 31, 10] },
      { name: 'Staff', at: [48, 2, 5, 10] },
      { name: 'Luggage', at: [53, 2, 4, 10] },
      { name: 'Gangway', at: [41, 13.5, 16, 4.5] },
    ],
    ways: [
      {
        id: '0197f000-0000-7000-8000-0000000000a1',
        name: 'Tray T1',
        of: 'tray',
        points: [
          [3, 13],
          [56, 13],
        ],
        heightM: 3,
        areaMm2: 6000,
      },
      {
        id: '0197f000-0000-7000-8000-0000000000a2',
        name: 'Riser at the stairs',
        of: 'riser',
        points: [[40, 13]],
        heightM: 4.2,
        areaMm2: null,
      },
    ],
    places: [
      ['C1', 3, 12, 1.5],
      ...kiosks,
      ...desks,
      ...counters,
      ['Ticket office line', 7.2, 15.9, 0.4],
      ['Help point at the gangway', 42.5, 14, 1.2],
      ['Access point 1, ticket hall', 30, 16.5, 3],
      ['Access point 2, ticket hall', 33, 17.5, 3],
      ['Access point 3, waiting room', 42, 12, 3],
      ['Access point 4, waiting room', 44, 11, 3],
      ['Access point 6, staff room', 50, 10, 3],
      ['Access point 7, luggage store', 54, 9, 3],
      ['Departure board 1', 28, 10, 2.5],
      ['Departure board 2', 34, 9, 2.5],
      ['Departure board 3', 39, 8, 2.5],
      ['Departure board 4', 46, 9, 2.5],
      ['Departure board 5', 52, 9, 2.5],
      ['Waiting room, screen 1', 18.5, 12, 2],
      ['Waiting room, screen 2', 22, 11, 2],
    ],
  },
  {
    id: '0197f000-0000-7000-8000-0000000000f1',
    name: 'Terminal, upper deck',
    floorM: 4.2,
    widthM: 30,
    depthM: 14,
    rooms: [
      { name: 'Corridor', at: [1, 6, 28, 3] },
      { name: 'Harbour office', at: [1, 1, 14, 5] },
      { name: 'Viewing deck', at: [15, 1, 14, 5] },
      { name: 'Plant room', at: [1, 9, 28, 4] },
    ],
    ways: [
      {
        id: '0197f000-0000-7000-8000-0000000000a3',
        name: 'Riser at the stairs',
        of: 'riser',
        points: [[12, 7]],
        heightM: 2.6,
        areaMm2: null,
      },
      {
        id: '0197f000-0000-7000-8000-0000000000a4',
        name: 'Tray T5',
        of: 'tray',
        points: [
          [12, 7],
          [27, 7],
        ],
        heightM: 2.6,
        areaMm2: 3000,
      },
    ],
    places: [['Access point 5, upper deck corridor', 19, 7.7, 2.6]],
  },
];

const unitsOf = ([x, y]: readonly [number, number]): Point => ({
  x: (x + MARGIN_M) * UNIT,
  y: (y + MARGIN_M) * UNIT,
});
const sizeOf = ({ widthM, depthM }: Floor) => ({
  width: (widthM + 2 * MARGIN_M) * UNIT,
  height: (depthM + 2 * MARGIN_M) * UNIT,
});

/** The picture of a floor: walls and the names of rooms, as an architect hands it over. */
export function floorSvg(floor: Floor): string {
  const { width, height } = sizeOf(floor);
  const box = (at: Room['at'], wall: number): string => {
    const { x, y } = unitsOf([at[0], at[1]]);
    return `<rect x="${x}" y="${y}" width="${at[2] * UNIT}" height="${at[3] * UNIT}" fill="none" stroke="#333" stroke-width="${wall}"/>`;
  };
  const rooms = floor.rooms.map(({ name, at: [x, y, wide, deep] }) => {
    const corner = unitsOf([x + 0.4, y + 1.3]);
    return `${box([x, y, wide, deep], 4)}<text x="${corner.x}" y="${corner.y}" font-family="sans-serif" font-size="20" fill="#777">${name}</text>`;
  });
  const outer = box([0, 0, floor.widthM, floor.depthM], 8);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="#fff"/>${outer}${rooms.join('')}</svg>`;
}

/** What is drawn on a floor, its picture first. */
export function floorDeeds(floor: Floor, blob: string): DrawingFact['deed'][] {
  return [
    { kind: 'picture', name: floor.name, blob, ...sizeOf(floor), floorM: floor.floorM },
    {
      kind: 'scale',
      from: unitsOf([0, 0]),
      to: unitsOf([floor.widthM, 0]),
      metres: floor.widthM,
    },
    ...floor.ways.map(({ id: way, points, ...rest }) => ({
      kind: 'way' as const,
      way,
      points: points.map(unitsOf),
      ...rest,
    })),
    ...floor.places.map(([place, x, y, heightM]) => ({
      kind: 'place' as const,
      place,
      at: unitsOf([x, y]),
      heightM,
    })),
  ];
}
