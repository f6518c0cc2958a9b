import type { Job, Link } from '../../link';
import { NOTHING, common, sentences, type Message } from '../../message';
import { linkFacts } from '../link-facts';
import { tell } from '../messages';
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
 * What was changed of a link, as a record tells the link itself.
 *
 * @param link as it is now
 * @param edits oldest first
 * @returns the newest first
 */
export function linkChanges(link: Link, edits: readonly LinkEdit[], job: Job): RecordEntry[] {
  let after = link;
  return edits.toReversed().map(({ at, author, version, changed }) => {
    const fields = changed.map(({ field, from }) => [field, from] as const);
    // What it was before each change is what it became, with those fields as they were.
    const before: Link = { ...after, ...Object.fromEntries(fields) };
    const text = told(before, after, job);
    after = before;
    return {
      id: `${at} ${version}`,
      at,
      by: author ? tell('signed', { author, device: '' }) : tell('somebody', {}),
      text,
    };
  });
}

function told(before: Link, after: Link, job: Job): Message {
  const [was, is] = [before, after].map(
    (link) =>
      new Map(
        [
          [tell('fact-name', { fact: 'label' }), common('name', { name: link.label })] as const,
          ...linkFacts(link, job),
        ].map(([name, value]) => [JSON.stringify(name), { name, value }]),
      ),
  );
  const keys = [...new Set([...(was?.keys() ?? []), ...(is?.keys() ?? [])])];
  const none = tell('nothing-there', {});
  const parts = keys.map((key) => {
    const [old, now] = [was?.get(key), is?.get(key)];
    const name = (now ?? old)?.name ?? NOTHING;
    return JSON.stringify(old?.value) === JSON.stringify(now?.value)
      ? NOTHING
      : tell('was-and-is', { name, was: old?.value ?? none, is: now?.value ?? none });
  });
  const changed = parts.filter((part) => part !== NOTHING);
  return changed.length > 0 ? sentences(changed) : tell('changed-elsewhere', {});
}
