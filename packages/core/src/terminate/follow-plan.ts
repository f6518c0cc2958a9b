import { factsOf } from './solve-order';
import type { Operation, OperationKind } from './operation';
import {
  operationsFor,
  planTermination,
  type Step,
  type TerminationPlan,
  type TerminationTask,
} from './plan-termination';

/** What can be ticked: a step, or one check of a stop point ("read-before-crimp/copper-at-tip"). */
export type TickKey = string;

export interface LatePart {
  readonly stepId: string;
  readonly part: string;
  readonly sentence: string;
}

export interface Progress {
  readonly plan: TerminationPlan;
  readonly doneSteps: ReadonlySet<string>;
  /** The step to do now; null when the end is finished or can't be made. */
  readonly next: Step | null;
  /** What to tick now: the step, or its first open check. */
  readonly nextKey: TickKey | null;
  readonly state: 'does-not-fit' | 'bare' | 'begun' | 'made';
  /** Parts that can't go on any more, since a later step was done without them. */
  readonly late: readonly LatePart[];
}

export function tickKeys(step: Pick<Step, 'id' | 'checks'>): TickKey[] {
  return step.checks.length > 0 ? step.checks.map((check) => `${step.id}/${check.id}`) : [step.id];
}

/** Where the work on one end stands, from what has been ticked, in whatever order it was. */
export function followPlan(task: TerminationTask, ticked: ReadonlySet<TickKey>): Progress {
  const plan = planTermination(task);
  const isDone = (step: Pick<Step, 'id' | 'checks'>) =>
    tickKeys(step).every((key) => ticked.has(key));
  const doneSteps = new Set(plan.steps.filter(isDone).map((step) => step.id));
  const operations = plan.fit.ok ? operationsFor(task) : [];
  const late = lateParts(operations, doneSteps);
  const hopeless = new Set(late.map((part) => part.stepId));
  const next = plan.steps.find((step) => !doneSteps.has(step.id) && !hopeless.has(step.id)) ?? null;
  const nextKey = next ? (tickKeys(next).find((key) => !ticked.has(key)) ?? null) : null;
  const state = !plan.fit.ok
    ? 'does-not-fit'
    : !next && late.length === 0
      ? 'made'
      : ticked.size > 0
        ? 'begun'
        : 'bare';
  return {
    plan,
    doneSteps,
    next: late.length > 0 ? null : next,
    nextKey: late.length > 0 ? null : nextKey,
    state,
    late,
  };
}

function lateParts(operations: readonly Operation[], doneSteps: ReadonlySet<string>): LatePart[] {
  const facts = factsOf(operations.filter((operation) => doneSteps.has(operation.id)));
  return operations
    .filter((operation) => !doneSteps.has(operation.id))
    .filter((operation) => operation.blockedBy.some((fact) => facts.has(fact)))
    .map((operation) => ({
      stepId: operation.id,
      part: operation.part ?? operation.id,
      sentence:
        `The ${operation.part ?? 'part'} was left off and can’t go on now. ${operation.wayBack ?? ''}`.trim(),
    }));
}

/** The operations that fix a connector on. */
const FIXING: ReadonlySet<OperationKind> = new Set(['crimp', 'press']);

/** What is ticked when the connector is fixed on. */
export function fixingKeys({ steps }: TerminationPlan): TickKey[] {
  return steps.filter((step) => FIXING.has(step.operation)).flatMap(tickKeys);
}

/** Whether this end's connector is fixed on, so that nothing can be threaded over it. */
export function isFixed({ plan, doneSteps }: Progress): boolean {
  return plan.steps.some((step) => FIXING.has(step.operation) && doneSteps.has(step.id));
}
