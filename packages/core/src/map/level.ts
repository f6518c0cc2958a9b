/** What goes over a contact; only equal kinds can be joined without something between them. */
export type LevelKind =
  'single' | 'differential' | 'usb' | 'ethernet' | 'line' | 'video' | 'audio' | 'lamp';

/** Volts against ground; of a differential pair, of one wire against the other. */
export interface Thresholds {
  readonly outLowMinV: number;
  readonly outLowMaxV: number;
  readonly outHighMinV: number;
  readonly outHighMaxV: number;
  readonly inLowMaxV: number;
  readonly inHighMinV: number;
  /** What an input stands. */
  readonly inMinV: number;
  readonly inMaxV: number;
}

export interface Level {
  readonly id: string;
  readonly name: string;
  readonly kind: LevelKind;
  /** A one is the lower voltage. */
  readonly inverted: boolean;
  /** The supply that the high output falls with; null where it does not. */
  readonly supplyV: number | null;
  readonly thresholds: Thresholds | null;
  /** True where figures are usual values of the family, not a standard's: the data sheet decides. */
  readonly generic: boolean;
}

const volts = (
  out: readonly [number, number, number, number],
  into: readonly [number, number, number, number],
): Thresholds => ({
  outLowMinV: out[0],
  outLowMaxV: out[1],
  outHighMinV: out[2],
  outHighMaxV: out[3],
  inLowMaxV: into[0],
  inHighMinV: into[1],
  inMinV: into[2],
  inMaxV: into[3],
});

const single = (
  id: string,
  name: string,
  supplyV: number | null,
  thresholds: Thresholds,
  generic: boolean,
): Level => ({ id, name, kind: 'single', inverted: false, supplyV, thresholds, generic });

const carrier = (id: string, name: string, kind: LevelKind): Level => ({
  id,
  name,
  kind,
  inverted: false,
  supplyV: null,
  thresholds: null,
  generic: true,
});

const pair = (id: string, name: string, outV: number, standsV: number): Level => ({
  id,
  name,
  kind: 'differential',
  inverted: false,
  supplyV: null,
  thresholds: volts([-6, -outV, outV, 6], [-0.2, 0.2, -standsV, standsV]),
  generic: false,
});

/**
 * Level families. EIA-232: driver 5 to 15 V loaded, receiver 3 V, stands 25 V (TIA-232-F). EIA-422: 2 V
 * into its load, 0.2 V at the receiver, which stands 10 V across it (TIA-422-B). EIA-485: 1.5 V, 0.2 V, 12 V
 * (TIA-485-A). LVTTL: JESD8C.01; 2.5 V: JESD8-5A; 1.8 V: JESD8-7A. TTL: the thresholds of the 74 family;
 * CMOS at 5 V: 0.3 and 0.7 of the supply. What inputs stand beyond their supply is generic: 0.3 V. USB:
 * USB 2.0, 7.1.4 and 7.1.5, as one kind of its own.
 */
export const LEVELS: readonly Level[] = [
  {
    id: 'eia-232',
    name: 'EIA-232',
    kind: 'single',
    inverted: true,
    supplyV: null,
    thresholds: volts([-15, -5, 5, 15], [-3, 3, -25, 25]),
    generic: false,
  },
  single('ttl-5', 'TTL, 5 V', 5, volts([0, 0.4, 2.4, 5], [0.8, 2, -0.3, 5.3]), true),
  single('cmos-5', 'CMOS, 5 V', 5, volts([0, 0.4, 4.4, 5], [1.5, 3.5, -0.3, 5.3]), true),
  single('lvttl-3v3', 'LVTTL, 3.3 V', 3.3, volts([0, 0.4, 2.4, 3.3], [0.8, 2, -0.3, 3.6]), true),
  single('cmos-3v3', 'CMOS, 3.3 V', 3.3, volts([0, 0.2, 3.1, 3.3], [0.8, 2, -0.3, 3.6]), true),
  single('cmos-2v5', 'CMOS, 2.5 V', 2.5, volts([0, 0.4, 2, 2.5], [0.7, 1.7, -0.3, 2.8]), true),
  single(
    'cmos-1v8',
    'CMOS, 1.8 V',
    1.8,
    volts([0, 0.45, 1.35, 1.8], [0.63, 1.17, -0.3, 2.1]),
    true,
  ),
  pair('eia-422', 'EIA-422', 2, 10),
  pair('eia-485', 'EIA-485', 1.5, 12),
  carrier('usb-2', 'USB 2.0 data', 'usb'),
  carrier('ethernet', 'Ethernet', 'ethernet'),
  carrier('telephone', 'Analogue telephone line', 'line'),
  carrier('picture-75', 'Composite picture, 75 ohm', 'video'),
  carrier('audio', 'Audio line', 'audio'),
  carrier('lamp', 'Lamp (LED)', 'lamp'),
];

export const LEVEL_IDS = LEVELS.map((row) => row.id);

const BY_ID = new Map(LEVELS.map((row) => [row.id, row]));

/** A level family by its id; null for a contact whose levels nobody stated. */
export const level = (id: string | null): Level | null =>
  id === null ? null : (BY_ID.get(id) ?? null);

/** The five figures that a data sheet gives of a pin, volts. */
export interface SheetLevels {
  readonly vOl: number;
  readonly vOh: number;
  readonly vIl: number;
  readonly vIh: number;
  /** The most that the pin stands, and gives. */
  readonly max: number;
}

/** Levels from a data sheet's figures. What an input stands below ground is generic: 0.3 V. */
export const thresholdsOf = ({ vOl, vOh, vIl, vIh, max }: SheetLevels): Thresholds => ({
  outLowMinV: Math.min(0, vOl),
  outLowMaxV: vOl,
  outHighMinV: vOh,
  outHighMaxV: max,
  inLowMaxV: vIl,
  inHighMinV: vIh,
  inMinV: Math.min(-0.3, vOl),
  inMaxV: max,
});

export const sheetLevelsOf = (levels: Thresholds): SheetLevels => ({
  vOl: levels.outLowMaxV,
  vOh: levels.outHighMinV,
  vIl: levels.inLowMaxV,
  vIh: levels.inHighMinV,
  max: levels.inMaxV,
});
