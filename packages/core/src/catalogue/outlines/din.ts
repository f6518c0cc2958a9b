import type { Outline } from '../outline-row';
import { MOULDED, arc, outlineRow, places } from './place';

const din = (
  id: string,
  name: string,
  contacts: string,
  stepDeg: number,
  doubt = MOULDED,
): Outline =>
  outlineRow({
    id,
    name,
    shape: 'round',
    widthMm: 13.2,
    heightMm: 13.2,
    places: arc(contacts, 7, stepDeg),
    key: 'key',
    doubt,
  });

/** The 240-degree types are numbered one after the other round the circle, not as the 180-degree ones. */
const ROUND =
  'Numbered one after the other round the circle; not certain for every make, nor which way round: the numbers moulded on yours decide';

const miniDin = (count: number, at: string): Outline =>
  outlineRow({
    id: `mini-din-${count}`,
    name: `Mini-DIN ${count}`,
    shape: 'round',
    widthMm: 9.5,
    heightMm: 9.5,
    places: [...places(at)].sort((a, b) => Number(a.contact) - Number(b.contact)),
    key: 'key',
    doubt: MOULDED,
  });

/**
 * Round connectors after IEC 60130-9: contacts on a circle of 7 mm, in a socket with the key down 1, 4, 2,
 * 5, 3 clockwise over the top, 6 and 7 before and after them, 8 in the middle; those over 240 degrees 1 to 5
 * round the circle, 6 in the middle. The order of four contacts
 * over 216 degrees and the exact places of mini-DIN are generic, and say so.
 */
export const DIN: readonly Outline[] = [
  din('din-3', 'DIN 3', '1 2 3', 90),
  din('din-4', 'DIN 4, 216 degrees', '1 4 2 3', 72),
  din('din-5', 'DIN 5, 180 degrees', '1 4 2 5 3', 45),
  din('din-5-240', 'DIN 5, 240 degrees', '1 2 3 4 5', 60, ROUND),
  din('din-6', 'DIN 6, 240 degrees', '1 2 3 4 5 + 6', 60, ROUND),
  din('din-7', 'DIN 7, 270 degrees', '6 1 4 2 5 3 7', 45),
  din('din-8', 'DIN 8, 270 degrees', '6 1 4 2 5 3 7 + 8', 45),
  miniDin(3, '3@0,2 2@-1.9,-1.2 1@1.9,-1.2'),
  miniDin(4, '4@-1.7,1.1 3@1.7,1.1 2@-1.1,-1.7 1@1.1,-1.7'),
  miniDin(5, '5@0,2.3 4@-2.4,0.2 3@2.4,0.2 2@-0.9,-2.2 1@0.9,-2.2'),
  miniDin(6, '6@-1.3,2.1 5@1.3,2.1 4@-2.4,0.2 3@2.4,0.2 2@-0.9,-2.2 1@0.9,-2.2'),
  miniDin(7, '7@-2,1.8 6@0,2.4 5@2,1.8 4@-2.4,0 3@2.4,0 2@-0.9,-2.2 1@0.9,-2.2'),
  miniDin(8, '8@-2,1.8 7@0,2.4 6@2,1.8 5@-2.4,0 4@0,0 3@2.4,0 2@-0.9,-2.2 1@0.9,-2.2'),
  miniDin(9, '9@-2,1.8 8@0,2.4 7@2,1.8 6@-2.5,0 5@-0.9,0 4@0.9,0 3@2.5,0 2@-0.9,-2.2 1@0.9,-2.2'),
];
