import type { Outline } from '../outline-row';
import { outlineRow, places } from './place';

const coaxial = (id: string, name: string, widthMm: number): Outline =>
  outlineRow({
    id,
    name,
    shape: 'coaxial',
    widthMm,
    heightMm: widthMm,
    places: places('C@0,0'),
    key: '',
  });

/** A centre and a shell. The threads of N (5/8 in) and F (3/8 in) give those circles, mm. */
export const COAXIAL: readonly Outline[] = [
  coaxial('bnc', 'BNC', 14.5),
  coaxial('n', 'N', 15.9),
  coaxial('f', 'F', 9.5),
  coaxial('rca', 'RCA', 8.3),
];
