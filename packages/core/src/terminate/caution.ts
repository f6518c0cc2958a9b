import type { Cable } from '../catalogue';
import type { Operation, OperationKind, PartId } from './operation';

export interface Caution {
  readonly id: string;
  readonly kinds: readonly OperationKind[];
  readonly parts?: readonly PartId[];
  /** Only for cables that run in these surroundings. */
  readonly environments?: readonly Cable['environment'][];
  readonly sentence: string;
}

/** Where the work can hurt someone: told at the step, by kind of operation, part and surroundings. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'powered-cable',
    kinds: ['strip'],
    sentence:
      'Make sure that the far end is unplugged: power over the cable can be on these conductors. In a wall box, keep clear of mains; local codes and a licensed electrician decide there.',
  },
  {
    id: 'blade',
    kinds: ['strip', 'cut'],
    sentence: 'Cut away from your hand.',
  },
  {
    id: 'offcuts',
    kinds: ['trim', 'press'],
    sentence: 'Offcuts fly: wear eye protection and keep them out of the equipment.',
  },
  {
    id: 'cleaner',
    kinds: ['clean'],
    sentence: 'Cleaners burn and fume: open air or a mask, gloves, no flame.',
  },
  {
    id: 'outdoor-run',
    kinds: ['strip'],
    environments: ['outdoor', 'burial'],
    sentence:
      'A run from outside needs bonding and surge protection where it enters a building, and nobody works on it in a thunderstorm. Local codes and a licensed electrician decide.',
  },
];

export function cautionsFor({ kind, part }: Operation, { environment }: Cable): Caution[] {
  return CAUTIONS.filter(
    (row) =>
      row.kinds.includes(kind) &&
      (!row.parts || (part !== undefined && row.parts.includes(part))) &&
      (!row.environments || row.environments.includes(environment)),
  );
}
