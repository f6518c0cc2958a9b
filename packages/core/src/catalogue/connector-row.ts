import type { CableFamily } from './cable';
import type { OutlineId } from './outline-row';
import type { Contact } from './scheme';

export interface Range {
  readonly min: number;
  readonly max: number;
}

/**
 * What decides whether a cable goes in, in mm and AWG; generic until the sheet is at hand. What is null
 * is not asked for.
 */
export interface Accepts {
  readonly families: readonly CableFamily[];
  readonly jacketMm: Range | null;
  /** Over a core's insulation, or over the dielectric of a coaxial cable. */
  readonly insulationMm: Range | null;
  /** The bare conductor against a pin's bore. */
  readonly conductorMm: Range | null;
  readonly gaugeAwg: Range | null;
  readonly stranding: readonly ('solid' | 'stranded')[];
  readonly cores: Range | null;
  readonly pitchMm: number | null;
}

export const CUT_LAYERS = ['jacket', 'braid', 'dielectric', 'insulation', 'conductors'] as const;
export type CutLayer = (typeof CUT_LAYERS)[number];

/** Where one layer is cut, in mm; generic until the sheet is at hand. */
export interface CutSize {
  readonly layer: CutLayer;
  readonly fromEndMm: number;
  /** From the tips as they are when the end is finished. */
  readonly fromDatumMm: number;
  readonly toleranceMm: number;
}

/** A slot of a wiring side, as seen from the wiring side with the cable coming toward you. */
export interface Slot {
  readonly row: 'upper' | 'lower' | 'single';
  /** From the left, from 1. */
  readonly place: number;
  readonly contact: Contact;
}

export const CONNECTOR_FAMILIES = [
  'modular-plug',
  'pass-through-plug',
  'punch-down-jack',
  'tool-less-jack',
  'panel-port',
  'telephone-plug',
  'telephone-socket',
  'screw-terminals',
  'punch-block',
  'coax-crimp',
  'coax-compression',
  'coax-screw-on',
  'ribbon-press-on',
  'soldered',
  'sleeve-pigtail',
  'header-plug',
  'contact-plug',
  'splice',
  'gel-splice',
  'lamp-tester',
] as const;
export type ConnectorFamily = (typeof CONNECTOR_FAMILIES)[number];

/**
 * How cores find their contacts: by T568A or T568B, pair by pair, one after the other, or core to core
 * by colour in a joint.
 */
export const WIRING_RULES = ['four-pair', 'pairs', 'in-order', 'colour'] as const;
export type WiringRule = (typeof WIRING_RULES)[number];

export interface Connector {
  readonly id: string;
  readonly name: string;
  readonly family: ConnectorFamily;
  readonly gender: 'plug' | 'socket' | 'joint';
  readonly shielded: boolean;
  readonly accepts: Accepts;
  readonly cuts: readonly CutSize[];
  /** The longest untwist that is allowed at a slot. */
  readonly untwistMm: number | null;
  readonly wiring: WiringRule;
  /** In the order in which cores lie in it; empty for a joint, which has the cable's cores. */
  readonly contacts: readonly Contact[];
  readonly pairs: readonly (readonly [tip: Contact, ring: Contact])[];
  /** The contact that carries a bell wire, and the core for it, where a job rings that way. */
  readonly bell: {
    readonly contact: Contact;
    readonly pair: number;
    readonly member: 'tip' | 'ring';
  } | null;
  /** Whether it can be put on the wrong way round, so that the order runs backwards. */
  readonly turns: boolean;
  readonly outline: OutlineId | null;
  readonly slots: readonly Slot[];
  readonly impedanceOhm: number | null;
  /** Whether it keeps water out by itself. */
  readonly weatherproof: boolean;
  /** Across the flats of the hexagonal die that crimps its ferrule. */
  readonly dieMm: number | null;
  /** What decides further operations: "master", "joint-twist". */
  readonly traits: readonly string[];
  readonly generic: boolean;
}
