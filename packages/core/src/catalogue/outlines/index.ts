import type { Outline } from '../outline-row';
import { BLOCKS } from './block';
import { CIRCULAR } from './circular';
import { COAXIAL } from './coaxial';
import { D_SUB } from './d-sub';
import { DIN } from './din';
import { MODULAR } from './modular';
import { USB } from './usb';

export { CONTACT_PITCH_MM, PLUG_NOSE_MM } from './modular';

/** Faces of which it is not certain which way round their numbers run. */
const UNSURE: readonly Outline[] = [
  ...CIRCULAR,
  ...DIN.filter(({ id }) => /^din-[56]/.test(id) && id !== 'din-5'),
];

const MIRRORED = '-mirrored';

/** The same face with its numbers the other way round, for a part on which they are moulded so. */
const mirrored = (row: Outline): Outline => ({
  ...row,
  id: row.id + MIRRORED,
  name: `${row.name}, numbered the other way round`,
  places: row.places.map(({ contact, xMm, yMm }) => ({ contact, xMm: -xMm, yMm })),
  doubt: 'Numbered as you found it on your part: the numbers moulded on it decide',
});

/** The face whose numbers run the other way round; null where the way is certain. */
export function otherWayRound(id: string): string | null {
  const plain = id.endsWith(MIRRORED) ? id.slice(0, -MIRRORED.length) : id;
  if (!UNSURE.some((row) => row.id === plain)) return null;
  return plain === id ? id + MIRRORED : plain;
}

/** Mating faces, one table for every view. Where a place is not sure for every make, `doubt` says so. */
export const OUTLINES: readonly Outline[] = [
  ...MODULAR,
  ...D_SUB,
  ...DIN,
  ...CIRCULAR,
  ...USB,
  ...BLOCKS,
  ...COAXIAL,
  ...UNSURE.map(mirrored),
];
