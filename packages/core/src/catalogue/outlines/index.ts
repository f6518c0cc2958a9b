import type { Outline } from '../outline-row';
import { BLOCKS } from './block';
import { CIRCULAR } from './circular';
import { COAXIAL } from './coaxial';
import { D_SUB } from './d-sub';
import { DIN } from './din';
import { MODULAR } from './modular';
import { USB } from './usb';

export { CONTACT_PITCH_MM, PLUG_NOSE_MM } from './modular';

/** Mating faces, one table for every view. Where a place is not sure for every make, `doubt` says so. */
export const OUTLINES: readonly Outline[] = [
  ...MODULAR,
  ...D_SUB,
  ...DIN,
  ...CIRCULAR,
  ...USB,
  ...BLOCKS,
  ...COAXIAL,
];
