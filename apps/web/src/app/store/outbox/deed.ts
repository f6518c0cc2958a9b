import type {
  LinkInput,
  LinkPatch,
  Part,
  PartPatch,
  Problem,
  Site,
  SitePatch,
} from '@near-spoke/contract';
import type { CordBatch } from '@near-spoke/contract/cords';
import type { Adapter, AdapterPatch } from '@near-spoke/contract/map';
import type { OwnTester } from '@near-spoke/contract/tests';
import type { About, Kept } from '../facts/kept';

/** What a person enters of something; the server adds the rest. */
type Own<T> = Omit<T, 'id' | 'version' | 'away' | 'siteId' | 'createdAt'>;

/** What people edit, as one is made. */
export interface Made {
  readonly site: Own<Site>;
  readonly link: LinkInput;
  readonly adapter: Own<Adapter>;
  readonly part: Own<Part>;
  readonly tester: Own<OwnTester>;
  readonly batch: Own<CordBatch>;
}

/** What can be changed of it. */
interface Patches {
  readonly site: SitePatch;
  readonly link: LinkPatch;
  readonly adapter: AdapterPatch;
  readonly part: PartPatch;
}

export type EditedId = keyof Made;

export type Make<E extends EditedId = EditedId> = {
  readonly [Of in E]: {
    readonly kind: 'make';
    readonly of: Of;
    readonly id: string;
    /** The site that it belongs to; empty where it is the firm's. */
    readonly siteId: string;
    readonly made: Made[Of];
  };
}[E];

export type Change<E extends keyof Patches = keyof Patches> = {
  readonly [Of in E]: {
    readonly kind: 'change';
    readonly of: Of;
    readonly id: string;
    readonly patch: Patches[Of];
  };
}[E];

/** Something done at this device that the server has to be told. */
export type Deed =
  | ({ readonly kind: 'fact' } & Kept)
  | Make
  | Change
  | {
      readonly kind: 'away';
      readonly of: EditedId;
      readonly id: string;
      readonly version: number;
    }
  | { readonly kind: 'back'; readonly of: EditedId; readonly id: string }
  | {
      /** A file, before the fact that names it. */
      readonly kind: 'file';
      readonly of: 'file';
      /** Its SHA-256. */
      readonly id: string;
      readonly bytes: Blob;
    };

export interface Entry {
  /** A UUID v7: entries are sent in the order of their ids. */
  readonly id: string;
  readonly deed: Deed;
  /** Who did it; what an earlier program kept does not say. */
  readonly author?: string;
  /** What it is, for people: "Reading of K04". */
  readonly what: string;
  /** Not sent before this moment (ms since the epoch), so that a slip can be taken back. */
  readonly holdUntil: number;
  /** Why the server refused it; such an entry waits to be looked at. */
  readonly refused: Problem | null;
  /** How often the server failed over it, for a reason of its own. */
  readonly failures: number;
}

/** What a deed is about, where there are facts about that. */
export function aboutOf(deed: Deed): About | null {
  if (deed.kind === 'fact') return deed.about;
  const { of, id } = deed;
  return of === 'part' || of === 'tester' || of === 'file' ? null : { of, id };
}

/** The link that a deed is about, if it is about one. */
export function linkIdOf(deed: Deed): string | null {
  const about = aboutOf(deed);
  if (about?.of === 'link') return about.id;
  return deed.kind === 'fact' && 'linkId' in deed.fact ? deed.fact.linkId : null;
}
