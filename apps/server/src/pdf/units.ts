import { METRES_PER } from '@near-spoke/core/units';

/** Points of a PDF in a millimetre: 72 to the inch. */
export const POINTS_PER_MM = 72 / (METRES_PER.in * 1000);
