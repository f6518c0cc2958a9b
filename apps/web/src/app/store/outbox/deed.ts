import type { LinkInput, LinkPatch, Problem, Reading, Tick, Voided } from '@near-spoke/contract';
import type { CordBatch, CordFact } from '@near-spoke/contract/cords';
import type { CableFact } from '@near-spoke/contract/reflect';
import type { Adapter, AdapterFact, AdapterPatch } from '@near-spoke/contract/map';
import type { Test } from '@near-spoke/contract/tests';

/** Something done at this device that the server has to be told. */
export type Deed =
  | { readonly kind: 'tick'; readonly linkId: string; readonly tick: Tick }
  | { readonly kind: 'reading'; readonly linkId: string; readonly reading: Reading }
  | { readonly kind: 'test'; readonly linkId: string; readonly test: Test }
  | { readonly kind: 'void'; readonly linkId: string; readonly voided: Voided }
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

/** The link that a deed is about, if it is about one. */
export const linkIdOf = (deed: Deed): string | null =>
  'linkId' in deed ? deed.linkId : deed.kind === 'cable-fact' ? deed.fact.linkId : null;
