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
  /** Whether the conductors are cut to length before they go in. */
  readonly trimmedFirst: boolean;
}

/** A slot of a jack's wiring side, as seen from the wiring side with the cable coming toward you. */
export interface Slot {
  readonly row: 'upper' | 'lower' | 'single';
  /** From the left, from 1. */
  readonly place: number;
  readonly contact: string;
}

export type ConnectorFamily =
  'modular-plug' | 'pass-through-plug' | 'punch-down-jack' | 'tool-less-jack' | 'panel-port';

export interface Connector {
  readonly id: string;
  readonly name: string;
  readonly family: ConnectorFamily;
  readonly gender: 'plug' | 'socket';
  readonly shielded: boolean;
  readonly accepts: Accepts;
  readonly cuts: CutSizes;
  readonly slots: readonly Slot[];
  readonly generic: true;
}

/**
 * Generic slot orders, pairs kept side by side. They are not pin order and they differ from jack to
 * jack: the card on the jack decides.
 */
const inRow = (row: Slot['row'], contacts: string): Slot[] =>
  [...contacts].map((contact, index) => ({ row, place: index + 1, contact }));
const JACK_SLOTS = [...inRow('upper', '5412'), ...inRow('lower', '7836')];
const PANEL_SLOTS = inRow('single', '45123678');

const PLUG_CUTS: CutSizes = {
  stripMm: 30,
  stripToleranceMm: 5,
  exposedMm: 13,
  exposedToleranceMm: 1,
  trimmedFirst: true,
};

/** Stripped long, so that the conductors come out of the nose and can be read there. */
const PASS_THROUGH_CUTS: CutSizes = {
  stripMm: 40,
  stripToleranceMm: 5,
  exposedMm: 13,
  exposedToleranceMm: 1,
  trimmedFirst: false,
};

/** Untwist of 13 mm at most: ANSI/TIA-568.0-D, termination of category 5e and higher. */
const JACK_CUTS: CutSizes = {
  stripMm: 45,
  stripToleranceMm: 5,
  exposedMm: 13,
  exposedToleranceMm: 0,
  trimmedFirst: false,
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
  {
    id: 'plug-8p8c-outdoor',
    name: '8P8C plug, outdoor, shielded',
    family: 'modular-plug',
    gender: 'plug',
    shielded: true,
    accepts: {
      jacketMm: { min: 7, max: 9.5 },
      insulationMm: { min: 1, max: 1.4 },
      gaugeAwg: { min: 22, max: 24 },
      stranding: ['solid'],
    },
    cuts: { ...PLUG_CUTS, stripMm: 40 },
    slots: [],
    generic: true,
  },
  {
    id: 'plug-8p8c-pass-through',
    name: '8P8C plug, pass-through',
    family: 'pass-through-plug',
    gender: 'plug',
    shielded: false,
    accepts: {
      jacketMm: { min: 4.8, max: 6.6 },
      insulationMm: { min: 0.85, max: 1.1 },
      gaugeAwg: { min: 23, max: 26 },
      stranding: BOTH,
    },
    cuts: PASS_THROUGH_CUTS,
    slots: [],
    generic: true,
  },
  {
    id: 'plug-8p8c-pass-through-shielded',
    name: '8P8C plug, pass-through, shielded',
    family: 'pass-through-plug',
    gender: 'plug',
    shielded: true,
    accepts: {
      jacketMm: { min: 5.5, max: 8 },
      insulationMm: { min: 0.95, max: 1.25 },
      gaugeAwg: { min: 23, max: 26 },
      stranding: BOTH,
    },
    cuts: PASS_THROUGH_CUTS,
    slots: [],
    generic: true,
  },
  {
    id: 'keystone-tool-less',
    name: 'Keystone jack, tool-less',
    family: 'tool-less-jack',
    gender: 'socket',
    shielded: false,
    accepts: {
      jacketMm: { min: 5, max: 8 },
      insulationMm: { min: 0.85, max: 1.3 },
      gaugeAwg: { min: 22, max: 26 },
      stranding: BOTH,
    },
    cuts: JACK_CUTS,
    slots: JACK_SLOTS,
    generic: true,
  },
  {
    id: 'keystone-tool-less-shielded',
    name: 'Keystone jack, tool-less, shielded',
    family: 'tool-less-jack',
    gender: 'socket',
    shielded: true,
    accepts: {
      jacketMm: { min: 5.5, max: 9 },
      insulationMm: { min: 0.85, max: 1.6 },
      gaugeAwg: { min: 22, max: 26 },
      stranding: BOTH,
    },
    cuts: JACK_CUTS,
    slots: JACK_SLOTS,
    generic: true,
  },
  {
    id: 'panel-port',
    name: 'Patch panel port, punch-down',
    family: 'panel-port',
    gender: 'socket',
    shielded: false,
    accepts: {
      jacketMm: { min: 4.5, max: 8 },
      insulationMm: { min: 0.7, max: 1.25 },
      gaugeAwg: { min: 22, max: 24 },
      stranding: ['solid'],
    },
    cuts: JACK_CUTS,
    slots: PANEL_SLOTS,
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
