import type { OperationKind, PartId } from './operation';

export interface Caution {
  readonly id: string;
  readonly kinds: readonly OperationKind[];
  readonly parts?: readonly PartId[];
  readonly sentence: string;
}

/** Where the work can hurt someone: told at the step, by kind of operation and part. */
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
];

export function cautionsFor(kind: OperationKind, part: PartId | undefined): Caution[] {
  return CAUTIONS.filter(
    (row) =>
      row.kinds.includes(kind) && (!row.parts || (part !== undefined && row.parts.includes(part))),
  );
}
