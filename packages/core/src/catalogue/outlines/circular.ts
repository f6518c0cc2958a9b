import type { Outline } from '../outline-row';
import { outlineRow, places } from './place';

const DOUBT =
  'Generic places, and not certain which way round they run: the numbers moulded beside the contacts decide';

const circular = (id: string, name: string, diameterMm: number, key: string, at: string): Outline =>
  outlineRow({
    id,
    name,
    shape: 'round',
    widthMm: diameterMm,
    heightMm: diameterMm,
    places: [...places(at)].sort((a, b) => Number(a.contact) - Number(b.contact)),
    key,
    doubt: DOUBT,
  });

const FOUR = '3@-2,2 4@2,2 2@-2,-2 1@2,-2';

/**
 * XLR (numbering after IEC 61076-2-103), M8 (IEC 61076-2-104) and M12 (IEC 61076-2-101): contact counts,
 * names and codings are theirs; places are generic. An M8 with three contacts has 1, 3 and 4.
 */
export const CIRCULAR: readonly Outline[] = [
  circular('xlr-3', 'XLR 3', 18.8, 'latch', '1@4.3,-2.5 2@-4.3,-2.5 3@0,5'),
  circular('xlr-4', 'XLR 4', 18.8, 'latch', '1@3.6,-3.6 2@3.6,3.6 3@-3.6,3.6 4@-3.6,-3.6'),
  circular('xlr-5', 'XLR 5', 18.8, 'latch', '1@4.3,-3.3 2@5,1.8 3@0,5.2 4@-5,1.8 5@-4.3,-3.3'),
  circular('m8-3', 'M8, 3 contacts', 8, 'key', '4@0,1.3 1@1.3,-0.9 3@-1.3,-0.9'),
  circular('m8-4', 'M8, 4 contacts', 8, 'key', '4@1.2,1.2 2@-1.2,1.2 1@1.2,-1.2 3@-1.2,-1.2'),
  circular('m12-a-4', 'M12 A-coded, 4 contacts', 12, 'key', FOUR),
  circular('m12-a-5', 'M12 A-coded, 5 contacts', 12, 'key', `${FOUR} 5@0,0`),
  circular(
    'm12-a-8',
    'M12 A-coded, 8 contacts',
    12,
    'key',
    '1@1.2,-2.5 2@2.7,-0.6 3@2.2,1.7 4@0,2.8 5@-2.2,1.7 6@-2.7,-0.6 7@-1.2,-2.5 8@0,0',
  ),
  circular('m12-b-5', 'M12 B-coded, 5 contacts', 12, 'key', `${FOUR} 5@0,0`),
  circular('m12-d-4', 'M12 D-coded, 4 contacts', 12, 'key', FOUR),
];
