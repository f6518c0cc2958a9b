import type { Operation } from './operation';

/**
 * The constraint that puts an operation where it is, in words: what it can't follow, else what waits for
 * it.
 *
 * @param later the operations that come after it, in order.
 */
export function whyNow(
  operation: Operation,
  later: readonly Operation[],
  otherEnd: 'bare' | 'made',
): string {
  if (operation.kind === 'thread-on' && otherEnd === 'bare')
    return 'The other end is still bare, so it can also come from there.';
  const makesAny = (other: Operation, facts: readonly string[]) =>
    other.makes.some((fact) => facts.includes(fact));
  const blocker = later.find((other) => makesAny(other, operation.blockedBy));
  if (blocker) return `After “${title(blocker)}” it can’t go on any more.`;
  const waiting = later.find((other) => other.needs.some((fact) => operation.makes.includes(fact)));
  return waiting ? `“${title(waiting)}” waits for it.` : '';
}

/** What an operation is called: the first clause of its instruction, without fillers. */
export function title({ instruction }: Pick<Operation, 'instruction'>): string {
  const clause = (instruction.replace(/^Stop\. /, '').split(/[.,:;{]/)[0] ?? '').trim();
  return clause.replace(/ (for|with|of|by the|from|so that it ends)$/, '');
}
