// Loaded once links are looked at: where one stands is worked out from the steps of all connectors.
import type { LinkSummary } from '@near-spoke/contract';
import { hubOf, type Job } from '@near-spoke/core/link';
import { NOT_TESTED, summariseLink } from '@near-spoke/core/record';
import { told, type Tell } from '@near-spoke/words';
import { testedBy, type evidenceOf } from '../facts/facts';
import type { Make } from '../outbox/deed';

/** A link that waits to be made, as it will be. */
export function madeHere(
  { id, siteId, made: link }: Make<'link'>,
  job: Job,
  tell: Tell,
): LinkSummary {
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
  return told(summariseLink(made, [], NOT_TESTED, job), tell);
}

/** Where a link stands by all that is known of it here. */
export const standing = (
  link: LinkSummary,
  facts: ReturnType<typeof evidenceOf>,
  job: Job,
  tell: Tell,
): LinkSummary => told(summariseLink(link, facts.ticks, testedBy(facts), job), tell);
