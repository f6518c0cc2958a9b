import { isDeepStrictEqual } from 'node:util';
import { staleVersion } from './problem-error';

/**
 * After a write that met another version than it was for: a change that is stored already, whose answer was
 * lost, is a success; any other is a conflict.
 *
 * @param version that the write was for
 * @param changes what it was to make of what is stored
 * @returns what is stored
 */
export function sameChange<T extends { readonly version: number }>(
  what: string,
  stored: T,
  version: number,
  changes: Partial<T>,
): T {
  const again = stored.version > version && isDeepStrictEqual({ ...stored, ...changes }, stored);
  if (!again) throw staleVersion(what, stored);
  return stored;
}
