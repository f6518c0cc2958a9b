import * as z from 'zod';

/** What of a site is on this device. */
export interface TakenAlong {
  readonly at: number;
  readonly links: number;
  /** Links that the site has. */
  readonly of: number;
}

const PREFIX = 'near-spoke.along.';
const taken = z.object({ at: z.number(), links: z.int(), of: z.int() });

/** What of a site is on this device; null if nothing is. */
export function takenAlong(siteId: string): TakenAlong | null {
  try {
    return taken.parse(JSON.parse(localStorage.getItem(PREFIX + siteId) ?? 'null'));
  } catch {
    return null;
  }
}

export function noteTaken(siteId: string, what: TakenAlong): void {
  try {
    localStorage.setItem(PREFIX + siteId, JSON.stringify(what));
  } catch {
    // Then its age is not told.
  }
}
