/** Why an end is cut off and made again: kept with the fact, and counted for the failure rate later. */
export const REMAKE_CAUSES = [
  { id: 'order', name: 'Conductors in the wrong order' },
  { id: 'short-of-nose', name: 'A conductor short of its contact' },
  { id: 'jacket', name: 'Jacket not held' },
  { id: 'part-forgotten', name: 'A part was left off' },
  { id: 'damage', name: 'A conductor nicked or broken' },
  { id: 'faulty-part', name: 'The connector was faulty' },
  { id: 'test', name: 'The test showed a fault' },
  { id: 'other', name: 'Another cause' },
] as const;

export type RemakeCause = (typeof REMAKE_CAUSES)[number]['id'];

export function remakeCauseName(id: string): string {
  return REMAKE_CAUSES.find((row) => row.id === id)?.name ?? id;
}
