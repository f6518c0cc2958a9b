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
  | { readonly kind: 'link-away'; readonly linkId: string; readonly version: number }
  | { readonly kind: 'link-back'; readonly linkId: string }
  | { readonly kind: 'adapter-new'; readonly adapter: Adapter }
  | { readonly kind: 'adapter-change'; readonly adapterId: string; readonly patch: AdapterPatch }
  | { readonly kind: 'adapter-away'; readonly adapterId: string; readonly version: number }
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
  /** How often the server failed over it, for a reason of its own. */
  readonly failures: number;
}

export interface Sending {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

type Kinds = { readonly [K in Deed['kind']]: (deed: Extract<Deed, { kind: K }>) => Sending };

const sending = (method: string, path: string, body?: unknown): Sending => ({ method, path, body });

const SENDING: Kinds = {
  tick: ({ linkId, tick: { linkId: _, ...body } }) =>
    sending('POST', `/api/links/${linkId}/ticks`, body),
  // All but what the server works out for itself.
  reading: ({ linkId, reading: { linkId: _, wiring: __, diagnosis: ___, ...body } }) =>
    sending('POST', `/api/links/${linkId}/readings`, body),
  test: ({
    linkId,
    test: {
      linkId: _,
      tester: __,
      wiring: ___,
      verdict: ____,
      missed: _____,
      summary: ______,
      ...body
    },
  }) => sending('POST', `/api/links/${linkId}/tests`, body),
  'link-new': ({ siteId, link }) => sending('POST', `/api/sites/${siteId}/links`, link),
  'link-change': ({ linkId, patch }) => sending('PATCH', `/api/links/${linkId}`, patch),
  'link-away': ({ linkId, version }) =>
    sending('DELETE', `/api/links/${linkId}?version=${version}`),
  'link-back': ({ linkId }) => sending('POST', `/api/links/${linkId}/restore`),
  'adapter-new': ({ adapter: { version: _, away: __, ...body } }) =>
    sending('POST', '/api/adapters', body),
  'adapter-change': ({ adapterId, patch }) => sending('PATCH', `/api/adapters/${adapterId}`, patch),
  'adapter-away': ({ adapterId, version }) =>
    sending('DELETE', `/api/adapters/${adapterId}?version=${version}`),
  'adapter-back': ({ adapterId }) => sending('POST', `/api/adapters/${adapterId}/restore`),
  'cord-batch': ({ batch: { siteId, version: _, createdAt: __, ...body } }) =>
    sending('POST', `/api/sites/${siteId}/cords`, body),
  'cord-fact': ({ batchId, fact: { batchId: _, summary: __, ...body } }) =>
    sending('POST', `/api/cords/${batchId}/facts`, body),
  'cable-fact': ({ fact: { siteId, ...body } }) =>
    sending('POST', `/api/sites/${siteId}/cable-facts`, body),
  'adapter-fact': ({ adapterId, fact: { adapterId: _, ...body } }) =>
    sending('POST', `/api/adapters/${adapterId}/facts`, body),
};

/** The link that a deed is about, if it is about one. */
export const linkIdOf = (deed: Deed): string | null =>
  'linkId' in deed ? deed.linkId : deed.kind === 'cable-fact' ? deed.fact.linkId : null;

/** The request that tells the server of a deed. */
export function sendingOf(deed: Deed): Sending {
  return (SENDING[deed.kind] as (deed: Deed) => Sending)(deed);
}
