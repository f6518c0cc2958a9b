import { NOTHING, type Message } from '../message';
import { tell } from './messages';
import { wordingOf, type Operation } from './operation';

/**
 * The constraint that puts an operation where it is: what it can't follow, else what waits for it.
 *
 * @param later the operations that come after it, in order.
 */
export function whyNow(
  operation: Operation,
  later: readonly Operation[],
  otherEnd: 'bare' | 'made',
): Message {
  if (operation.kind === 'thread-on' && otherEnd === 'bare') return tell('still-bare', {});
  const makesAny = (other: Operation, facts: readonly string[]) =>
    other.makes.some((fact) => facts.includes(fact));
  const blocker = later.find((other) => makesAny(other, operation.blockedBy));
  if (blocker) return tell('shut-out-by', { step: wordingOf(blocker) });
  const waiting = later.find((other) => other.needs.some((fact) => operation.makes.includes(fact)));
  return waiting ? tell('awaited-by', { step: wordingOf(waiting) }) : NOTHING;
}
