import type { Core } from './conductor';

/** What a cable may hold between its jacket and its conductors. */
export const CABLE_PARTS = [
  'foil',
  'braid',
  'pair-foil',
  'gel',
  'dry-block',
  'inner-jacket',
  'dielectric',
  'second-shield',
  'flat',
] as const;
export type CablePart = (typeof CABLE_PARTS)[number];

export const CABLE_FAMILIES = [
  'four-pair',
  'coax',
  'telephone',
  'cord',
  'multi-core',
  'ribbon',
  'usb',
  'alarm',
  'speaker',
] as const;
export type CableFamily = (typeof CABLE_FAMILIES)[number];

/** Where a jacket is made for. */
export const JACKETS = ['indoor', 'riser', 'plenum', 'outdoor', 'burial'] as const;
export type Jacket = (typeof JACKETS)[number];

export interface Cable {
  readonly id: string;
  readonly name: string;
  readonly family: CableFamily;
  /** What it is ordered by: its category or type. */
  readonly grade: string;
  readonly stranding: 'solid' | 'stranded';
  readonly shield: 'none' | 'foil' | 'braid';
  /** From the outside in. */
  readonly parts: readonly CablePart[];
  readonly cores: readonly Core[];
  readonly gaugeAwg: number;
  readonly conductorMm: number;
  /** Over the insulation of one core; of a coaxial cable, over the dielectric. */
  readonly insulationMm: number;
  /** Over the jacket; of a flat cable, its width. */
  readonly jacketMm: number;
  /** Centre distance of a ribbon's cores. */
  readonly pitchMm: number | null;
  /** Nominal; null where none is stated. */
  readonly impedanceOhm: number | null;
  readonly environment: Jacket;
  /** True while the sizes are starting values: the maker's data sheet decides. */
  readonly generic: boolean;
}

export type CableId = string;
