import type { Jacket } from '../catalogue';
import type { ContactNode, End, LengthHow } from '../link';
import { message, type Message } from '../message';
import type { PlaceKind } from '../reflect/place';
import type { RemakeCause } from '../terminate';
import type { FaultKind } from '../verify';
import type { Entered } from './entered';
import type { LinkState } from './link-states';

/** What a note or photo is about: an end, or the way between them. */
export type Where = End | 'along';

/** What a record tells of a link. */
export interface RecordMessages {
  readonly 'link-state': { readonly state: LinkState };
  readonly 'link-end': { readonly end: End };
  readonly where: { readonly where: Where };
  /** How what a tester showed came into the record; of several results together in few words. */
  readonly entered: { readonly entered: Entered };
  readonly 'entered-count': { readonly entered: Entered; readonly count: number };

  readonly 'next-change-end': { readonly end: End; readonly connector: string };
  readonly 'next-make-end': {
    readonly end: End;
    readonly place: string;
    readonly begun: boolean;
  };
  readonly 'next-test': object;
  readonly 'next-test-again': object;
  readonly 'next-test-remade': object;
  readonly 'next-print': object;
  readonly 'next-explain': { readonly summary: string };
  readonly 'next-prove-pairing': object;
  readonly 'next-rule-out': { readonly kinds: readonly FaultKind[] };

  readonly 'fact-name': { readonly fact: FactName };
  readonly 'fact-length': { readonly lengthM: number; readonly how: LengthHow };
  readonly 'fact-not-known': object;
  readonly 'fact-end': {
    readonly connector: string;
    readonly scheme: string | null;
    readonly place: string;
  };
  readonly 'fact-run': { readonly environment: Jacket };
  readonly 'fact-route': {
    readonly route: readonly {
      readonly name: string;
      readonly atM: number;
      readonly extraM: number;
    }[];
  };
  readonly 'was-and-is': {
    readonly name: Message;
    readonly was: Message;
    readonly is: Message;
  };
  readonly 'nothing-there': object;
  readonly 'changed-elsewhere': object;
  readonly somebody: object;

  readonly section: { readonly section: SectionName };
  readonly 'note-about': { readonly where: Where; readonly text: string };
  readonly 'cannot-see': { readonly kinds: readonly FaultKind[] };
  readonly 'trace-kept': { readonly name: string; readonly blob: string };
  readonly 'drift-ohms': {
    readonly from: ContactNode;
    readonly to: ContactNode;
    readonly joined: readonly string[];
  };
  readonly 'drift-place': { readonly kind: PlaceKind };
  readonly ticked: { readonly end: End; readonly done: boolean; readonly count: number };
  readonly remade: { readonly end: End; readonly cause: RemakeCause };
  readonly 'trace-of': { readonly name: string };
  readonly 'photo-of': { readonly where: Where; readonly text: string };
  readonly 'velocity-of': { readonly of: string; readonly velocityFactor: number };
  readonly 'left-on': { readonly of: string; readonly leftM: number };
  readonly 'reel-length': {
    readonly of: string;
    readonly what: 'got' | 'cut';
    readonly lengthM: number;
  };
  readonly 'reel-gone': { readonly of: string };
  readonly drawn: {
    readonly what: 'picture' | 'scale' | 'way' | 'place' | 'off';
    /** Empty where it has none. */
    readonly name: string;
  };
  readonly 'drawn-together': { readonly count: number };
  readonly 'adapter-deed': { readonly kind: AdapterDeed };
  readonly 'taken-back': { readonly summary: string; readonly reason: string };
  readonly signed: { readonly author: string; readonly device: string };
}

export type FactName =
  'label' | 'cable' | 'length' | 'near' | 'far' | 'place' | 'hub' | 'route' | 'note';
/** What is done with an adapter. */
export type AdapterDeed = 'test' | 'probe' | 'walk' | 'difference' | 'restart';
export type SectionName = 'notes' | 'tests' | 'places' | 'traces' | 'earlier' | 'taken-back';

export const tell = message<RecordMessages>();
