import { linearSumAssignment } from 'linear-sum-assignment';

export interface Assignment {
  /** The column of each row; null where it stays alone. */
  readonly columns: readonly (number | null)[];
  readonly cost: number;
  /** Rows and columns that could be joined otherwise at the same cost, apart from one another. */
  readonly ties: readonly Tie[];
}

export interface Tie {
  readonly rows: readonly number[];
  readonly columns: readonly number[];
  /** Row, column: the joins that some cheapest assignment has. */
  readonly joins: readonly (readonly [row: number, column: number])[];
  /** Rows and columns that some cheapest assignment leaves alone. */
  readonly loneRows: ReadonlySet<number>;
  readonly loneColumns: ReadonlySet<number>;
}

/**
 * The cheapest assignment of rows to columns, and every tie in it. What costs `apart` counts as not
 * joined. A tie is found from the dual prices: joins of reduced cost zero that lie on a cycle with chosen
 * ones are in some other cheapest assignment (complementary slackness).
 *
 * @param costs rows by columns; whole numbers, none above `apart`
 */
export function assign(costs: readonly (readonly number[])[], apart: number): Assignment {
  const rows = costs.length;
  const columns = costs[0]?.length ?? 0;
  if (rows === 0 || columns === 0) return { columns: costs.map(() => null), cost: 0, ties: [] };
  const size = Math.max(rows, columns);
  const square = Array.from({ length: size }, (_, i) =>
    Array.from({ length: size }, (_, j) => costs[i]?.[j] ?? apart),
  );
  // The library finds the column of each row; its names are from the columns' point of view.
  const solved = linearSumAssignment(square, { maximaze: false });
  const chosen = Array.from(solved.rowAssignments);
  const cost = (i: number, j: number) => square[i]?.[j] ?? apart;
  const least = Math.min(...square.flat());
  const [u, v] = [solved.dualVariableForRows, solved.dualVariableForColumns];
  const tight = (i: number, j: number) =>
    Math.abs(cost(i, j) - least - (u[i] ?? 0) - (v[j] ?? 0)) < 1e-6;
  return {
    columns: chosen.slice(0, rows).map((j, i) => (cost(i, j) < apart ? j : null)),
    cost: chosen.reduce((sum, j, i) => sum + cost(i, j), 0),
    ties: ties(size, chosen, tight, (i, j) => cost(i, j) < apart),
  };
}

type Edge = (row: number, column: number) => boolean;

function ties(size: number, chosen: readonly number[], tight: Edge, joins: Edge): Tie[] {
  const owner: number[] = [];
  chosen.forEach((column, row) => (owner[column] = row));
  const next = (row: number) =>
    Array.from({ length: size }, (_, j) => j).flatMap((j) =>
      j !== chosen[row] && tight(row, j) ? [owner[j] ?? row] : [],
    );
  const group = strongGroups(size, next);
  // Within a group of rows: which tight joins are real, and so which choices there are.
  const options = Array.from({ length: size }, (_, row) => {
    const within = Array.from({ length: size }, (_, j) => j).filter(
      (j) => tight(row, j) && group[owner[j] ?? -1] === group[row],
    );
    return { real: within.filter((j) => joins(row, j)), alone: within.some((j) => !joins(row, j)) };
  });
  const open = options.map(
    ({ real, alone }) => real.length + (alone ? 1 : 0) > 1 && real.length > 0,
  );
  return componentsOf(options.map(({ real }, row) => (open[row] ? real : []))).map((members) => {
    const columns = [...new Set(members.flatMap((row) => options[row]?.real ?? []))];
    return {
      rows: members,
      columns: columns.sort((a, b) => a - b),
      joins: members.flatMap((row) => (options[row]?.real ?? []).map((j) => [row, j] as const)),
      loneRows: new Set(members.filter((row) => options[row]?.alone)),
      loneColumns: new Set(
        columns.filter((j) => {
          const rows = Array.from({ length: size }, (_, i) => i);
          return rows.some(
            (i) => tight(i, j) && !joins(i, j) && group[i] === group[owner[j] ?? -1],
          );
        }),
      ),
    };
  });
}

/** The strongly connected group of each node (Tarjan). */
function strongGroups(size: number, next: (node: number) => readonly number[]): number[] {
  const index = new Map<number, number>();
  const low: number[] = [];
  const group: number[] = Array.from({ length: size }, () => -1);
  const stack: number[] = [];
  let groups = 0;
  const visit = (node: number): void => {
    index.set(node, index.size);
    low[node] = index.size - 1;
    stack.push(node);
    for (const other of next(node)) {
      if (!index.has(other)) visit(other);
      if (group[other] === -1) low[node] = Math.min(low[node] ?? 0, low[other] ?? 0);
    }
    if (low[node] !== index.get(node)) return;
    for (let member = -1; member !== node;) {
      member = stack.pop() ?? node;
      group[member] = groups;
    }
    groups += 1;
  };
  for (let node = 0; node < size; node += 1) if (!index.has(node)) visit(node);
  return group;
}

/** Rows that share a column, directly or through others; rows without columns are left out. */
function componentsOf(columns: readonly (readonly number[])[]): number[][] {
  const found: { rows: number[]; columns: Set<number> }[] = [];
  columns.forEach((own, row) => {
    if (own.length === 0) return;
    const touching = found.filter((part) => own.some((j) => part.columns.has(j)));
    const merged = {
      rows: [...touching.flatMap((part) => part.rows), row],
      columns: new Set([...touching.flatMap((part) => [...part.columns]), ...own]),
    };
    for (const part of touching) found.splice(found.indexOf(part), 1);
    found.push(merged);
  });
  return found.map((part) => part.rows.sort((a, b) => a - b));
}
