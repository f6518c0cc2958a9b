import type { KnownVelocity } from '@near-spoke/core/reflect/velocity';

/** What a velocity factor rests on, for people. */
export function velocitySource({ from, count, at }: KnownVelocity): string {
  const day = at?.slice(0, 10) ?? '';
  const times = count === 1 ? 'once' : `${count} times`;
  switch (from) {
    case 'reel':
      return `The velocity factor was measured ${times} on this reel, last on ${day}.`;
    case 'cable':
      return `The velocity factor was measured ${times} on this cable, last on ${day}.`;
    case 'catalogue':
      return 'The velocity factor is the catalogue’s generic figure: it was not measured here yet.';
  }
}
