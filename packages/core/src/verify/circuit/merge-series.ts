import type { CircuitPart, Node } from './circuit-part';

type Resistor = Extract<CircuitPart, { kind: 'resistor' }>;

export interface Merged {
  readonly parts: readonly CircuitPart[];
  /** Volts at a place that was merged away, from those that are left. */
  readonly voltsAt: (node: Node, of: (node: Node) => number) => number;
}

/** A merged place: between two others with these ohms to each, or hanging from one alone. */
interface Between {
  readonly a: Node;
  readonly aOhm: number;
  readonly b: Node;
  readonly bOhm: number;
}

/**
 * The same circuit with fewer places: resistors that hang from one place carry nothing, and two in a row
 * that meet nothing else between them are one. A sum over n places takes n cubed steps, and of a link and
 * its tester half the places are such.
 */
export function mergeSeries(parts: readonly CircuitPart[]): Merged {
  const resistors = new Set<Resistor>();
  const others: CircuitPart[] = [];
  const held = new Set<Node>();
  const at = new Map<Node, Set<Resistor>>();
  const add = (part: Resistor) => {
    resistors.add(part);
    for (const node of [part.a, part.b]) at.set(node, (at.get(node) ?? new Set()).add(part));
  };
  const remove = (part: Resistor) => {
    resistors.delete(part);
    for (const node of [part.a, part.b]) at.get(node)?.delete(part);
  };
  for (const part of parts)
    if (part.kind === 'resistor') {
      if (part.a !== part.b) add(part);
    } else {
      others.push(part);
      for (const node of part.kind === 'supply'
        ? [part.plus, part.minus]
        : [part.anode, part.cathode])
        held.add(node);
    }
  const merged = new Map<Node, Between>();
  const left = [...at.keys()].filter((node) => !held.has(node));
  for (let node = left.pop(); node !== undefined; node = left.pop()) {
    const [one, other, more] = at.get(node) ?? [];
    if (!one || more || merged.has(node)) continue;
    const far = ({ a, b }: Resistor) => (a === node ? b : a);
    const ends = [far(one), other ? far(other) : far(one)] as const;
    merged.set(node, { a: ends[0], aOhm: one.ohm, b: ends[1], bOhm: other?.ohm ?? one.ohm });
    remove(one);
    if (other) {
      remove(other);
      if (ends[0] !== ends[1])
        add({ kind: 'resistor', a: ends[0], b: ends[1], ohm: one.ohm + other.ohm });
    }
    left.push(...ends.filter((end) => !held.has(end)));
  }
  const voltsAt = (node: Node, of: (node: Node) => number): number => {
    const between = merged.get(node);
    if (!between) return of(node);
    const [a, b] = [voltsAt(between.a, of), voltsAt(between.b, of)];
    return a + ((b - a) * between.aOhm) / (between.aOhm + between.bOhm);
  };
  return { parts: [...others, ...resistors], voltsAt };
}
