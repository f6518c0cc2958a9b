import type { LinkSummary } from '@near-spoke/contract';
import type { Entry } from './deed';
import { versionAfter } from './overlay';

/** A link as it will be when what waits here was sent. */
export const asChanged = (link: LinkSummary, waiting: readonly Entry[]): LinkSummary =>
  waiting.reduce((known, { deed }) => {
    if (deed.kind !== 'change' || deed.of !== 'link' || deed.id !== link.id) return known;
    const { version, ...changes } = deed.patch;
    return {
      ...known,
      ...(changes as Partial<LinkSummary>),
      version: versionAfter(known.version, version),
    };
  }, link);
