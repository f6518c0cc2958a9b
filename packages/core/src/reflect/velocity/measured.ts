import { ofDeed, type CableFactLike } from '../../link';
import type { Uncertain } from '../../units';
import { pooledVelocity } from './velocity';

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
