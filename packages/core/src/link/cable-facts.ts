import type { Uncertain } from '../units';

/** What was measured of the cables of a site, and where it was found that a place is. */
export type CableDeed =
  | { readonly kind: 'velocity'; readonly velocityFactor: Uncertain; readonly how: VelocityHow }
  | { readonly kind: 'reel'; readonly leftM: Uncertain }
  /** A reel that came, by its label, with the mark at its loose end and which way marks run from there. */
  | {
      readonly kind: 'got';
      readonly lengthM: number;
      readonly markM: number | null;
      readonly marks: 'up' | 'down';
    }
  /** A piece that was cut off, for the link that it is about if any; with the mark at the cut where it was read. */
  | { readonly kind: 'cut'; readonly lengthM: number; readonly markM: number | null }
  /** What is left of a reel is of no use. */
  | { readonly kind: 'gone' }
  | {
      readonly kind: 'place';
      readonly event: string;
      readonly distanceM: Uncertain;
      readonly sentence: string;
    };

export const VELOCITY_HOW = ['one-length', 'several-lengths', 'both-ends'] as const;
export type VelocityHow = (typeof VELOCITY_HOW)[number];

export interface CableFactLike {
  readonly id: string;
  /** A row of the catalogue. */
  readonly cable: string;
  /** As the box is called; empty where it was not told. */
  readonly reel: string;
  readonly at: string;
  readonly deed: CableDeed;
}

type OfKind<F extends CableFactLike, K extends CableDeed['kind']> = F & {
  readonly deed: Extract<CableDeed, { kind: K }>;
};

/** Those of a kind, in their order. */
export function ofDeed<F extends CableFactLike, K extends CableDeed['kind']>(
  facts: readonly F[],
  kind: K,
): OfKind<F, K>[] {
  return facts.filter((fact): fact is OfKind<F, K> => fact.deed.kind === kind);
}
