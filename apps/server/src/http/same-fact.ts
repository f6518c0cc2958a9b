import { isDeepStrictEqual } from 'node:util';
import { ProblemError } from './problem-error';

/** After a write that met an id already in use: the same fact is a retry, another one a conflict. */
export function refuseOtherFact(stored: unknown, sent: unknown, current: unknown): void {
  if (isDeepStrictEqual(stored, sent)) return;
  throw new ProblemError(409, 'Id in use', 'Another entry has this id. Use a new id.', { current });
}
