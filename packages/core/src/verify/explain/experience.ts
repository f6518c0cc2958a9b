import type { Fault } from '../fault';
import type { Experience } from './prior';

/** An end that was cut off and made again because of a test, and what that test had found. */
export interface Remake {
  readonly end: 'near' | 'far';
  readonly faults: readonly Pick<Fault, 'kind'>[];
}

/** What a firm has seen of its own links: each remade end confirms the faults that sent it back. */
export function experienceOf(testedLinks: number, remakes: readonly Remake[]): Experience {
  const counts = new Map<string, Experience['faults'][number]>();
  for (const { end, faults } of remakes)
    for (const { kind } of faults) {
      const key = `${kind} ${end}`;
      counts.set(key, { kind, end, count: (counts.get(key)?.count ?? 0) + 1 });
    }
  return { links: testedLinks, faults: [...counts.values()] };
}
