import type { Outline, OutlineId } from './outline-row';
import { OUTLINES } from './outlines';
import type { Contact } from './scheme';

/** A row of the table by its id, or a geometry of one's own. */
export type OutlineRef = OutlineId | Outline;

const BY_ID = new Map<string, Outline>(OUTLINES.map((row) => [row.id, row]));

export const findOutline = (id: OutlineId): Outline | undefined => BY_ID.get(id);

export function outline(ref: OutlineRef): Outline {
  if (typeof ref !== 'string') return ref;
  const found = BY_ID.get(ref);
  if (!found) throw new Error(`No outline ${ref}`);
  return found;
}

/**
 * The contacts in the order of a ribbon that is pressed on, from contact 1's edge: 1, 6, 2, 7, ... on a
 * D-sub, 1, 2, 3, ... on a header in two rows.
 */
export function ribbonOrder(ref: OutlineRef): Contact[] {
  const { places } = outline(ref);
  const fromX = places[0]?.xMm ?? 0;
  return [...places]
    .sort((a, b) => Math.abs(a.xMm - fromX) - Math.abs(b.xMm - fromX))
    .map(({ contact }) => contact);
}
