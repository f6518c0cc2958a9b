import { distanceOf } from '@near-spoke/core/reflect/hand';
import type { FirstLook } from '@near-spoke/core/reflect/analyse';
import type { Uncertain } from '@near-spoke/core/units';

/** A first look with its places as far away as a velocity factor makes them. */
export const seenBy = (
  look: FirstLook | null | undefined,
  velocity: Uncertain,
): FirstLook | null =>
  look
    ? {
        ...look,
        places: look.places.map((place) => ({
          ...place,
          distanceM: distanceOf(place.delayS, velocity),
        })),
      }
    : null;
