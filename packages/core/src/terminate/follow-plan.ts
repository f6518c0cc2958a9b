import type { Catalogue } from '../catalogue';
import { sentences, type Message } from '../message';
import { factsOf } from './solve-order';
import { tell } from './messages';
import { wordingOf, type Operation, type PartId } from './operation';
import { OPERATIONS } from './operations';
import {
  operationsFor,
  planTermination,
  type Step,
  type TerminationPlan,
} from './plan-termination';
import type { TerminationTask } from './task';
import { cheapestWayBack, type WayBack } from './way-back';

/** What can be ticked: a step, or one check of a stop point ("read-before-crimp/copper-at-tip"). */
export type TickKey = string;

export interface LatePart {
  readonly stepId: string;
  readonly part: string;
  readonly sentence: Message;
  /** What costs least to do about it. */
  readonly wayBack: WayBack;
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
  /** What has been slid on, and whether it has been moved up to its place. */
  readonly onCable: readonly { readonly part: PartId; readonly inPlace: boolean }[];
}

const keysOf = (stepId: string, checks: readonly string[]): TickKey[] =>
  checks.length > 0 ? checks.map((check) => `${stepId}/${check}`) : [stepId];

export const tickKeys = ({ id, checks }: Ticked): TickKey[] =>
  keysOf(
    id,
    checks.map((check) => check.id),
  );

interface Ticked {
  readonly id: string;
  readonly checks: readonly { readonly id: string }[];
}

/** Most ends of a large site are bare: where they stand follows from their plan alone. */
const bare = new WeakMap<TerminationPlan, Progress>();

/** Where the work on one end stands, from what has been ticked, in whatever order it was. */
export function followPlan(
  task: TerminationTask,
  ticked: ReadonlySet<TickKey>,
  catalogue: Catalogue,
): Progress {
  const plan = planTermination(task, catalogue);
  if (ticked.size > 0) return progressOf(plan, task, ticked);
  const known = bare.get(plan) ?? progressOf(plan, task, ticked);
  bare.set(plan, known);
  return known;
}

function progressOf(
  plan: TerminationPlan,
  task: TerminationTask,
  ticked: ReadonlySet<TickKey>,
): Progress {
  const isTicked = ({ id, checks }: Operation) =>
    keysOf(id, checks).every((key) => ticked.has(key));
  const operations = plan.fit.ok ? operationsFor(task).filter((row) => !row.afterwards) : [];
  // What was done in another school counts where it made the same: a pin that is crimped is fixed.
  const planned = new Set(operations.map(({ id }) => id));
  const otherwise = factsOf(
    OPERATIONS[task.connector.family].filter((row) => !planned.has(row.id) && isTicked(row)),
  );
  const doneSteps = new Set(
    operations
      .filter((row) => isTicked(row) || row.makes.every((fact) => otherwise.has(fact)))
      .map(({ id }) => id),
  );
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
    onCable: onCable(plan, doneSteps),
  };
}

/** What moves a part that was slid on up to its place. */
const MOVED_UP: ReadonlySet<Step['operation']> = new Set([
  'seat',
  'close',
  'shrink',
  'fold',
  'solder',
]);

function onCable({ steps }: TerminationPlan, doneSteps: ReadonlySet<string>) {
  const done = steps.filter(({ id }) => doneSteps.has(id));
  return done
    .filter(({ operation }) => operation === 'thread-on')
    .flatMap(({ part }) =>
      part === undefined
        ? []
        : [
            {
              part,
              inPlace: done.some((step) => step.part === part && MOVED_UP.has(step.operation)),
            },
          ],
    );
}

function lateParts(operations: readonly Operation[], doneSteps: ReadonlySet<string>): LatePart[] {
  const done = operations.filter((operation) => doneSteps.has(operation.id));
  const facts = factsOf(done);
  return operations
    .filter((operation) => !doneSteps.has(operation.id))
    .filter((operation) => operation.blockedBy.some((fact) => facts.has(fact)))
    .map((operation) => {
      const wayBack = cheapestWayBack(operation, done);
      const part = operation.part ?? operation.id;
      return {
        stepId: operation.id,
        part,
        sentence: sentences([
          tell('left-off', { part: operation.part ?? null, step: wordingOf(operation) }),
          wayBack.sentence,
        ]),
        wayBack,
      };
    });
}

/** What is ticked when the connector is fixed on. */
export function fixingKeys({ steps }: TerminationPlan): TickKey[] {
  return steps.filter(({ fixes }) => fixes).flatMap(tickKeys);
}

/** Whether this end's connector is fixed on, so that nothing can be threaded over it. */
export function isFixed({ plan, doneSteps }: Progress): boolean {
  return plan.steps.some(({ fixes, id }) => fixes && doneSteps.has(id));
}
