import type { Catalogue } from '../catalogue';
import type { Operation } from './operation';
import { operationsFor, planTermination, type Step } from './plan-termination';
import type { TerminationTask } from './task';

/** One of many ends that are made together at one bench. */
export interface BatchEnd {
  readonly id: string;
  readonly task: TerminationTask;
}

/** What is done at every end while one tool is in the hand. */
export interface Session {
  /** Empty where no tool is needed. */
  readonly tool: string;
  readonly work: readonly { readonly endId: string; readonly steps: readonly Step[] }[];
}

export interface BatchPlan {
  readonly sessions: readonly Session[];
  readonly toolChanges: number;
  /** Changes of tool if each end were finished before the next. */
  readonly changesOneByOne: number;
  /** Ends that can't be made, which are in no session. */
  readonly refused: readonly string[];
  /** Whether no order has fewer changes; false only where the search was cut short. */
  readonly proven: boolean;
}

/** Ends that take the same operations: each is only worked out once. */
interface Kind {
  readonly endIds: readonly string[];
  readonly steps: readonly Step[];
  /** For each step, the places of those that come before it. */
  readonly before: readonly (readonly number[])[];
  readonly tools: readonly string[];
}

/** What is done, a bit a step, for every kind. */
type Done = readonly number[];

interface Reached {
  readonly done: Done;
  readonly tools: readonly string[];
}

/** What is looked at after each change of tool, states times tools times kinds; the best are kept. */
const LOOKED_AT = 40_000;

/**
 * The order in which many ends are made with the fewest changes of tool: with a tool in the hand,
 * everything that it can do at any end is done, then the next is taken. Breadth first over the tools,
 * so that the first way to the end has the fewest changes. Checks wait until just before what they guard.
 */
export function planBatch(ends: readonly BatchEnd[], catalogue: Catalogue): BatchPlan {
  const kinds = kindsOf(ends, catalogue);
  const refused = ends
    .filter(({ id }) => !kinds.some(({ endIds }) => endIds.includes(id)))
    .map(({ id }) => id);
  const { tools, proven } = fewestTools(kinds);
  const sessions = sessionsOf(kinds, tools);
  return {
    sessions,
    toolChanges: changes(sessions.map(({ tool }) => tool)),
    changesOneByOne: changes(kinds.flatMap((kind) => kind.endIds.flatMap(() => kind.tools))),
    refused,
    proven,
  };
}

/** Changes in a row of tools; what needs none leaves the tool in the hand. */
export function changes(tools: readonly string[]): number {
  const held = tools.filter(Boolean);
  return held.filter((tool, index) => index > 0 && tool !== held[index - 1]).length;
}

function kindsOf(ends: readonly BatchEnd[], catalogue: Catalogue): Kind[] {
  const kinds = new Map<
    string,
    { endIds: string[]; task: TerminationTask; steps: readonly Step[] }
  >();
  for (const { id, task } of ends) {
    const { fit, steps } = planTermination(task, catalogue);
    if (!fit.ok) continue;
    const key = keyOf(steps);
    const kind = kinds.get(key) ?? { endIds: [], task, steps };
    kind.endIds.push(id);
    kinds.set(key, kind);
  }
  return [...kinds.values()].map(({ endIds, task, steps }) => {
    const operations = operationsFor(task);
    return {
      endIds,
      steps,
      before: precedence(
        steps.map(({ id }) => operations.find((row) => row.id === id) as Operation),
      ),
      tools: steps.map((step) => step.tools[0] ?? ''),
    };
  });
}

/** The same for steps that are done and told alike: what is filled into their words is the same for all of them. */
const keyOf = (steps: readonly Step[]): string =>
  JSON.stringify([
    steps.map(({ id, tools, cautions }) => [id, tools, cautions]),
    steps[0]?.instruction,
    steps.map(({ why }) => why.code),
  ]);

/** What must be done before each operation: what it needs, and what it would shut out. */
export function precedence(operations: readonly Operation[]): number[][] {
  return operations.map((operation, place) =>
    operations.flatMap((other, index) =>
      index !== place &&
      (other.makes.some((fact) => operation.needs.includes(fact)) ||
        operation.makes.some((fact) => other.blockedBy.includes(fact)))
        ? [index]
        : [],
    ),
  );
}

const isDone = (done: number, place: number) => (done & (1 << place)) !== 0;

/** Everything that can be done with one tool and bare hands. */
function closure(kind: Kind, start: number, tool: string): number {
  let done = start;
  for (let before = -1; before !== done;) {
    before = done;
    kind.tools.forEach((wanted, place) => {
      if (isDone(done, place) || (wanted !== '' && wanted !== tool)) return;
      if ((kind.before[place] ?? []).every((needed) => isDone(done, needed))) done |= 1 << place;
    });
  }
  return done;
}

function fewestTools(kinds: readonly Kind[]): { tools: readonly string[]; proven: boolean } {
  const all = kinds.map(({ steps }) => 2 ** steps.length - 1);
  const isAll = (done: Done) => done.every((mask, index) => mask === all[index]);
  const toolNames = [...new Set(kinds.flatMap(({ tools }) => tools))].filter(Boolean);
  const most = Math.max(1, Math.floor(LOOKED_AT / (toolNames.length * kinds.length || 1)));
  const reach = kinds.map(rememberedClosure);
  let frontier: Reached[] = [{ done: reach.map((one) => one(0, '')), tools: [] }];
  const seen = new Set<string>();
  let proven = true;
  for (;;) {
    const finished = frontier.find(({ done }) => isAll(done));
    if (finished) return { tools: finished.tools, proven };
    const next: Reached[] = [];
    for (const { done, tools } of frontier)
      for (const tool of toolNames) {
        const reached = done.map((mask, index) => reach[index]?.(mask, tool) ?? mask);
        const key = reached.join();
        if (seen.has(key) || key === done.join()) continue;
        seen.add(key);
        next.push({ done: reached, tools: [...tools, tool] });
      }
    if (next.length === 0) throw new Error('A batch has no order');
    next.sort((a, b) => countDone(b.done) - countDone(a.done));
    frontier = undominated(next, most);
    if (frontier.length === most && next.length > most) proven = false;
  }
}

/** The closures of a kind, each worked out once. */
function rememberedClosure(kind: Kind): (done: number, tool: string) => number {
  const known = new Map<string, number>();
  return (done, tool) => {
    const key = `${done} ${tool}`;
    const found = known.get(key) ?? closure(kind, done, tool);
    known.set(key, found);
    return found;
  };
}

/** States without those that another, with as many changes of tool, is ahead of everywhere. */
function undominated(states: readonly Reached[], most: number): Reached[] {
  const kept: Reached[] = [];
  for (const state of states) {
    if (kept.length === most) break;
    const isBehind = kept.some(({ done }) =>
      done.every((mask, index) => ((state.done[index] ?? 0) & ~mask) === 0),
    );
    if (!isBehind) kept.push(state);
  }
  return kept;
}

function countDone(done: Done): number {
  return done.reduce((sum, mask) => sum + mask.toString(2).replace(/0/g, '').length, 0);
}

/** The steps of each kind under the tool at which they are done; what needs none waits for its purpose. */
function sessionsOf(kinds: readonly Kind[], tools: readonly string[]): Session[] {
  const rows = ['', ...tools];
  const places = kinds.map((kind) => sessionOfEach(kind, rows));
  return rows
    .map((tool, session): Session => ({
      tool,
      work: kinds.flatMap((kind, index) => {
        const steps = kind.steps.filter((_, place) => places[index]?.[place] === session);
        return steps.length > 0 ? kind.endIds.map((endId) => ({ endId, steps })) : [];
      }),
    }))
    .filter(({ work }) => work.length > 0);
}

function sessionOfEach(kind: Kind, tools: readonly string[]): number[] {
  const at: number[] = [];
  let done = 0;
  tools.forEach((tool, session) => {
    const reached = closure(kind, done, tool);
    kind.steps.forEach((_, place) => {
      if (isDone(reached, place) && !isDone(done, place)) at[place] = session;
    });
    done = reached;
  });
  // Steps stand in an order that works, so what waits for a step stands after it.
  for (let place = kind.steps.length - 1; place >= 0; place -= 1) {
    // What is slid on is slid on first, while nothing can be in its way.
    if (kind.tools[place] !== '' || kind.steps[place]?.operation === 'thread-on') continue;
    const waiting = kind.steps.flatMap((_, later) =>
      kind.before[later]?.includes(place) ? [at[later] ?? 0] : [],
    );
    if (waiting.length > 0) at[place] = Math.min(...waiting);
  }
  return at;
}
