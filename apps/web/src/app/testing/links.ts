import type { LinkRow, LinkSummary } from '@near-spoke/contract';
import { PLAIN_JOB } from '@near-spoke/core/link';
import { NOT_TESTED, summariseLink } from '@near-spoke/core/record';
import { tellIn, told } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';
import { v7 } from 'uuid';

export const SITE_ID = '01900000-0000-7000-8000-000000000001';

/** A link as the server gives it, whole and as in a list, for tests. */
export function testLink(
  label: string,
  rest: Partial<LinkSummary> = {},
): LinkSummary & Pick<LinkRow, 'stamp'> {
  const link = {
    id: v7(),
    siteId: SITE_ID,
    version: 1,
    label,
    hub: 'C1',
    near: { place: `C1/A/${label}`, connector: 'keystone-punch-down', scheme: 'T568B' as const },
    far: { place: `Kiosk ${label}`, connector: 'plug-8p8c', scheme: 'T568B' as const },
    cable: 'cat6-uutp-solid',
    lengthM: 30,
    route: [],
    environment: 'indoor' as const,
    schools: {},
    note: '',
  };
  const summary = told(summariseLink(link, [], NOT_TESTED, PLAIN_JOB), tellIn(ENGLISH, 'metric'));
  return { ...summary, ...rest, stamp: 0 };
}

/** The same as a list has it. */
export const testRow = (link: LinkSummary): LinkRow => ({
  id: link.id,
  label: link.label,
  hub: link.hub,
  near: link.near,
  far: link.far,
  cable: link.cable,
  lengthM: link.lengthM,
  note: link.note,
  state: link.state,
  ends: { near: { state: link.ends.near.state }, far: { state: link.ends.far.state } },
  next: { stage: link.next.stage },
  stamp: 0,
});
