import type { Catalogue, Connector } from '../catalogue';
import { common, type Message } from '../message';
import { layOut, situationOf } from './conditions';
import { tell } from './messages';
import type { PartId } from './operation';
import { planTermination } from './plan-termination';
import type { TerminationTask } from './task';

/** Something to bring, and how many. */
export interface KitRow {
  /** Of the connector, or of what is bought beside it. */
  readonly id: string;
  readonly name: Message;
  readonly count: number;
}

/** What one or more ends take. */
export interface Kit {
  readonly parts: readonly KitRow[];
  readonly tools: readonly string[];
  readonly seconds: number;
  /** Ends that can't be made as described, left out of the rest. */
  readonly refused: number;
}

/** What is bought apart from the connector, and how many an end takes. */
const ACCESSORIES: Readonly<Partial<Record<PartId, 'end' | 'core' | 'pair'>>> = {
  boot: 'end',
  shrink: 'end',
  sleeves: 'core',
  tie: 'end',
  label: 'end',
  tape: 'end',
  contacts: 'core',
  backshell: 'end',
  lamps: 'pair',
  battery: 'end',
};

/** Ids of what is bought beside connectors and cable. */
export const BESIDE: readonly string[] = Object.keys(ACCESSORIES);

/** Joints are bought by the core; everything else by the end. */
const connectorCount = ({ gender, family }: Connector, cores: number) =>
  gender !== 'joint' ? 1 : family === 'gel-splice' ? cores : 0;

/**
 * Parts, tools and time for some ends: one, both of a link, or a job's. Counts are bare needs, without
 * spares.
 *
 * @param secondsOf a step's time, by its id; the catalogue's if it is not known.
 */
export function kitFor(
  tasks: readonly TerminationTask[],
  catalogue: Catalogue,
  secondsOf: (stepId: string, usual: number) => number = (_, usual) => usual,
): Kit {
  const counts = new Map<string, KitRow>();
  const tools = new Set<string>();
  const add = (id: string, name: Message, count: number) => {
    if (count > 0) counts.set(id, { id, name, count: (counts.get(id)?.count ?? 0) + count });
  };
  let seconds = 0;
  let refused = 0;
  for (const task of tasks) {
    const { fit, parts, steps } = planTermination(task, catalogue);
    if (!fit.ok) {
      refused += 1;
      continue;
    }
    const cores = layOut(situationOf(task)).used.length;
    const per = { end: 1, core: cores, pair: Math.ceil(cores / 2) };
    const { id, name } = task.connector;
    add(id, common('name', { name }), connectorCount(task.connector, cores));
    for (const part of parts) {
      const by = ACCESSORIES[part];
      if (by) add(part, tell('accessory', { part }), per[by]);
    }
    for (const step of steps) {
      for (const tool of step.tools) tools.add(tool);
      seconds += secondsOf(step.id, step.seconds);
    }
  }
  return {
    parts: [...counts.values()],
    tools: [...tools].sort(),
    seconds,
    refused,
  };
}
