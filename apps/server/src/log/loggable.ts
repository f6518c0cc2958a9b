import { constraintOf, sqlState } from '../db/sql-state';

/**
 * What is logged of an error: what it is and where it came from, nothing of what people wrote. Messages of
 * the database and of parsers quote the values they stumble over.
 */
export function loggable(error: unknown): object {
  if (!(error instanceof Error)) return { type: typeof error };
  const state = sqlState(error);
  const constraint = constraintOf(error);
  return {
    type: error.constructor.name,
    ...(state === '' ? {} : { state }),
    ...(constraint === '' ? {} : { constraint }),
    at: placesIn(error),
  };
}

/** The lines of a stack that name a place in a file, those of causes too. */
function placesIn(error: Error): string[] {
  const own = (error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .map((line) => line.trim());
  return [...own.slice(0, 12), ...(error.cause instanceof Error ? placesIn(error.cause) : [])];
}
