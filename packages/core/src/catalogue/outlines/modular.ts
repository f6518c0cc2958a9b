import type { Outline } from '../outline-row';
import { numbered, outlineRow, row } from './place';

/** Centre distance of neighbouring contacts of a modular connector, mm. Source: IEC 60603-7 (0.040 in). */
export const CONTACT_PITCH_MM = 1.02;

/** Outline of an 8P8C plug's nose for drawing, mm: width after IEC 60603-7, height generic. */
export const PLUG_NOSE_MM = { width: 11.68, height: 6.6 } as const;

const Y_MM = PLUG_NOSE_MM.height / 2 - 1;

const modular = (id: string, name: string, contacts: number, widthMm: number): Outline =>
  outlineRow({
    id,
    name,
    shape: 'modular',
    widthMm,
    heightMm: PLUG_NOSE_MM.height,
    places: row(numbered(contacts), CONTACT_PITCH_MM, Y_MM),
    key: 'latch',
    shell: contacts === 8,
  });

/** Looking into a modular socket with the latch down, contact 1 is on the left (IEC 60603-7). */
export const MODULAR: readonly Outline[] = [
  modular('modular-8', '8P8C', 8, PLUG_NOSE_MM.width),
  modular('modular-6', '6P, six contacts', 6, 9.65),
  modular('modular-4', '4P4C handset', 4, 7.7),
];
