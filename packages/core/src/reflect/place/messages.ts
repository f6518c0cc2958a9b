import type { LengthHow } from '../../link';
import { message } from '../../message';
import type { Uncertain } from '../../units';
import type { TraceEvent } from '../analyse';

/** What a place on a trace can be; "hand" is one that a person marked. */
export type PlaceKind = TraceEvent['kind'] | 'hand';

/** What a person says is on the far end; nothing of it is taken for granted. */
export const FAR_ENDS = ['unsaid', 'open', 'terminated', 'short'] as const;
export type FarEnd = (typeof FAR_ENDS)[number];

/** Where on a route something lies; metres along the cable. */
export type OnRoute =
  | { readonly at: 'wound-up'; readonly point: string }
  | {
      readonly at: 'between';
      readonly point: string;
      readonly other: string;
      readonly byM: number;
    }
  | { readonly at: 'behind' | 'before'; readonly point: string; readonly byM: number }
  | { readonly at: 'along'; readonly byM: number };

export type BetterMeasure = 'known-length' | 'other-end' | 'route' | 'averages';

interface AtPlug {
  readonly kind: PlaceKind;
  readonly distanceM: Uncertain;
  /** Within which the plug and what is before it can’t be told apart. */
  readonly withinM: number;
}

interface MovedPlace {
  readonly kind: PlaceKind;
  readonly atM: number;
}

/** What a trace tells of a link. Distances are in metres along its cable. */
export interface PlaceMessages {
  readonly 'trace-at': { readonly kind: PlaceKind; readonly distanceM: Uncertain };
  readonly 'trace-behind-end': { readonly kind: PlaceKind; readonly distanceM: Uncertain };
  readonly 'trace-near-plug': AtPlug;
  readonly 'trace-near-plug-why': { readonly kind: PlaceKind };
  readonly 'trace-known-end': { readonly kind: PlaceKind; readonly distanceM: Uncertain };
  readonly 'trace-known-end-why': object;
  readonly 'trace-whole': { readonly distanceM: Uncertain };
  readonly 'trace-whole-why': { readonly withinM: number };
  readonly 'trace-end-or-before': AtPlug;
  readonly 'trace-end-or-before-why': { readonly how: LengthHow; readonly withinM: number };
  readonly 'trace-far-plug': AtPlug;
  readonly 'trace-far-plug-why': { readonly kind: PlaceKind; readonly farEnd: FarEnd };

  readonly 'place-on-route': {
    readonly where: OnRoute;
    readonly openM: number;
    /** Of it, what is wound up and is looked through; and what is left of the way. */
    readonly woundM: number;
    readonly wayM: number;
    /** Whether what is left of the way is less than a hand. */
    readonly isWoundUp: boolean;
    readonly spanM: readonly [number, number];
  };
  readonly 'place-behind-end': { readonly atM: number; readonly lengthM: number };
  readonly 'place-better': {
    readonly measure: BetterMeasure;
    readonly openM: number;
    readonly nowM: number;
  };
  readonly 'place-too-long': {
    readonly endM: number;
    readonly lengthM: number;
    /** What is asked for, as it is told and as it would be; null where nothing lies before the end. */
    readonly place: {
      readonly atM: number;
      readonly wouldBeM: number;
      readonly velocityFactor: number;
    } | null;
  };
  readonly 'place-by-known-end': {
    readonly fromM: number;
    readonly to: Uncertain;
    /** Whether it is the end itself, which is no news. */
    readonly isEnd: boolean;
    readonly velocityFactor: number;
  };
  readonly 'place-and-map': {
    readonly kind: 'open' | 'short';
    readonly contacts: readonly string[];
    readonly atM: number;
    readonly lengthM: number;
    readonly where: 'near-end' | 'far-end' | 'route' | 'beyond';
    readonly connector: string;
  };
  readonly 'moved-new': MovedPlace;
  readonly 'moved-gone': MovedPlace;
  readonly 'moved-not': MovedPlace & { readonly byM: Uncertain };
  readonly 'moved-by': MovedPlace & { readonly byM: Uncertain; readonly isFurther: boolean };
  /** Of an earlier trace taken out of a later one: where something is left, nothing, or their launches differ. */
  readonly 'since-changed': { readonly at: readonly Uncertain[] };
  readonly 'since-alike': object;
  readonly 'since-unlike': object;
}

export const tell = message<PlaceMessages>();
