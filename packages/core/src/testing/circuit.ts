import type { CircuitPart } from '../verify/explain';

/**
 * The currents of the diodes of a circuit by another road than core's: modified nodal analysis with the
 * supplies' currents as unknowns, one place of every island at nothing, elimination with pivoting, and
 * all states of diodes tried from none on, each solved afresh, until one holds.
 */
export function diodeCurrents(parts: readonly CircuitPart[]): Map<string, number> {
  const diodes = parts.filter((part) => part.kind === 'diode');
  let on = new Set<string>();
  const seen = new Set<string>();
  for (let round = 0; round < 400; round += 1) {
    const volts = solveLinear(parts, on);
    const excess = new Map(
      diodes.map((d) => [d.name, (volts(d.anode) ?? 0) - (volts(d.cathode) ?? 0) - d.forwardV]),
    );
    // One that is on without a current holds: it only sets the level of a place that hangs free.
    const held = diodes
      .map(({ name }) => name)
      .filter((name) => (excess.get(name) ?? 0) > (on.has(name) ? -1e-7 : 1e-7));
    const wrong = diodes
      .map(({ name }) => name)
      .filter((name) => held.includes(name) !== on.has(name));
    if (wrong.length === 0)
      return new Map(
        diodes.map((d) => [d.name, on.has(d.name) ? (excess.get(d.name) ?? 0) / d.ohm : 0]),
      );
    const key = [...on].sort().join();
    // Once a state has come twice: one diode at a time.
    if (seen.has(key)) seen.add(ONE);
    const change = seen.has(ONE) ? wrong.slice(0, 1) : wrong;
    seen.add(key);
    on = new Set(
      diodes.map(({ name }) => name).filter((name) => change.includes(name) !== on.has(name)),
    );
  }
  throw new Error('No state of the diodes holds');
}

const ONE = 'one at a time';

function solveLinear(parts: readonly CircuitPart[], on: ReadonlySet<string>) {
  const links = parts.flatMap((part) =>
    part.kind === 'resistor'
      ? [{ a: part.a, b: part.b, ohm: part.ohm, volts: 0 }]
      : part.kind === 'supply'
        ? [{ a: part.plus, b: part.minus, ohm: part.ohm, volts: part.volts }]
        : on.has(part.name)
          ? [{ a: part.anode, b: part.cathode, ohm: part.ohm, volts: part.forwardV }]
          : [],
  );
  const nodes = [
    ...new Set(
      parts.flatMap((part) =>
        part.kind === 'resistor'
          ? [part.a, part.b]
          : part.kind === 'supply'
            ? [part.minus, part.plus]
            : [part.anode, part.cathode],
      ),
    ),
  ];
  const island = new Map(nodes.map((node) => [node, node]));
  const top = (node: string): string => {
    const up = island.get(node) ?? node;
    return up === node ? node : top(up);
  };
  for (const { a, b } of links) island.set(top(b), top(a));
  // Unknowns: volts of every node, then the current of every link.
  const size = nodes.length + links.length;
  const rows = Array.from({ length: size }, () => new Float64Array(size + 1));
  const at = new Map(nodes.map((node, index) => [node, index]));
  const add = (row: number, column: number, value: number) => {
    const line = rows[row];
    if (line) line[column] = (line[column] ?? 0) + value;
  };
  nodes.forEach((node, index) => {
    if (top(node) === node) add(index, index, 1);
    else
      links.forEach(({ a, b }, link) => {
        if (a === node) add(index, nodes.length + link, 1);
        if (b === node) add(index, nodes.length + link, -1);
      });
  });
  links.forEach(({ a, b, ohm, volts }, link) => {
    const row = nodes.length + link;
    add(row, at.get(a) ?? 0, 1);
    add(row, at.get(b) ?? 0, -1);
    add(row, row, -ohm);
    add(row, size, volts);
  });
  const result = eliminate(rows);
  return (node: string) => {
    const index = at.get(node);
    return index === undefined ? undefined : result[index];
  };
}

function eliminate(rows: Float64Array[]): number[] {
  const size = rows.length;
  for (let column = 0; column < size; column += 1) {
    let best = column;
    for (let row = column; row < size; row += 1)
      if (Math.abs(rows[row]?.[column] ?? 0) > Math.abs(rows[best]?.[column] ?? 0)) best = row;
    const [upper, lower] = [rows[column] as Float64Array, rows[best] as Float64Array];
    rows[column] = lower;
    rows[best] = upper;
    for (let row = 0; row < size; row += 1) {
      const line = rows[row] as Float64Array;
      const factor = (line[column] ?? 0) / (lower[column] as number);
      if (row === column || factor === 0) continue;
      for (let cell = column; cell <= size; cell += 1)
        line[cell] = (line[cell] as number) - factor * (lower[cell] as number);
    }
  }
  return rows.map((line, index) => (line[size] as number) / (line[index] as number));
}
