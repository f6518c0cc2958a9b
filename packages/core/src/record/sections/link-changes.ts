import type { Job, Link } from '../../link';
import type { UnitSystem } from '../../units';
import { linkFacts } from '../link-facts';
import type { RecordEntry } from './record-sections';

/** One change of a link: which fields it had before, and has since. */
export interface LinkEdit {
  readonly at: string;
  readonly author: string;
  readonly version: number;
  readonly changed: readonly {
    readonly field: string;
    readonly from: unknown;
    readonly to: unknown;
  }[];
}

/**
 * What was changed of a link, in the words in which a record tells the link itself.
 *
 * @param link as it is now
 * @param edits oldest first
 * @returns the newest first
 */
export function linkChanges(
  link: Link,
  edits: readonly LinkEdit[],
  units: UnitSystem,
  job: Job,
): RecordEntry[] {
  let after = link;
  return edits.toReversed().map(({ at, author, version, changed }) => {
    const fields = changed.map(({ field, from }) => [field, from] as const);
    // What it was before each change is what it became, with those fields as they were.
    const before: Link = { ...after, ...Object.fromEntries(fields) };
    const text = told(before, after, units, job);
    after = before;
    return { id: `${at} ${version}`, at, by: author || 'somebody', text };
  });
}

function told(before: Link, after: Link, units: UnitSystem, job: Job): string {
  const [was, is] = [before, after].map(
    (link) => new Map([['Label', link.label], ...linkFacts(link, units, job)]),
  );
  const names = [...new Set([...(was?.keys() ?? []), ...(is?.keys() ?? [])])];
  const parts = names.flatMap((name) => {
    const [old, now] = [was?.get(name) ?? 'nothing', is?.get(name) ?? 'nothing'];
    return old === now ? [] : `${name}: ${now}; before, ${old}.`;
  });
  return parts.join(' ') || 'Put away, taken back, or changed in how its ends are worked.';
}
