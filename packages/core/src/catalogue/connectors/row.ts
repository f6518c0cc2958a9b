import type { CableFamily } from '../cable';
import type { Accepts, Connector, CutSize, Range, Slot } from '../connector-row';
import type { Contact } from '../scheme';

// What the rows of connectors are written with.

export const BOTH = ['solid', 'stranded'] as const;
export const range = (min: number, max: number): Range => ({ min, max });
export const upTo = (count: number): Contact[] =>
  Array.from({ length: count }, (_, index) => String(index + 1));

export const accepts = (
  families: readonly CableFamily[],
  rest: Partial<Accepts> = {},
): Accepts => ({
  families,
  jacketMm: null,
  insulationMm: null,
  conductorMm: null,
  gaugeAwg: null,
  stranding: BOTH,
  cores: null,
  pitchMm: null,
  ...rest,
});

/** Stripped by so much from the end, and trimmed so that so much stands out of the jacket. */
export const plugCuts = (stripMm: number, exposedMm: number, trimmed: boolean): CutSize[] => [
  { layer: 'jacket', fromEndMm: stripMm, fromDatumMm: exposedMm, toleranceMm: 5 },
  ...(trimmed
    ? [
        {
          layer: 'conductors',
          fromEndMm: stripMm - exposedMm,
          fromDatumMm: 0,
          toleranceMm: 1,
        } as const,
      ]
    : []),
];

/** The jacket, and so much insulation off each core. */
export const coreCuts = (jacketMm: number, bareMm: number): CutSize[] => [
  { layer: 'jacket', fromEndMm: jacketMm, fromDatumMm: jacketMm, toleranceMm: 3 },
  { layer: 'insulation', fromEndMm: bareMm, fromDatumMm: bareMm, toleranceMm: 1 },
];

/** Jacket, braid and dielectric of a coaxial end, each from the centre conductor's tip. */
export const coaxCuts = (jacketMm: number, braidMm: number, dielectricMm: number): CutSize[] =>
  (
    [
      ['jacket', jacketMm],
      ['braid', braidMm],
      ['dielectric', dielectricMm],
    ] as const
  ).map(([layer, mm]) => ({ layer, fromEndMm: mm, fromDatumMm: mm, toleranceMm: 0.5 }));

type Row = Pick<Connector, 'id' | 'name' | 'family' | 'gender' | 'accepts' | 'cuts'> &
  Partial<Connector>;

export const part = (row: Row): Connector => ({
  shielded: false,
  untwistMm: null,
  wiring: 'in-order',
  contacts: [],
  pairs: [],
  bell: null,
  turns: false,
  outline: null,
  slots: [],
  impedanceOhm: null,
  weatherproof: false,
  dieMm: null,
  traits: [],
  generic: true,
  ...row,
});

export type Span = readonly [min: number, max: number];

/** Slots of one row, by their contacts from the left. */
export const inRow = (row: Slot['row'], contacts: string): Slot[] =>
  [...contacts].map((contact, index) => ({ row, place: index + 1, contact }));
