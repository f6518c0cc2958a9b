import { DEFAULT_SCHOOLS, SCHOOL_IDS, type Catalogue } from '../catalogue';
import { NOTHING, sentences, type Message } from '../message';
import { cautionsFor } from './caution';
import { conditionsOf, situationOf } from './conditions';
import { cutsOf, type Cut } from './cuts';
import { fitProblems, type FitProblem } from './fit';
import { fillOf } from './fill';
import { measureFor, type Measure } from './measure';
import { tell, type Fill } from './messages';
import { wordingOf, type Operation, type PartId } from './operation';
import { OPERATIONS } from './operations';
import { factsOf, solveOrder } from './solve-order';
import { toolGaps } from './tool-gaps';
import { DIE, dieOf, isDie } from './die';
import type { TerminationTask } from './task';
import { whyNow } from './why-now';

export interface Step extends Pick<
  Operation,
  'id' | 'part' | 'layer' | 'irreversible' | 'fixes' | 'tools' | 'seconds'
> {
  readonly operation: Operation['kind'];
  readonly instruction: Message;
  readonly why: Message;
  readonly checks: readonly Check[];
  readonly cautions: readonly Message[];
  readonly measure: Measure | null;
}

export interface Check {
  readonly id: string;
  readonly text: Message;
}

export interface TerminationPlan {
  readonly fit: { readonly ok: boolean; readonly problems: readonly FitProblem[] };
  readonly parts: readonly PartId[];
  readonly tools: readonly string[];
  readonly cuts: readonly Cut[];
  readonly steps: readonly Step[];
  /** What is left for the site, once the end is made and tested. */
  readonly afterwards: readonly Message[];
}

const remembered = new WeakMap<Catalogue, Map<string, TerminationPlan>>();
const REMEMBERED_LIMIT = 2000;

/**
 * How to make one end: does it fit, the cuts, the parts and tools, and the steps in an order that
 * works, each with its reason. A combination that can't be made has problems and no steps.
 *
 * Thousands of links take a few dozen tasks, so the plan of each task is remembered with its catalogue.
 */
export function planTermination(task: TerminationTask, catalogue: Catalogue): TerminationPlan {
  const known = remembered.get(catalogue) ?? new Map<string, TerminationPlan>();
  remembered.set(catalogue, known);
  const isNamed =
    catalogue.findCable(task.cable.id) === task.cable &&
    catalogue.findConnector(task.connector.id) === task.connector;
  if (!isNamed) return makePlan(task, catalogue);
  const key = JSON.stringify({ ...task, cable: task.cable.id, connector: task.connector.id });
  const found = known.get(key);
  if (found) return found;
  const plan = makePlan(task, catalogue);
  if (known.size >= REMEMBERED_LIMIT) known.clear();
  known.set(key, plan);
  return plan;
}

const refused = (problems: readonly FitProblem[]): TerminationPlan => ({
  fit: { ok: false, problems },
  parts: [],
  tools: [],
  cuts: [],
  steps: [],
  afterwards: [],
});

function makePlan(task: TerminationTask, catalogue: Catalogue): TerminationPlan {
  const { cable, connector } = task;
  const place = task.environment ?? 'indoor';
  const problems = fitProblems({ cable, part: connector, place }, catalogue);
  if (problems.length > 0) return refused(problems);
  const operations = operationsFor(task);
  const order = solveOrder(operations.filter((row) => !row.afterwards));
  if (!order) throw new Error(`No order makes ${connector.id} on ${cable.id}`);
  const fill = fillOf(task);
  const toolOf = (tool: string) =>
    tool === DIE && connector.dieMm !== null ? dieOf(connector.dieMm) : tool;
  const steps = order.map((operation, index): Step => {
    const step = wordingOf(operation);
    const own = withSchool(fill, operation, task);
    return {
      id: operation.id,
      operation: operation.kind,
      part: operation.part,
      layer: operation.layer,
      instruction: tell('instruction', { step, fill }),
      why: sentences([
        tell('why', { step, fill: own }),
        whyNow(operation, order.slice(index + 1), task.otherEnd),
      ]),
      irreversible: operation.irreversible,
      fixes: operation.fixes,
      checks: operation.checks.map((check) => ({
        id: check,
        text: tell('check', { step, check, fill }),
      })),
      tools: operation.tools.map(toolOf),
      cautions: cautionsFor(operation, cable, connector, place).map(({ id }) =>
        tell('caution', { id }),
      ),
      seconds: operation.seconds,
      measure: operation.measures ? measureFor(operation.measures, connector) : null,
    };
  });
  return withTools(
    {
      fit: { ok: true, problems: [] },
      parts: [...new Set(order.flatMap((operation) => operation.part ?? []))],
      tools: [...new Set(steps.flatMap((step) => step.tools))],
      cuts: cutsOf(connector, task.schools ?? DEFAULT_SCHOOLS),
      steps,
      afterwards: operations
        .filter((row) => row.afterwards)
        .map((row) => tell('instruction', { step: wordingOf(row), fill })),
    },
    task,
  );
}

/** A school is only called the job’s where somebody chose it. */
function withSchool(fill: Fill, { only }: Operation, { chosen = [] }: TerminationTask): Fill {
  const id = SCHOOL_IDS.find((school) => only.some((word) => word.startsWith(`${school}-`)));
  return id !== undefined && chosen.includes(id)
    ? { ...fill, school: tell('school-of-job', {}) }
    : fill;
}

/** The plan with the tools at hand: other tools where they do, refused where nothing does. */
function withTools(
  plan: TerminationPlan,
  { tools, cable: { family } }: TerminationTask,
): TerminationPlan {
  if (!tools) return plan;
  const gaps = toolGaps(plan.steps, (tool) => tools.includes(tool));
  const stops = gaps.filter(({ canGoOn }) => !canGoOn);
  if (stops.length > 0)
    return refused(
      stops.map(({ tool, sentence }): FitProblem => {
        const code = isDie(tool) ? 'die' : 'tool';
        return {
          code,
          what: tell('fit-rule', { rule: code, family }),
          have: isDie(tool)
            ? tell('dies', { tools: tools.filter(isDie) })
            : tell('not-at-hand', {}),
          need: tell('tool', { tool }),
          off: NOTHING,
          suggestion: sentence,
        };
      }),
    );
  const steps = plan.steps.map((step): Step => {
    const own = gaps.filter(({ stepIds }) => stepIds.includes(step.id));
    if (own.length === 0) return step;
    const replaced = new Map(own.map(({ tool, instead }) => [tool, instead]));
    return {
      ...step,
      instruction: sentences([step.instruction, ...own.map(({ sentence }) => sentence)]),
      tools: step.tools.flatMap((tool) => {
        const instead = replaced.get(tool);
        return instead === undefined ? [tool] : instead === null ? [] : [instead];
      }),
    };
  });
  return { ...plan, steps, tools: [...new Set(steps.flatMap((step) => step.tools))] };
}

/** The operations that this end takes, in no order. */
export function operationsFor(task: TerminationTask): Operation[] {
  const holds = conditionsOf(situationOf(task));
  const chosen = OPERATIONS[task.connector.family].filter((operation) =>
    operation.only.every((condition) => holds.has(condition)),
  );
  const made = factsOf(chosen);
  return chosen.map((operation) => ({
    ...operation,
    needs: operation.needs.filter((fact) => made.has(fact)),
    // What is threaded on can still come from the other end while that is bare.
    blockedBy:
      operation.kind === 'thread-on' && task.otherEnd === 'bare' ? [] : operation.blockedBy,
  }));
}
