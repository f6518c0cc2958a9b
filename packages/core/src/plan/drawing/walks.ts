import type { Between } from '../site-day';
import type { Building } from './building';
import { unitsBetween } from './scale';

/** Nobody walks straight through walls: a walk is so much longer than the line between two places. Generic. */
const DETOUR = 1.3;

/** How far it is to walk between places that are on one plan; floors are joined by what else is known. */
export function walksOn(
  { places }: Building,
  wanted: ReadonlySet<string>,
): (Between & { readonly lengthM: number })[] {
  const drawn = places.filter(({ id }) => wanted.has(id));
  return drawn.flatMap((near, index) =>
    drawn.slice(index + 1).flatMap((far) =>
      near.sheet === far.sheet
        ? [
            {
              near: { place: near.id },
              far: { place: far.id },
              lengthM: DETOUR * unitsBetween(near, far),
            },
          ]
        : [],
    ),
  );
}
