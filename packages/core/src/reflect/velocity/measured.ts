import type { Uncertain } from '../../units';
import { pooledVelocity } from './velocity';

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

/** The velocity factor to go by, and what it rests on. */
export interface KnownVelocity {
  readonly velocityFactor: Uncertain;
  readonly from: 'reel' | 'cable' | 'catalogue';
  /** How many measurements; 0 of the catalogue’s. */
  readonly count: number;
  /** Of the newest. */
  readonly at: string | null;
}

/** Reels of one cable differ by about this share: a measurement on another reel tells no more. */
const BETWEEN_REELS = 0.005;

/**
 * The velocity factor of a cable: what was measured on this reel, else on others of the same cable, else
 * the catalogue's generic figure with its wide uncertainty.
 */
export function knownVelocity(
  facts: readonly CableFactLike[],
  cable: string,
  reel: string,
  catalogue: Uncertain,
): KnownVelocity {
  const measured = ofDeed(facts, 'velocity').filter((fact) => fact.cable === cable);
  const own = reel === '' ? [] : measured.filter((fact) => fact.reel === reel);
  const used = own.length > 0 ? own : measured;
  const pooled = pooledVelocity(used.map(({ deed }) => deed.velocityFactor));
  const at = used.reduce<string | null>(
    (newest, fact) => (newest === null || fact.at > newest ? fact.at : newest),
    null,
  );
  if (!pooled) return { velocityFactor: catalogue, from: 'catalogue', count: 0, at: null };
  return own.length > 0
    ? { velocityFactor: pooled, from: 'reel', count: own.length, at }
    : {
        velocityFactor: {
          value: pooled.value,
          u: Math.hypot(pooled.u, BETWEEN_REELS * pooled.value),
        },
        from: 'cable',
        count: measured.length,
        at,
      };
}
