import type { Errands } from './errands';

/** A visit given to somebody, and with it all that the same person has to do. */
export function givenTo(
  { together }: Errands,
  who: readonly number[],
  visit: number,
  person: number,
): number[] {
  const next = [...who];
  for (const one of together[visit] ?? []) next[one] = person;
  return next;
}
