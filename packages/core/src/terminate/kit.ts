import type { Catalogue, Connector } from '../catalogue';
import { layOut, situationOf } from './conditions';
import type { PartId } from './operation';
import { planTermination, type TerminationTask } from './plan-termination';

/** Something to bring, and how many. */
export interface KitRow {
  readonly name: string;
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
const ACCESSORIES: Readonly<
  Partial<Record<PartId, { readonly name: string; readonly per: 'end' | 'core' | 'pair' }>>
> = {
  boot: { name: 'Boot', per: 'end' },
  shrink: { name: 'Heat-shrink, wide', per: 'end' },
  sleeves: { name: 'Sleeve, one core', per: 'core' },
  tie: { name: 'Cable tie', per: 'end' },
  label: { name: 'Label', per: 'end' },
  tape: { name: 'Self-amalgamating tape, turn', per: 'end' },
  contacts: { name: 'Contact, one core', per: 'core' },
  backshell: { name: 'Backshell', per: 'end' },
  lamps: { name: 'Lamp with resistor', per: 'pair' },
  battery: { name: 'Battery with fuse', per: 'end' },
};

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
  const counts = new Map<string, number>();
  const tools = new Set<string>();
  const add = (name: string, count: number) => {
    if (count > 0) counts.set(name, (counts.get(name) ?? 0) + count);
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
    add(task.connector.name, connectorCount(task.connector, cores));
    for (const part of parts) {
      const accessory = ACCESSORIES[part as PartId];
      if (accessory) add(accessory.name, per[accessory.per]);
    }
    for (const step of steps) {
      for (const tool of step.tools) tools.add(tool);
      seconds += secondsOf(step.id, step.seconds);
    }
  }
  return {
    parts: [...counts].map(([name, count]) => ({ name, count })),
    tools: [...tools].sort(),
    seconds,
    refused,
  };
}
