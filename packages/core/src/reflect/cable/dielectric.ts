import type { Uncertain } from '../../units';

/** What a cable's conductors are held apart by. */
export type Dielectric = 'solid-polyethylene' | 'foam-polyethylene' | 'air-spaced' | 'solid-ptfe';

/**
 * Velocity factors by what is between the conductors, with how far makes and drums of that kind spread. Of what is
 * solid it is 1 / √εr: 2.3 of polyethylene, 2.1 of PTFE; a foam's and a spacer's goes with their share of gas.
 * Generic: the sheet of the reel, or a known length, takes their place.
 */
export const VELOCITY_BY_DIELECTRIC: Readonly<Record<Dielectric, Uncertain>> = {
  'solid-polyethylene': { value: 0.66, u: 0.007 },
  'foam-polyethylene': { value: 0.82, u: 0.025 },
  'air-spaced': { value: 0.88, u: 0.02 },
  'solid-ptfe': { value: 0.695, u: 0.01 },
};

export const DIELECTRICS = Object.keys(VELOCITY_BY_DIELECTRIC) as [Dielectric, ...Dielectric[]];
