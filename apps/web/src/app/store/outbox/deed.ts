import type { LinkInput, LinkPatch, Problem, Reading, Tick } from '@near-spoke/contract';
import type { CordBatch, CordFact } from '@near-spoke/contract/cords';
import type { CableFact } from '@near-spoke/contract/reflect';
import type { Adapter, AdapterFact, AdapterPatch } from '@near-spoke/contract/map';
import type { Test } from '@near-spoke/contract/tests';

/** Something done at this device that the server has to be told. */
export type Deed =
  | { readonly kind: 'tick'; readonly linkId: string; readonly tick: Tick }
  | { readonly kind: 'reading'; readonly linkId: string; readonly reading: Reading }
  | { readonly kind: 'test'; readonly linkId: string; readonly test: Test }
  | {
      readonly kind: 'link-new';
      readonly linkId: string;
      readonly siteId: string;
      readonly link: LinkInput;
    }
  | { readonly kind: 'link-change'; readonly linkId: string; readonly patch: LinkPatch }
  | { readonly kind: 'link-away'; readonly linkId: string }
  | { readonly kind: 'link-back'; readonly linkId: string }
  | { readonly kind: 'adapter-new'; readonly adapter: Adapter }
  | { readonly kind: 'adapter-change'; readonly adapterId: string; readonly patch: AdapterPatch }
  | { readonly kind: 'adapter-away'; readonly adapterId: string }
  | { readonly kind: 'adapter-back'; readonly adapterId: string }
  | { readonly kind: 'adapter-fact'; readonly adapterId: string; readonly fact: AdapterFact }
  | { readonly kind: 'cord-batch'; readonly batch: CordBatch }
  | { readonly kind: 'cord-fact'; readonly batchId: string; readonly fact: CordFact }
  | { readonly kind: 'cable-fact'; readonly fact: CableFact };

export interface Entry {
  /** A UUID v7: entries are sent in the order of their ids. */
  readonly id: string;
  readonly deed: Deed;
  /** What it is, for people: "Reading of K04". */
  readonly what: string;
  /** Not sent before this moment (ms since the epoch), so that a slip can be taken back. */
  readonly holdUntil: number;
  /** Why the server refused it; such an entry waits to be looked at. */
  readonly refused: Problem | null;
}

interface Sending {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

type Kinds = { readonly [K in Deed['kind']]: (deed: Extract<Deed, { kind: K }>) => Sending };

const SENDING: Kinds = {
  tick: ({ linkId, tick: { linkId: _, ...body } }) => ({
    method: 'POST',
    path: `/api/links/${linkId}/ticks`,
    body,
  }),
  reading: ({ linkId, reading: { id, takenAt, author, note, tester, nets, splitPairs } }) => ({
    method: 'POST',
    path: `/api/links/${linkId}/readings`,
    body: { id, takenAt, author, note, tester, nets, splitPairs },
  }),
  test: ({ linkId, test: { id, takenAt, author, note, reading } }) => ({
    method: 'POST',
    path: `/api/links/${linkId}/tests`,
    body: { id, takenAt, author, note, reading },
  }),
  'link-new': ({ siteId, link }) => ({
    method: 'POST',
    path: `/api/sites/${siteId}/links`,
    body: link,
  }),
  'link-change': ({ linkId, patch }) => ({
    method: 'PATCH',
    path: `/api/links/${linkId}`,
    body: patch,
  }),
  'link-away': ({ linkId }) => ({
    method: 'DELETE',
    path: `/api/links/${linkId}`,
    body: undefined,
  }),
  'link-back': ({ linkId }) => ({
    method: 'POST',
    path: `/api/links/${linkId}/restore`,
    body: undefined,
  }),
  'adapter-new': ({ adapter: { version: _, away: __, ...body } }) => ({
    method: 'POST',
    path: '/api/adapters',
    body,
  }),
  'adapter-change': ({ adapterId, patch }) => ({
    method: 'PATCH',
    path: `/api/adapters/${adapterId}`,
    body: patch,
  }),
  'adapter-away': ({ adapterId }) => ({
    method: 'DELETE',
    path: `/api/adapters/${adapterId}`,
    body: undefined,
  }),
  'adapter-back': ({ adapterId }) => ({
    method: 'POST',
    path: `/api/adapters/${adapterId}/restore`,
    body: undefined,
  }),
  'cord-batch': ({ batch: { siteId, version: _, createdAt: __, ...body } }) => ({
    method: 'POST',
    path: `/api/sites/${siteId}/cords`,
    body,
  }),
  'cord-fact': ({ batchId, fact: { batchId: _, summary: __, ...body } }) => ({
    method: 'POST',
    path: `/api/cords/${batchId}/facts`,
    body,
  }),
  'cable-fact': ({ fact: { siteId, ...body } }) => ({
    method: 'POST',
    path: `/api/sites/${siteId}/cable-facts`,
    body,
  }),
  'adapter-fact': ({ adapterId, fact: { adapterId: _, ...body } }) => ({
    method: 'POST',
    path: `/api/adapters/${adapterId}/facts`,
    body,
  }),
};

/** The link that a deed is about, if it is about one. */
export const linkIdOf = (deed: Deed): string | null =>
  'linkId' in deed ? deed.linkId : deed.kind === 'cable-fact' ? deed.fact.linkId : null;

/** The request that tells the server of a deed. */
export function sendingOf(deed: Deed): Sending {
  return (SENDING[deed.kind] as (deed: Deed) => Sending)(deed);
}
