import { lineAt, type FieldCable } from './cable';
import { add, div, exp, mul, by, real, sub, type C } from './complex';

/** What is on the way, from the near end on. */
export type FieldPart =
  | { readonly kind: 'cable'; readonly lengthM: number; readonly ohm?: number }
  | { readonly kind: 'series' | 'shunt'; readonly ohm: number }
  | { readonly kind: 'tap'; readonly lengthM: number };

export interface FieldLine {
  readonly cable: FieldCable;
  readonly parts: readonly FieldPart[];
  /** Infinity for an open end, null for one that is matched whatever the frequency. */
  readonly endOhm: number | null;
}

/** Chain parameters, volts and amperes of the near side by those of the far side. */
type Chain = readonly [a: C, b: C, c: C, d: C];

const [ONE, NOTHING] = [real(1), real(0)];

function chainOf(part: FieldPart, cable: FieldCable, hz: number): Chain {
  switch (part.kind) {
    case 'series':
      return [ONE, real(part.ohm), NOTHING, ONE];
    case 'shunt':
      return [ONE, NOTHING, real(1 / part.ohm), ONE];
    case 'tap': {
      // An open branch: tanh of its wave over its impedance.
      const { wave, impedance } = lineAt(cable, hz);
      const back = exp(by(wave, -2 * part.lengthM));
      return [ONE, NOTHING, div(div(sub(ONE, back), add(ONE, back)), impedance), ONE];
    }
    case 'cable': {
      const { wave, impedance } = lineAt(cable, hz, part.ohm);
      const [up, down] = [exp(by(wave, part.lengthM)), exp(by(wave, -part.lengthM))];
      const cosh = by(add(up, down), 0.5);
      const sinh = by(sub(up, down), 0.5);
      return [cosh, mul(impedance, sinh), div(sinh, impedance), cosh];
    }
  }
}

/** The impedance that is seen into a line: its chain multiplied out, from the far end on. */
export function seenAt({ cable, parts, endOhm }: FieldLine, hz: number): C {
  const end = endOhm === null ? lineAt(cable, hz).impedance : real(endOhm);
  let [volts, amperes]: [C, C] = endOhm === Infinity ? [ONE, NOTHING] : [end, ONE];
  for (const part of [...parts].reverse()) {
    const [a, b, c, d] = chainOf(part, cable, hz);
    [volts, amperes] = [add(mul(a, volts), mul(b, amperes)), add(mul(c, volts), mul(d, amperes))];
    const size = 1 / Math.max(1e-300, Math.hypot(...volts) + Math.hypot(...amperes));
    [volts, amperes] = [by(volts, size), by(amperes, size)];
  }
  return div(volts, amperes);
}
