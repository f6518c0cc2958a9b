/**
 * What a cable takes from a wave, told by its distributed elements so that it is causal: the series
 * impedance of a piece is L′ s and that of its conductors, which is a round wire’s: resistance and skin effect
 * do not add. Its admittance is C′ s (s / 2π 100 MHz)^(−2δ/π). See attenuationOf for what a wave loses.
 */
export interface Loss {
  /** R′ / L′ at direct current, 1/s. */
  readonly resistance: number;
  /** Skin effect, 1/√s. */
  readonly skin: number;
  /** Loss angle of the dielectric. */
  readonly dielectric: number;
}

export const LOSSLESS: Loss = { resistance: 0, skin: 0, dielectric: 0 };

/** A piece of cable. */
export interface Section {
  /** The square root of L′ / C′: its impedance at high frequency. */
  readonly impedanceOhm: number;
  /** One way. */
  readonly delayS: number;
  readonly loss: Loss;
}

/** What lies between two pieces, or at the end of one: nothing, or something in the way or across. */
export type Joint =
  | { readonly kind: 'plain' }
  | { readonly kind: 'series'; readonly ohm: number }
  | { readonly kind: 'shunt'; readonly ohm: number }
  /** A branch of the same line, open at its end. */
  | { readonly kind: 'tap'; readonly stub: Section };

/** What the last piece ends in; `matched`: goes on for ever. */
export type Termination =
  | { readonly kind: 'open' }
  | { readonly kind: 'short' }
  | { readonly kind: 'matched' }
  | { readonly kind: 'resistor'; readonly ohm: number };

/** A line as seen from its near end: pieces, and before each of them but the first, a joint. */
export interface Line {
  readonly sections: readonly Section[];
  /** One fewer than there are pieces. */
  readonly joints: readonly Joint[];
  readonly termination: Termination;
}
