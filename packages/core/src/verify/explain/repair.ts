import type { Fault, Place } from '../fault';
import { FAULTS } from '../faults';

/** Where hands have to go to put a set of faults right, in the order of a link. */
export type RepairKey = string;

/** Minutes to remake an end, or to replace the cable, and to prove the link after it. Generic. */
export const REPAIR_MINUTES: Readonly<Record<Place, number>> = { near: 6, cable: 60, far: 6 };
export const PROVE_MINUTES = 1;
/** To come again for a link that was handed over with a fault. Generic. */
export const CALLBACK_MINUTES = 60;

/** The places that a set of faults has to be mended at: "near", "near+far", "" where nothing is wrong. */
export function repairKey(faults: readonly Fault[]): RepairKey {
  const places = new Set(
    faults.flatMap(({ end, kind }): Place[] =>
      end !== 'either' ? [end] : [...FAULTS[kind].mendedAt],
    ),
  );
  return (['near', 'cable', 'far'] as const).filter((place) => places.has(place)).join('+');
}

export const placesOf = (key: RepairKey): Place[] =>
  key === '' ? [] : (key.split('+') as Place[]);

/** Minutes of a repair for someone who stands at an end. */
export function repairMinutes(key: RepairKey, at: 'near' | 'far', walkMinutes: number): number {
  const places = placesOf(key);
  const walks = places.some((place) => place !== 'cable' && place !== at) ? walkMinutes : 0;
  return places.reduce((sum, place) => sum + REPAIR_MINUTES[place], 0) + walks + PROVE_MINUTES;
}
