import type { Outline } from '../outline-row';
import { numbered, outlineRow, row } from './place';

const PITCH_MM = 2.77;
const ROW_MM = 2.84;
const DENSE = { pitchMm: 2.29, rowMm: 1.98 } as const;

const reversed = (count: number, first: number) => numbered(count, first).reverse();

const dSub = (contacts: number, widthMm: number): Outline => {
  const upper = (contacts + 1) / 2;
  return outlineRow({
    id: `d-sub-${contacts}`,
    name: `D-sub ${contacts}`,
    shape: 'd',
    widthMm,
    heightMm: 8.4,
    places: [
      ...row(reversed(upper, 1), PITCH_MM, ROW_MM / 2).reverse(),
      ...row(reversed(upper - 1, upper + 1), PITCH_MM, -ROW_MM / 2).reverse(),
    ],
    key: 'wide row',
  });
};

/**
 * D-sub sockets, wide row up: contact 1 on the right. Source: IEC 60807-2, pitch 2.77 mm, rows 2.84 mm
 * apart. High density: three rows of five, pitch 2.29 mm (0.090 in), rows 1.98 mm (0.078 in) apart, the
 * middle one half a step over.
 */
export const D_SUB: readonly Outline[] = [
  dSub(9, 16.9),
  dSub(15, 25.2),
  dSub(25, 38.9),
  dSub(37, 55.4),
  outlineRow({
    id: 'd-sub-15-dense',
    name: 'D-sub 15, high density',
    shape: 'd',
    widthMm: 16.9,
    heightMm: 8.4,
    places: [0, 1, 2].flatMap((line) =>
      row(reversed(5, 1 + 5 * line), DENSE.pitchMm, (1 - line) * DENSE.rowMm)
        .map((place) => ({
          ...place,
          xMm: place.xMm + (line === 1 ? 1 : -1) * (DENSE.pitchMm / 4),
        }))
        .reverse(),
    ),
    key: 'wide row',
  }),
];
