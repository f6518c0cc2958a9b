import {
  cable as cableRow,
  connector as connectorRow,
  scheme as schemeRow,
  type Cable,
  type CableId,
  type Connector,
  type ConnectorId,
  type SchemeId,
} from '../catalogue';
import { cautionsFor } from './caution';
import { fitProblems, type FitProblem } from './fit';
import { measureFor, type Measure } from './measure';
import type { Condition, Operation } from './operation';
import { OPERATIONS } from './operations';
import { factsOf, solveOrder } from './solve-order';

export interface TerminationTask {
  readonly cable: CableId;
  readonly connector: ConnectorId;
  readonly scheme: SchemeId;
  readonly otherEnd: 'bare' | 'made';
}

export interface Cut {
  readonly layer: 'jacket' | 'conductors';
  readonly fromEndMm: number;
  /** From the finished conductor tips. */
  readonly fromDatumMm: number;
  readonly toleranceMm: number;
}

export interface Step extends Pick<
  Operation,
  'id' | 'part' | 'layer' | 'instruction' | 'irreversible' | 'checks' | 'tools' | 'seconds'
> {
  readonly operation: Operation['kind'];
  readonly why: string;
  readonly cautions: readonly string[];
  readonly measure: Measure | null;
}

export interface TerminationPlan {
  readonly fit: { readonly ok: boolean; readonly problems: readonly FitProblem[] };
  readonly parts: readonly string[];
  readonly tools: readonly string[];
  readonly cuts: readonly Cut[];
  readonly steps: readonly Step[];
}

const remembered = new Map<string, TerminationPlan>();
const REMEMBERED_LIMIT = 1000;

/**
 * How to make one end: does it fit, the cuts, the parts and tools, and the steps in an order that
 * works, each with its reason. A combination that can't be made has problems and no steps.
 *
 * Thousands of links take a few dozen tasks, so the plan of each task is remembered.
 */
export function planTermination(task: TerminationTask): TerminationPlan {
  const key = [task.cable, task.connector, task.scheme, task.otherEnd].join();
  const known = remembered.get(key);
  if (known) return known;
  const plan = makePlan(task);
  if (remembered.size >= REMEMBERED_LIMIT) remembered.clear();
  remembered.set(key, plan);
  return plan;
}

function makePlan(task: TerminationTask): TerminationPlan {
  const cable = cableRow(task.cable);
  const part = connectorRow(task.connector);
  const problems = fitProblems(cable, part);
  const order = problems.length === 0 ? solveOrder(operationsFor(task)) : null;
  if (!order) return { fit: { ok: false, problems }, parts: [], tools: [], cuts: [], steps: [] };
  const fill = filler(task, part);
  const steps = order.map((operation): Step => ({
    id: operation.id,
    operation: operation.kind,
    part: operation.part,
    layer: operation.layer,
    instruction: fill(operation.instruction),
    why: [operation.why, whyNow(operation, order)].filter(Boolean).join(' '),
    irreversible: operation.irreversible,
    checks: operation.checks.map((check) => ({ id: check.id, text: fill(check.text) })),
    tools: operation.tools,
    cautions: cautionsFor(operation, cable).map((row) => row.sentence),
    seconds: operation.seconds,
    measure: operation.measures ? measureFor(operation.measures, part) : null,
  }));
  const partNames = order.flatMap((operation) => operation.part ?? []);
  return {
    fit: { ok: true, problems: [] },
    parts: [...new Set(partNames)],
    tools: [...new Set(order.flatMap((operation) => operation.tools))],
    cuts: cutsFor(part),
    steps,
  };
}

/** A jacket thicker than this is squeezed oval before it enters a plug. Generic, mm. */
const THICK_JACKET_MM = 7;

/** The operations that this end takes, in no order. */
export function operationsFor(task: TerminationTask): Operation[] {
  const cable = cableRow(task.cable);
  const part = connectorRow(task.connector);
  const holds = conditionsOf(cable, part);
  const chosen = OPERATIONS[part.family].filter((operation) =>
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

function conditionsOf(cable: Cable, part: Connector): Set<Condition> {
  const shield: Condition[] =
    cable.shield === 'none' ? [] : [part.shielded ? 'shell' : 'shield-unused'];
  const plug: Condition[] =
    part.gender === 'plug'
      ? ['boot', ...(cable.jacketMm >= THICK_JACKET_MM ? (['thick-jacket'] as const) : [])]
      : [];
  return new Set([...cable.parts, ...shield, ...plug]);
}

/** The constraint that puts an operation where it is, in words. */
function whyNow(operation: Operation, order: readonly Operation[]): string {
  const blocker = order.find((other) =>
    other.makes.some((fact) => operation.blockedBy.includes(fact)),
  );
  if (blocker) return `After “${title(blocker)}” it can’t go on any more.`;
  return '';
}

/** The first sentence of an operation's instruction. */
function title(operation: Operation): string {
  return (operation.instruction.split(/[.,]/)[0] ?? '').trim();
}

function cutsFor(part: Connector): Cut[] {
  const { stripMm, stripToleranceMm, exposedMm, exposedToleranceMm, trimmedFirst } = part.cuts;
  const jacket: Cut = {
    layer: 'jacket',
    fromEndMm: stripMm,
    fromDatumMm: exposedMm,
    toleranceMm: stripToleranceMm,
  };
  if (!trimmedFirst) return [jacket];
  return [
    jacket,
    {
      layer: 'conductors',
      fromEndMm: stripMm - exposedMm,
      fromDatumMm: 0,
      toleranceMm: exposedToleranceMm,
    },
  ];
}

function filler(task: TerminationTask, part: Connector): (text: string) => string {
  const { exposedMm, exposedToleranceMm, stripMm } = part.cuts;
  const values: Readonly<Record<string, string>> = {
    scheme: task.scheme,
    order: schemeRow(task.scheme).conductors.join(', '),
    strip: `${stripMm} mm`,
    exposed:
      exposedToleranceMm > 0 ? `${exposedMm} mm ± ${exposedToleranceMm} mm` : `${exposedMm} mm`,
  };
  return (text) => text.replace(/\{(\w+)\}/g, (_, key: string) => values[key] ?? '');
}
