import { Matrix, solve } from 'ml-matrix';
import type { CircuitPart, Node } from './circuit-part';
import { mergeSeries } from './merge-series';

type Diode = Extract<CircuitPart, { kind: 'diode' }>;

export interface Solved {
  /** Volts above the first node of the circuit; of a part that floats, above where it leaks to. */
  readonly voltsAt: (node: Node) => number;
  /** Through a diode, ampere, never below nothing. */
  readonly currentA: ReadonlyMap<string, number>;
}

/** What everything leaks to everything at, siemens: keeps parts that hang free in the sum. */
const LEAK_S = 1e-10;
/** Less than this is a wire: with less, the leaks would be lost in the sum, ohm. */
const LEAST_OHM = 1e-4;
/** Rounds in which all diodes that contradict themselves change at once, which is mostly quicker. */
const TOGETHER = 8;
const FLIPS = 500;

/**
 * The currents of a circuit of resistors, supplies and diodes, by nodal analysis. A diode is either
 * off or a threshold with a slope; which are on is found by changing those that contradict themselves,
 * in the end one at a time (Murty's rule for the linear complementarity problem, which ends because the
 * conductances are positive definite).
 *
 * @throws when the circuit has no state, which does not come about with resistances greater than nothing.
 */
export function solveCircuit(circuit: readonly CircuitPart[]): Solved {
  const { parts, voltsAt } = mergeSeries(circuit);
  const places = placesOf(parts);
  const count = places.size - 1;
  const at = (node: Node) => (places.get(node) as number) - 1;
  const diodes = parts.filter((part): part is Diode => part.kind === 'diode');
  const on = new Array<boolean>(diodes.length).fill(false);
  const fixed = Matrix.zeros(count, count);
  const feed = new Float64Array(count);
  const join = (matrix: Matrix, a: number, b: number, siemens: number) => {
    if (a >= 0) matrix.set(a, a, matrix.get(a, a) + siemens);
    if (b >= 0) matrix.set(b, b, matrix.get(b, b) + siemens);
    if (a >= 0 && b >= 0) {
      matrix.set(a, b, matrix.get(a, b) - siemens);
      matrix.set(b, a, matrix.get(b, a) - siemens);
    }
  };
  const push = (into: Float64Array, from: number, to: number, ampere: number) => {
    if (from >= 0) into[from] = (into[from] ?? 0) - ampere;
    if (to >= 0) into[to] = (into[to] ?? 0) + ampere;
  };
  for (let node = 0; node < count; node += 1) join(fixed, node, -1, LEAK_S);
  for (const part of parts) {
    if (part.kind === 'resistor') join(fixed, at(part.a), at(part.b), siemens(part.ohm));
    if (part.kind === 'supply') {
      join(fixed, at(part.plus), at(part.minus), siemens(part.ohm));
      push(feed, at(part.minus), at(part.plus), part.volts * siemens(part.ohm));
    }
  }
  for (let flip = 0; flip < FLIPS; flip += 1) {
    const matrix = fixed.clone();
    const ampere = Float64Array.from(feed);
    diodes.forEach(({ anode, cathode, forwardV, ohm }, index) => {
      if (!on[index]) return;
      join(matrix, at(anode), at(cathode), siemens(ohm));
      push(ampere, at(cathode), at(anode), forwardV * siemens(ohm));
    });
    const volts = count === 0 ? [] : solve(matrix, Matrix.columnVector(ampere)).getColumn(0);
    const level = (node: Node) => (places.has(node) ? (volts[at(node)] ?? 0) : 0);
    const over = diodes.map(
      ({ anode, cathode, forwardV }) => level(anode) - level(cathode) - forwardV,
    );
    const wrong = over.flatMap((excess, index) =>
      (on[index] ? excess < -1e-9 : excess > 1e-9) ? [index] : [],
    );
    if (wrong.length > 0) {
      for (const index of flip < TOGETHER ? wrong : wrong.slice(0, 1)) on[index] = !on[index];
      continue;
    }
    return {
      voltsAt: (node) => voltsAt(node, level),
      currentA: new Map(
        diodes.map(({ name, ohm }, index) => [
          name,
          on[index] ? (over[index] as number) * siemens(ohm) : 0,
        ]),
      ),
    };
  }
  throw new Error('A circuit has no state');
}

const siemens = (ohm: number): number => 1 / Math.max(ohm, LEAST_OHM);

function placesOf(parts: readonly CircuitPart[]): ReadonlyMap<Node, number> {
  const places = new Map<Node, number>();
  const see = (node: Node) => {
    if (!places.has(node)) places.set(node, places.size);
  };
  for (const part of parts) {
    if (part.kind === 'supply') [part.minus, part.plus].forEach(see);
    else if (part.kind === 'resistor') [part.a, part.b].forEach(see);
    else [part.anode, part.cathode].forEach(see);
  }
  return places;
}
