/** The code of an error of PostgreSQL or of the system, "" where it has none; Drizzle wraps it in another. */
export function sqlState(error: unknown): string {
  const own = (error as { code?: unknown } | null)?.code;
  if (typeof own === 'string') return own;
  const cause = (error as { cause?: unknown } | null)?.cause;
  return cause === undefined ? '' : sqlState(cause);
}

/** The constraint that a write offends, "" where it offends none. */
export function constraintOf(error: unknown): string {
  const own = (error as { constraint?: unknown } | null)?.constraint;
  if (typeof own === 'string') return own;
  const cause = (error as { cause?: unknown } | null)?.cause;
  return cause === undefined ? '' : constraintOf(cause);
}
