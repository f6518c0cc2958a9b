import type { LinkRow } from '@near-spoke/contract';
import { ENDS, type End, type Job } from '@near-spoke/core/link';

/** Ends of one hub that take the same cable and connector, and are not made. */
export interface BatchGroup {
  readonly key: string;
  readonly name: string;
  readonly ends: readonly { readonly link: LinkRow; readonly end: End }[];
}

/** Where an end is worked at: near ends at the hub; the far ends of cords at the same bench. */
const benchOf = (link: LinkRow, end: End): string => {
  const cord = link.lengthM !== null && link.lengthM <= BENCH_CORD_M;
  return end === 'near' || cord ? link.hub : `${link.hub}, far ends`;
};

/** A cord as short as this lies on the bench with both ends. Generic, metres. */
const BENCH_CORD_M = 5;

/**
 * Ends that are worth making together: two or more alike that can be made and are not finished, the
 * largest group first.
 */
export function batchGroups(links: readonly LinkRow[], { catalogue }: Job): BatchGroup[] {
  const groups = new Map<string, { name: string; ends: { link: LinkRow; end: End }[] }>();
  for (const link of links)
    for (const end of ENDS) {
      const { state } = link.ends[end];
      if (state === 'made' || state === 'does-not-fit') continue;
      const { connector, scheme } = link[end];
      const part = catalogue.connector(connector);
      const rule = part.wiring === 'four-pair' ? `, ${scheme}` : '';
      const bench = benchOf(link, end);
      const key = [bench, link.cable, connector, rule].join('/');
      const name = `${bench}: ${part.name}${rule}, on ${catalogue.cable(link.cable).name}`;
      const group = groups.get(key) ?? { name, ends: [] };
      group.ends.push({ link, end });
      groups.set(key, group);
    }
  return [...groups]
    .map(([key, group]) => ({ key, ...group }))
    .filter(({ ends }) => ends.length > 1)
    .sort((a, b) => b.ends.length - a.ends.length);
}
