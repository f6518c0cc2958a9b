/** A place where parts meet, by name; equal names are one place. */
export type Node = string;

/** One part of a direct-current circuit. */
export type CircuitPart =
  | { readonly kind: 'resistor'; readonly a: Node; readonly b: Node; readonly ohm: number }
  | {
      readonly kind: 'supply';
      readonly plus: Node;
      readonly minus: Node;
      readonly volts: number;
      /** In series; greater than nothing. */
      readonly ohm: number;
    }
  | {
      /** Conducts one way, above a threshold: a lamp, or a plain diode. */
      readonly kind: 'diode';
      readonly name: string;
      readonly anode: Node;
      readonly cathode: Node;
      readonly forwardV: number;
      /** Its slope once it conducts, with what is in series with it. */
      readonly ohm: number;
    };
