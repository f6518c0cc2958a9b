import {
  linkEndpoints,
  readingEndpoints,
  tickEndpoints,
  voidEndpoints,
} from '@near-spoke/contract';
import { cordEndpoints } from '@near-spoke/contract/cords';
import { adapterEndpoints } from '@near-spoke/contract/map';
import { cableFactEndpoints } from '@near-spoke/contract/reflect';
import { testEndpoints } from '@near-spoke/contract/tests';
import { sending, type Sending } from '../api/api';
import type { Deed } from './deed';

type Kinds = { readonly [K in Deed['kind']]: (deed: Extract<Deed, { kind: K }>) => Sending };

const asSeen = (version: number) => ({ version: String(version) });

const SENDING: Kinds = {
  tick: ({ linkId: id, tick: { linkId: _, ...body } }) => sending(tickEndpoints.keep, { id, body }),
  // All but what the server works out for itself.
  reading: ({ linkId: id, reading: { linkId: _, wiring: __, diagnosis: ___, ...body } }) =>
    sending(readingEndpoints.keep, { id, body }),
  test: ({
    linkId: id,
    test: {
      linkId: _,
      tester: __,
      wiring: ___,
      verdict: ____,
      missed: _____,
      summary: ______,
      ...body
    },
  }) => sending(testEndpoints.keep, { id, body }),
  void: ({ linkId, voided: { id, of, reason, at, author } }) =>
    sending(voidEndpoints.keep, { id: linkId, body: { id, of, reason, at, author } }),
  'link-new': ({ siteId: id, link: body }) => sending(linkEndpoints.make, { id, body }),
  'link-change': ({ linkId: id, patch: body }) => sending(linkEndpoints.change, { id, body }),
  'link-away': ({ linkId: id, version }) =>
    sending(linkEndpoints.putAway, { id, query: asSeen(version) }),
  'link-back': ({ linkId: id }) => sending(linkEndpoints.restore, { id }),
  'adapter-new': ({ adapter: { version: _, away: __, ...body } }) =>
    sending(adapterEndpoints.keep, { body }),
  'adapter-change': ({ adapterId: id, patch: body }) =>
    sending(adapterEndpoints.change, { id, body }),
  'adapter-away': ({ adapterId: id, version }) =>
    sending(adapterEndpoints.putAway, { id, query: asSeen(version) }),
  'adapter-back': ({ adapterId: id }) => sending(adapterEndpoints.restore, { id }),
  'cord-batch': ({ batch: { siteId: id, version: _, createdAt: __, ...body } }) =>
    sending(cordEndpoints.begin, { id, body }),
  'cord-fact': ({ batchId: id, fact: { batchId: _, summary: __, ...body } }) =>
    sending(cordEndpoints.keep, { id, body }),
  'cable-fact': ({ fact: { siteId, ...body } }) =>
    sending(cableFactEndpoints.keep, { id: siteId, body }),
  'adapter-fact': ({ adapterId: id, fact: { adapterId: _, ...body } }) =>
    sending(adapterEndpoints.keepFact, { id, body }),
};

/** The request that tells the server of a deed. */
export function sendingOf(deed: Deed): Sending {
  return (SENDING[deed.kind] as (deed: Deed) => Sending)(deed);
}
