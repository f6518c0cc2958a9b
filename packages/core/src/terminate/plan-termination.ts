import {
  DEFAULT_SCHOOLS,
  SCHOOL_IDS,
  SHIELD,
  conductor,
  scheme as schemeRow,
  type Cable,
  type Catalogue,
  type Connector,
  type CutLayer,
  type Jacket,
  type SchemeId,
  type SchoolId,
  type Schools,
} from '../catalogue';
import type { Pin } from '../link';
import { formatCut, formatCutWithin, formatMm, formatSheetMm, type UnitSystem } from '../units';
import { cautionsFor } from './caution';
import { conditionsOf, layOut, situationOf } from './conditions';
import { cutsOf, type Cut } from './cuts';
import { fitProblems, type FitProblem } from './fit';
import { cutAt, measureFor, type Measure } from './measure';
import type { Operation } from './operation';
import { OPERATIONS } from './operations';
import { factsOf, solveOrder } from './solve-order';
import { toolGaps } from './tool-gaps';
import { isDie } from './die';
import { whyNow } from './why-now';

export interface TerminationTask {
  readonly cable: Cable;
  readonly connector: Connector;
  readonly scheme: SchemeId;
  readonly otherEnd: 'bare' | 'made';
  readonly schools?: Schools;
  /** The harshest place that the cable passes; indoor if not said. */
  readonly environment?: Jacket;
  /** Whether this end's shield is left open, since the other end's is bonded. */
  readonly shieldFloats?: boolean;
  /** Whether its plug lies the other way round than that of the other end. */
  readonly turned?: boolean;
  /** The tools at hand; all that are needed if not said. */
  readonly tools?: readonly string[];
  readonly units?: UnitSystem;
  /** Of an adapter's end: which core is on which contact, instead of a scheme. */
  readonly pinout?: readonly Pin[] | null;
  /** Schools that somebody chose for this job or link; the others are as usual. */
  readonly chosen?: readonly SchoolId[];
}

export interface Step extends Pick<
  Operation,
  | 'id'
  | 'part'
  | 'layer'
  | 'instruction'
  | 'irreversible'
  | 'fixes'
  | 'checks'
  | 'tools'
  | 'seconds'
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
  /** What is left for the site, once the end is made and tested. */
  readonly afterwards: readonly string[];
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
  const problems = fitProblems({ cable, part: connector, place, units: task.units }, catalogue);
  if (problems.length > 0) return refused(problems);
  const operations = operationsFor(task);
  const order = solveOrder(operations.filter((row) => !row.afterwards));
  if (!order) throw new Error(`No order makes ${connector.id} on ${cable.id}`);
  const fill = filler(task);
  const steps = order.map((operation, index): Step => ({
    id: operation.id,
    operation: operation.kind,
    part: operation.part,
    layer: operation.layer,
    instruction: fill(operation.instruction),
    why: [
      schoolWhy(operation, task, fill(operation.why)),
      whyNow(operation, order.slice(index + 1), task.otherEnd),
    ]
      .filter(Boolean)
      .join(' '),
    irreversible: operation.irreversible,
    fixes: operation.fixes,
    checks: operation.checks.map((check) => ({ id: check.id, text: fill(check.text) })),
    tools: operation.tools.map(fill),
    cautions: cautionsFor(operation, cable, connector, place).map((row) => row.sentence),
    seconds: operation.seconds,
    measure: operation.measures ? measureFor(operation.measures, connector) : null,
  }));
  return withTools(
    {
      fit: { ok: true, problems: [] },
      parts: [...new Set(order.flatMap((operation) => operation.part ?? []))],
      tools: [...new Set(steps.flatMap((step) => step.tools))],
      cuts: cutsOf(connector, task.schools ?? DEFAULT_SCHOOLS),
      steps,
      afterwards: operations.filter((row) => row.afterwards).map((row) => fill(row.instruction)),
    },
    task.tools,
  );
}

/** A school is only called the job’s where somebody chose it. */
function schoolWhy({ only }: Operation, { chosen = [] }: TerminationTask, why: string): string {
  const id = SCHOOL_IDS.find((school) => only.some((word) => word.startsWith(`${school}-`)));
  return id !== undefined && chosen.includes(id)
    ? why
    : why.replace(/^The school of this job:/, 'As usual:');
}

/** The plan with the tools at hand: other tools where they do, refused where nothing does. */
function withTools(plan: TerminationPlan, tools: readonly string[] | undefined): TerminationPlan {
  if (!tools) return plan;
  const gaps = toolGaps(plan.steps, (tool) => tools.includes(tool));
  const stops = gaps.filter(({ canGoOn }) => !canGoOn);
  if (stops.length > 0)
    return refused(
      stops.map(({ tool, sentence }): FitProblem => ({
        ...(isDie(tool)
          ? { code: 'die', what: 'Die against the ferrule', have: diesAmong(tools) }
          : { code: 'tool', what: 'Tool for the work', have: 'not at hand' }),
        need: tool,
        off: '',
        suggestion: sentence,
      })),
    );
  const steps = plan.steps.map((step): Step => {
    const own = gaps.filter(({ stepIds }) => stepIds.includes(step.id));
    if (own.length === 0) return step;
    const replaced = new Map(own.map(({ tool, instead }) => [tool, instead]));
    return {
      ...step,
      instruction: [step.instruction, ...own.map(({ sentence }) => sentence)].join(' '),
      tools: step.tools.flatMap((tool) => {
        const instead = replaced.get(tool);
        return instead === undefined ? [tool] : instead === null ? [] : [instead];
      }),
    };
  });
  return { ...plan, steps, tools: [...new Set(steps.flatMap((step) => step.tools))] };
}

function diesAmong(tools: readonly string[]): string {
  const dies = tools.filter(isDie);
  return dies.length > 0 ? dies.join(', ') : 'no hex die at hand';
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

/** More cores than this are read off the drawing. */
const SAID_CORES = 10;

function filler(task: TerminationTask): (text: string) => string {
  const { cable, connector, scheme } = task;
  const { used, unused } = layOut(situationOf(task));
  const units = task.units ?? 'metric';
  const size = (mm: number) => formatCut(mm, units);
  const within = (mm: number, toleranceMm: number) => formatCutWithin(mm, toleranceMm, units);
  const at = (layer: CutLayer) => {
    const cut = cutAt(connector, layer);
    return cut ? within(cut.fromEndMm, cut.toleranceMm) : '';
  };
  const [jacket, tips] = [cutAt(connector, 'jacket'), cutAt(connector, 'conductors')];
  const exposed = tips
    ? within(jacket?.fromDatumMm ?? 0, tips.toleranceMm)
    : size(connector.untwistMm ?? jacket?.fromDatumMm ?? 0);
  const edge =
    used.find(({ core }) => core === cable.cores[0]?.id)?.contact ?? used[0]?.contact ?? '1';
  const met = (task.pinout ?? []).filter(([, core]) => core !== SHIELD);
  const list =
    met.length > 0 && connector.wiring === 'colour'
      ? met
          .map(([contact, core, looks]) => `${nameOf(contact)} to ${nameOf(looks ?? core)}`)
          .join(', ')
      : connector.wiring === 'four-pair' && !task.pinout
        ? schemeRow(scheme).conductors.join(', ')
        : used.length > SAID_CORES
          ? 'as the drawing shows'
          : used
              .map(({ contact, core, looks }) =>
                connector.wiring === 'colour'
                  ? nameOf(looks ?? core)
                  : `${contact} ${nameOf(looks ?? core)}`,
              )
              .join(', ');
  const inSlots = (row: 'upper' | 'lower') =>
    connector.slots
      .filter((slot) => slot.row === row)
      .map(({ contact }) => nameOf(used.find((one) => one.contact === contact)?.core ?? ''))
      .join(', ');
  const values: Readonly<Record<string, string>> = {
    scheme,
    order: list,
    unused: unused.map(({ id }) => nameOf(id)).join(', '),
    strip: formatCut(jacket?.fromEndMm ?? 0, units, (jacket?.toleranceMm ?? 0) / 4),
    exposed,
    jacketCut: at('jacket'),
    braidCut: at('braid'),
    dielectricCut: at('dielectric'),
    tip: at('insulation'),
    die:
      connector.dieMm === null
        ? ''
        : units === 'metric'
          ? `${connector.dieMm} mm (${formatMm(connector.dieMm, 'imperial', 3)})`
          : formatSheetMm(connector.dieMm, units),
    gauge: `${cable.gaugeAwg} AWG`,
    count: String(cable.cores.length),
    first: used[0]?.contact ?? '1',
    edge,
    meeting: met.length > 0 ? 'as the map joins them' : 'colour to colour',
    met: met.length > 0 ? 'Each meets the one that the map says' : 'Colour meets colour',
    partner: met.length > 0 ? 'the one that the map says' : 'its own colour',
    firstCore: nameOf(cable.cores[0]?.id ?? ''),
    upper: inSlots('upper'),
    lower: inSlots('lower'),
    second: connector.contacts[1] ?? '',
    third: connector.contacts[2] ?? '',
    ...shieldWords(cable),
  };
  return (text) => text.replace(/\{(\w+)\}/g, (_, key: string) => values[key] ?? '');
}

/** What shields a cable, in the words of its steps. */
function shieldWords({ parts }: Cable): Readonly<Record<string, string>> {
  const [braid, foil] = [parts.includes('braid'), parts.includes('foil')];
  const names = [...(braid ? ['braid'] : []), ...(foil ? ['foil'] : [])];
  return {
    shieldNames: braid ? `the ${names.join(' and ')}` : 'foil and drain wire',
    andFoil: foil || parts.includes('pair-foil') ? ', and cut the foil away' : '',
    metalOut: foil ? ', the foil with its metal side out' : '',
  };
}

function nameOf(core: string | null): string {
  return conductor(core ?? '').name;
}
