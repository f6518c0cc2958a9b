export interface Range {
  readonly min: number;
  readonly max: number;
}

/** Sizes that decide whether a cable goes in, in mm and AWG; generic until the sheet is at hand. */
export interface Accepts {
  readonly jacketMm: Range;
  readonly insulationMm: Range;
  readonly gaugeAwg: Range;
  readonly stranding: readonly ('solid' | 'stranded')[];
}

/** Where the cuts go, in mm from the finished conductor tips; generic until the sheet is at hand. */
export interface CutSizes {
  readonly stripMm: number;
  readonly stripToleranceMm: number;
  /** Jacket edge to finished tips. For a punched jack, the longest untwist that is allowed. */
  readonly exposedMm: number;
  readonly exposedToleranceMm: number;
}

/** A slot of a jack's wiring side, as seen from the wiring side with the cable coming toward you. */
export interface Slot {
  readonly row: 'upper' | 'lower';
  readonly place: 1 | 2 | 3 | 4;
  readonly contact: string;
}

export interface Connector {
  readonly id: string;
  readonly name: string;
  readonly family: 'modular-plug' | 'punch-down-jack';
  readonly gender: 'plug' | 'socket';
  readonly shielded: boolean;
  readonly accepts: Accepts;
  readonly cuts: CutSizes;
  readonly slots: readonly Slot[];
  readonly generic: true;
}

/**
 * A generic slot order, pairs kept side by side. It is not pin order and it differs from jack to
 * jack: the card on the jack decides.
 */
const JACK_SLOTS: readonly Slot[] = [
  { row: 'upper', place: 1, contact: '5' },
  { row: 'upper', place: 2, contact: '4' },
  { row: 'upper', place: 3, contact: '1' },
  { row: 'upper', place: 4, contact: '2' },
  { row: 'lower', place: 1, contact: '7' },
  { row: 'lower', place: 2, contact: '8' },
  { row: 'lower', place: 3, contact: '3' },
  { row: 'lower', place: 4, contact: '6' },
];

const PLUG_CUTS: CutSizes = {
  stripMm: 30,
  stripToleranceMm: 5,
  exposedMm: 13,
  exposedToleranceMm: 1,
};

/** Untwist of 13 mm at most: ANSI/TIA-568.0-D, termination of category 5e and higher. */
const JACK_CUTS: CutSizes = {
  stripMm: 45,
  stripToleranceMm: 5,
  exposedMm: 13,
  exposedToleranceMm: 0,
};

const BOTH = ['solid', 'stranded'] as const;

export const CONNECTORS: readonly Connector[] = [
  {
    id: 'plug-8p8c',
    name: '8P8C plug',
    family: 'modular-plug',
    gender: 'plug',
    shielded: false,
    accepts: {
      jacketMm: { min: 4.8, max: 6.5 },
      insulationMm: { min: 0.8, max: 1.05 },
      gaugeAwg: { min: 23, max: 26 },
      stranding: BOTH,
    },
    cuts: PLUG_CUTS,
    slots: [],
    generic: true,
  },
  {
    id: 'plug-8p8c-large',
    name: '8P8C plug, large entry',
    family: 'modular-plug',
    gender: 'plug',
    shielded: false,
    accepts: {
      jacketMm: { min: 5.8, max: 8 },
      insulationMm: { min: 0.95, max: 1.3 },
      gaugeAwg: { min: 22, max: 24 },
      stranding: BOTH,
    },
    cuts: PLUG_CUTS,
    slots: [],
    generic: true,
  },
  {
    id: 'plug-8p8c-shielded',
    name: '8P8C plug, shielded',
    family: 'modular-plug',
    gender: 'plug',
    shielded: true,
    accepts: {
      jacketMm: { min: 5.5, max: 8 },
      insulationMm: { min: 0.9, max: 1.3 },
      gaugeAwg: { min: 22, max: 26 },
      stranding: BOTH,
    },
    cuts: PLUG_CUTS,
    slots: [],
    generic: true,
  },
  {
    id: 'keystone-punch-down',
    name: 'Keystone jack, punch-down',
    family: 'punch-down-jack',
    gender: 'socket',
    shielded: false,
    accepts: {
      jacketMm: { min: 4.5, max: 8 },
      insulationMm: { min: 0.7, max: 1.25 },
      gaugeAwg: { min: 22, max: 24 },
      stranding: ['solid'],
    },
    cuts: JACK_CUTS,
    slots: JACK_SLOTS,
    generic: true,
  },
  {
    id: 'keystone-punch-down-shielded',
    name: 'Keystone jack, punch-down, shielded',
    family: 'punch-down-jack',
    gender: 'socket',
    shielded: true,
    accepts: {
      jacketMm: { min: 5.5, max: 8.5 },
      insulationMm: { min: 0.7, max: 1.45 },
      gaugeAwg: { min: 22, max: 24 },
      stranding: ['solid'],
    },
    cuts: JACK_CUTS,
    slots: JACK_SLOTS,
    generic: true,
  },
];

export type ConnectorId = string;

const BY_ID = new Map(CONNECTORS.map((row) => [row.id, row]));

export function findConnector(id: ConnectorId): Connector | undefined {
  return BY_ID.get(id);
}

export function connector(id: ConnectorId): Connector {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No connector ${id}`);
  return found;
}
