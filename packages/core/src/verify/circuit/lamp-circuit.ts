import type { CircuitPart, Node } from './circuit-part';

/** What a tester connects at one moment, and which of its lamps can be seen. */
export interface CircuitStep {
  readonly name: string;
  readonly parts: readonly CircuitPart[];
  readonly lamps: readonly string[];
}

/** What a lamp tester is built of. */
export interface LampParts {
  readonly supplyV: number;
  /** In series with each lamp, ohm. */
  readonly seriesOhm: number;
  /** Across a lamp that is lit, volt. */
  readonly lampV: number;
}

/** A 9 V block, red lamps and 470 ohm. Generic: the drop of a lamp is on its data sheet. */
export const PLAIN_LAMPS: LampParts = { supplyV: 9, seriesOhm: 470, lampV: 1.9 };

/** A silicon diode's threshold, volt. Generic. */
export const DIODE_V = 0.6;
/** A battery's own resistance, ohm. Generic. */
const BATTERY_OHM = 2;
/** Of a lamp or a diode that conducts. */
export const SLOPE_OHM = 10;

export const PLUS: Node = 'tester:plus';
export const COMMON: Node = 'tester:common';

/** A lamp, or a plain diode, with what is in series with it. */
export const lamp = (
  name: string,
  anode: Node,
  cathode: Node,
  ohm: number,
  forwardV: number,
): CircuitPart => ({
  kind: 'diode',
  name,
  anode,
  cathode,
  ohm,
  forwardV,
});

/** What a tester is fed by, between PLUS and COMMON. */
export const battery = ({ supplyV }: Pick<LampParts, 'supplyV'>): CircuitPart => ({
  kind: 'supply',
  plus: PLUS,
  minus: COMMON,
  volts: supplyV,
  ohm: BATTERY_OHM,
});

/** Current at which a lamp is called lit, and dim, ampere. Generic for small light-emitting diodes. */
export const LIT_A = 0.001;
export const DIM_A = 0.0001;
