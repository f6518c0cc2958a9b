import type { Fact, Operation } from './operation';

/** Cost of one change of tool, in layers of depth worked out of turn. */
const TOOL_CHANGE = 0.5;

interface State {
  readonly done: number;
  readonly tool: string;
  readonly cost: number;
  readonly path: readonly number[];
}

/**
 * An order in which every operation can be done: each after the facts that it needs and before those
 * that block it, outer layers first, with the fewest changes of tool. The cheapest order is found by
 * uniform-cost search over the sets of operations done.
 *
 * @returns null when no order exists.
 */
export function solveOrder(operations: readonly Operation[]): Operation[] | null {
  if (operations.length > 30) throw new Error('Too many operations for one end');
  const everything = (1 << operations.length) - 1;
  const open: State[] = [{ done: 0, tool: '', cost: 0, path: [] }];
  const closed = new Map<string, number>();
  while (open.length > 0) {
    open.sort((a, b) => b.cost - a.cost);
    const state = open.pop() as State;
    if (state.done === everything) return state.path.map((index) => operations[index] as Operation);
    const key = `${state.done}/${state.tool}`;
    if ((closed.get(key) ?? Infinity) <= state.cost) continue;
    closed.set(key, state.cost);
    const facts = factsOf(state.path.map((index) => operations[index] as Operation));
    operations.forEach((operation, index) => {
      if (state.done & (1 << index) || !isPossible(operation, facts)) return;
      const skipped = operations.filter(
        (other, place) => !(state.done & (1 << place)) && other.depth < operation.depth,
      ).length;
      const tool = operation.tools[0] ?? state.tool;
      const change = tool !== state.tool ? TOOL_CHANGE : 0;
      open.push({
        done: state.done | (1 << index),
        tool,
        cost: state.cost + skipped + change,
        path: [...state.path, index],
      });
    });
  }
  return null;
}

export function factsOf(done: readonly Operation[]): ReadonlySet<Fact> {
  return new Set(done.flatMap((operation) => operation.makes));
}

export function isPossible(operation: Operation, facts: ReadonlySet<Fact>): boolean {
  return (
    operation.needs.every((fact) => facts.has(fact)) &&
    !operation.blockedBy.some((fact) => facts.has(fact))
  );
}
