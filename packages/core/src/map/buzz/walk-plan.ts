/** Cores of one end, counted from 1, that are tied together; a core alone is a group of one. */
export type Ties = readonly (readonly number[])[];

export interface WalkPlan {
  readonly cores: number;
  readonly nearTies: Ties;
  /**
   * For each size of a near tie, the sizes of far ties that its cores go to, once each: a core is known
   * by the pair of sizes. Empty where cores are told apart by a chain of pairs instead.
   */
  readonly farSizes: ReadonlyMap<number, readonly number[]>;
  /** How often somebody goes from one end to the other. */
  readonly walks: number;
  /** A further conductor, known at both ends, that is needed: the shield, a bonded pipe. */
  readonly needsReturn: boolean;
}

/**
 * Ties that tell n cores apart in two walks: to the far end, and back. Each core is tied in a group of a
 * cores at the near end and of b at the far end so that no two cores have the same (a, b). Such groups
 * exist for every n but 2, 5 and 9 (Knowlton and Graham's partition); 5 and 9 go by a chain of pairs,
 * where each far tie joins one pair to the next. Two need a third conductor as a return.
 *
 * @param cores 1 or more
 */
export function planWalk(cores: number): WalkPlan {
  if (cores <= 2)
    return {
      cores,
      nearTies: Array.from({ length: cores }, (_, index) => [index + 1]),
      farSizes: new Map(),
      walks: cores - 1,
      needsReturn: cores === 2,
    };
  const table = sizeTable(cores);
  return table ? byGroups(cores, table) : byChain(cores);
}

/** One core alone, the others in pairs. */
function byChain(cores: number): WalkPlan {
  const pairs = Array.from({ length: (cores - 1) / 2 }, (_, i) => [2 * i + 2, 2 * i + 3]);
  return { cores, nearTies: [[1], ...pairs], farSizes: new Map(), walks: 2, needsReturn: false };
}

function byGroups(cores: number, table: readonly (readonly boolean[])[]): WalkPlan {
  const nearTies: number[][] = [];
  const farSizes = new Map<number, number[]>();
  let number = 1;
  table.forEach((row, index) => {
    const size = index + 1;
    const sizes = row.flatMap((has, column) => (has ? [column + 1] : []));
    if (sizes.length === 0) return;
    farSizes.set(size, sizes);
    for (let done = 0; done < sizes.length; done += size)
      nearTies.push(Array.from({ length: size }, () => number++));
  });
  return { cores, nearTies, farSizes, walks: 2, needsReturn: false };
}

/**
 * A table of which pairs of sizes (near, far) exist: row a has a multiple of a entries, column b a
 * multiple of b, all together n. The pair (1, 1), a core that is never tied, only if nothing else is left.
 */
function sizeTable(cores: number): boolean[][] | null {
  for (let sizes = 1; sizes * sizes <= 4 * cores + 4; sizes += 1)
    for (const lonely of [false, true])
      for (const sums of sumsOf(cores, sizes, sizes)) {
        const table = fill(sums, lonely);
        if (table) return table;
      }
  return null;
}

/** Every choice of row sums: multiples of 1, 2, ... up to the table's width, n together. */
function* sumsOf(left: number, size: number, width: number): Generator<number[]> {
  if (size === 0) {
    if (left === 0) yield [];
    return;
  }
  for (let sum = Math.floor(width / size) * size; sum >= 0; sum -= size)
    if (sum <= left) for (const rest of sumsOf(left - sum, size - 1, width)) yield [...rest, sum];
}

/** A table with these sums for its rows and its columns: rows in turn to the columns with most left (Gale and Ryser). */
function fill(sums: readonly number[], lonely: boolean): boolean[][] | null {
  const size = sums.length;
  const left = [...sums];
  const table = sums.map(() => Array.from({ length: size }, () => false));
  const order = sums.map((_, row) => row).sort((a, b) => (sums[b] ?? 0) - (sums[a] ?? 0));
  for (const row of order) {
    const columns = sums
      .map((_, column) => column)
      .filter((column) => lonely || row + column > 0)
      .sort((a, b) => (left[b] ?? 0) - (left[a] ?? 0))
      .slice(0, sums[row]);
    if (columns.length < (sums[row] ?? 0)) return null;
    for (const column of columns) {
      if ((left[column] ?? 0) === 0) return null;
      left[column] = (left[column] ?? 0) - 1;
      const entries = table[row];
      if (entries) entries[column] = true;
    }
  }
  return table;
}
