import type { LinkSummary } from '@near-spoke/contract';
import type { Entry } from './deed';
import { versionAfter } from './overlay';

/** A link as it will be when what waits here was sent; null where it is put away by then. */
export const asChanged = (link: LinkSummary, waiting: readonly Entry[]): LinkSummary | null =>
  waiting.reduce<LinkSummary | null>((known, { deed }) => {
    if (deed.kind === 'fact' || deed.of !== 'link' || deed.id !== link.id) return known;
    if (deed.kind === 'away') return null;
    if (deed.kind === 'back') return known ?? link;
    if (deed.kind !== 'change' || known === null) return known;
    const { version, ...changes } = deed.patch;
    return {
      ...known,
      ...(changes as Partial<LinkSummary>),
      version: versionAfter(known.version, version),
    };
  }, link);
