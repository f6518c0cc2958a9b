import type { LinkSummary } from '@near-spoke/contract';
import { hubOf, type Job } from '@near-spoke/core/link';
import { NOT_TESTED, summariseLink } from '@near-spoke/core/record';
import type { Entry, Make } from './deed';
import { versionAfter } from './overlay';

/** A link that waits to be made, as it will be. */
export function madeHere({ id, siteId, made: link }: Make<'link'>, job: Job): LinkSummary {
  const { near, far } = link;
  const made = {
    ...link,
    id,
    siteId,
    hub: link.hub ?? hubOf(near.place),
    near: { ...near, scheme: near.scheme ?? ('T568B' as const) },
    far: { ...far, scheme: far.scheme ?? ('T568B' as const) },
    lengthM: link.lengthM ?? null,
    route: [...(link.route ?? [])],
    environment: link.environment ?? ('indoor' as const),
    schools: (link.schools ?? {}) as LinkSummary['schools'],
    note: link.note ?? '',
    version: 1,
  };
  return summariseLink(made, [], NOT_TESTED, job);
}

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
