import type { Change } from './guess';

/** What an endless branch throws back, or as well the cable that goes on while the branch ends. */
const OF_A_BRANCH = -1 / 3;
/** By noise and by how even cables are. */
const STRAYS = 0.05;
/** So much comes back of an open end. */
const OPEN = 0.85;

/**
 * A branch whose far end gives nothing back, before an open end: or it is the branch that ends there, and the
 * line that is matched. Both throw back the same.
 *
 * @returns the two places; null where the last two are nothing of the kind
 */
export function branchOrEnd(
  changes: readonly Change[],
): { readonly branch: Change; readonly end: Change } | null {
  const [branch, end] = changes.slice(-2);
  return branch?.kind === 'shunt' &&
    end?.kind === 'end' &&
    end.size > OPEN &&
    Math.abs(branch.size - OF_A_BRANCH) < STRAYS
    ? { branch, end }
    : null;
}
