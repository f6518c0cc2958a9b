import {
  blobEndpoints,
  linkEndpoints,
  partEndpoints,
  siteEndpoints,
  type Endpoint,
} from '@near-spoke/contract';
import { cordEndpoints } from '@near-spoke/contract/cords';
import { FACT_KINDS, type FactKind } from '@near-spoke/contract/facts';
import { adapterEndpoints } from '@near-spoke/contract/map';
import { ownTesterEndpoints } from '@near-spoke/contract/tests';
import type { Sending } from '../api/api';
import type { Kept } from '../facts/kept';
import type { Deed, EditedId } from './deed';

/** How what people edit is made, changed, put away and taken back; null where it can't be. */
const EDITED: Readonly<
  Record<EditedId, Readonly<Record<Exclude<Deed['kind'], 'fact' | 'file'>, Endpoint | null>>>
> = {
  site: {
    make: siteEndpoints.make,
    change: siteEndpoints.change,
    away: siteEndpoints.putAway,
    back: siteEndpoints.restore,
  },
  link: {
    make: linkEndpoints.make,
    change: linkEndpoints.change,
    away: linkEndpoints.putAway,
    back: linkEndpoints.restore,
  },
  adapter: {
    make: adapterEndpoints.keep,
    change: adapterEndpoints.change,
    away: adapterEndpoints.putAway,
    back: adapterEndpoints.restore,
  },
  part: {
    make: partEndpoints.add,
    change: partEndpoints.change,
    away: partEndpoints.putAway,
    back: partEndpoints.restore,
  },
  tester: {
    make: ownTesterEndpoints.make,
    change: null,
    away: ownTesterEndpoints.putAway,
    back: ownTesterEndpoints.restore,
  },
  batch: { make: cordEndpoints.begin, change: null, away: null, back: null },
};

/** What is sent of a fact: all but what the server works out for itself. */
function factSending({ of, about, fact }: Kept): Sending {
  const { keep, path }: FactKind = FACT_KINDS[of];
  const fields: [name: string, value: unknown][] = Object.entries(fact);
  const body = Object.fromEntries(fields.filter(([name]) => name in keep.body.shape));
  const id = path ? fields.find(([name]) => name === path)?.[1] : about.id;
  return { endpoint: keep, id: String(id), body };
}

/** The request that tells the server of a deed. */
export function sendingOf(deed: Deed): Sending {
  if (deed.kind === 'fact') return factSending(deed);
  if (deed.kind === 'file') return { endpoint: blobEndpoints.keep, body: deed.bytes };
  const endpoint = EDITED[deed.of][deed.kind];
  if (!endpoint) throw new Error(`There is no way to tell the server: ${deed.kind} ${deed.of}`);
  switch (deed.kind) {
    case 'make':
      return { endpoint, id: deed.siteId, body: { ...deed.made, id: deed.id } };
    case 'change':
      return { endpoint, id: deed.id, body: deed.patch };
    case 'away':
      return { endpoint, id: deed.id, query: { version: String(deed.version) } };
    case 'back':
      return { endpoint, id: deed.id };
  }
}
