import type { Contact } from './scheme';

export type OutlineId = (typeof OUTLINES)[number]['id'];

export interface Place {
  readonly contact: Contact;
  readonly xMm: number;
  readonly yMm: number;
}

export interface Outline {
  readonly id: string;
  readonly shape: 'modular' | 'd' | 'round' | 'coaxial' | 'row';
  readonly widthMm: number;
  readonly heightMm: number;
  /** Looking into a socket's mating face, its latch or key down; right and up from the centre. */
  readonly places: readonly Place[];
  /** What tells the two ways round apart, in words. */
  readonly key: string;
  /** Said with the drawing where the places are not certain for every make. */
  readonly doubt: string | null;
}

const row = (count: number, pitchMm: number, yMm: number): Place[] =>
  Array.from({ length: count }, (_, index) => ({
    contact: String(index + 1),
    xMm: (index - (count - 1) / 2) * pitchMm,
    yMm,
  }));

/**
 * Two rows of a D-sub socket, wide row up: contact 1 on the right. Source: IEC 60807-2, pitch 2.77 mm,
 * rows 2.84 mm apart.
 */
function dSub(upper: number): Place[] {
  const [pitchMm, rowMm] = [2.77, 2.84];
  const at = (index: number, count: number, y: number, first: number): Place => ({
    contact: String(first + index),
    xMm: ((count - 1) / 2 - index) * pitchMm,
    yMm: y,
  });
  return [
    ...Array.from({ length: upper }, (_, i) => at(i, upper, rowMm / 2, 1)),
    ...Array.from({ length: upper - 1 }, (_, i) => at(i, upper - 1, -rowMm / 2, upper + 1)),
  ];
}

const places = (text: string): Place[] =>
  text.split(' ').map((part) => {
    const [contact = '', x, y] = part.split(/[@,]/);
    return { contact, xMm: Number(x), yMm: Number(y) };
  });

const CENTRE = places('C@0,0');
const MOULDED = 'Generic places: the numbers moulded on yours decide';

/** Centre distance of neighbouring contacts of a modular connector, mm. Source: IEC 60603-7 (0.040 in). */
export const CONTACT_PITCH_MM = 1.02;

/** Outline of an 8P8C plug's nose for drawing, mm: width after IEC 60603-7, height generic. */
export const PLUG_NOSE_MM = { width: 11.68, height: 6.6 } as const;

const MODULAR_Y_MM = PLUG_NOSE_MM.height / 2 - 1;

/**
 * Mating faces, one table for every view. Looking into a modular socket with the latch down, contact 1
 * is on the left (IEC 60603-7); D-sub after IEC 60807-2; the threads of N (5/8 in) and F (3/8 in) give
 * those circles. Where a place is not sure for every make, `doubt` says so.
 */
export const OUTLINES = [
  {
    id: 'modular-8',
    shape: 'modular',
    widthMm: PLUG_NOSE_MM.width,
    heightMm: PLUG_NOSE_MM.height,
    places: row(8, CONTACT_PITCH_MM, MODULAR_Y_MM),
    key: 'latch',
    doubt: null,
  },
  {
    id: 'modular-6',
    shape: 'modular',
    widthMm: 9.65,
    heightMm: PLUG_NOSE_MM.height,
    places: row(6, CONTACT_PITCH_MM, MODULAR_Y_MM),
    key: 'latch',
    doubt: null,
  },
  {
    id: 'd-sub-9',
    shape: 'd',
    widthMm: 16.9,
    heightMm: 8.4,
    places: dSub(5),
    key: 'wide row',
    doubt: null,
  },
  {
    id: 'd-sub-15',
    shape: 'd',
    widthMm: 25.2,
    heightMm: 8.4,
    places: dSub(8),
    key: 'wide row',
    doubt: null,
  },
  {
    id: 'd-sub-25',
    shape: 'd',
    widthMm: 38.9,
    heightMm: 8.4,
    places: dSub(13),
    key: 'wide row',
    doubt: null,
  },
  {
    id: 'din-5',
    shape: 'round',
    widthMm: 13.2,
    heightMm: 13.2,
    places: places('3@-3.5,0 5@-2.47,2.47 2@0,3.5 4@2.47,2.47 1@3.5,0'),
    key: 'key',
    doubt: `${MOULDED}, and which way round they run`,
  },
  {
    id: 'mini-din-4',
    shape: 'round',
    widthMm: 9.5,
    heightMm: 9.5,
    places: places('4@-1.7,1.1 3@1.7,1.1 2@-1.1,-1.7 1@1.1,-1.7'),
    key: 'key',
    doubt: MOULDED,
  },
  {
    id: 'mini-din-6',
    shape: 'round',
    widthMm: 9.5,
    heightMm: 9.5,
    places: places('6@-1.3,2.1 5@1.3,2.1 4@-2.4,0.2 3@2.4,0.2 2@-0.9,-2.2 1@0.9,-2.2'),
    key: 'key',
    doubt: MOULDED,
  },
  {
    id: 'bnc',
    shape: 'coaxial',
    widthMm: 14.5,
    heightMm: 14.5,
    places: CENTRE,
    key: '',
    doubt: null,
  },
  {
    id: 'n',
    shape: 'coaxial',
    widthMm: 15.9,
    heightMm: 15.9,
    places: CENTRE,
    key: '',
    doubt: null,
  },
  { id: 'f', shape: 'coaxial', widthMm: 9.5, heightMm: 9.5, places: CENTRE, key: '', doubt: null },
  {
    id: 'rca',
    shape: 'coaxial',
    widthMm: 8.3,
    heightMm: 8.3,
    places: CENTRE,
    key: '',
    doubt: null,
  },
  {
    id: 'header-4',
    shape: 'row',
    widthMm: 10.2,
    heightMm: 2.5,
    places: row(4, 2.54, 0),
    key: 'mark',
    doubt: 'The block is yours: mark contact 1 and the way it goes on',
  },
  {
    id: 'pads-4',
    shape: 'row',
    widthMm: 12,
    heightMm: 3,
    places: row(4, 2.54, 0),
    key: 'mark',
    doubt: 'Measure the pads’ distance on the device',
  },
] as const satisfies readonly Outline[];

const BY_ID = new Map<string, Outline>(OUTLINES.map((row) => [row.id, row]));

export function outline(id: OutlineId): Outline {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No outline ${id}`);
  return found;
}
