import { isDeepStrictEqual } from 'node:util';
import { ProblemError } from './problem-error';

/**
 * After a create that met an id already in use: the same content again, whose answer was lost, is a success;
 * other content is a conflict, and so is something that was put away since.
 *
 * @param sent what it was to be made of
 * @returns what is stored
 */
export function sameCreate<T extends object>(
  what: string,
  stored: T,
  sent: object,
  away: boolean,
): T {
  if (away)
    throw new ProblemError(
      409,
      'Put away',
      `This ${what} is there already, and was put away since.`,
      { current: stored },
    );
  if (!isDeepStrictEqual({ ...stored, ...sent }, stored))
    throw new ProblemError(409, 'Id in use', `Another ${what} has this id. Use a new id.`, {
      current: stored,
    });
  return stored;
}
