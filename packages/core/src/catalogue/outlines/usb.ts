import type { Outline } from '../outline-row';
import { numbered, outlineRow, places, row } from './place';

const DOUBT = 'Which way the numbers run is not certain: follow the colours, red is the supply';

const usb = (
  kind: string,
  name: string,
  [widthMm, heightMm]: readonly [number, number],
  at: Outline['places'],
  doubt: string | null,
): Outline =>
  outlineRow({
    id: `usb-${kind}`,
    name: `USB ${name}`,
    shape: 'row',
    widthMm,
    heightMm,
    places: at,
    key: kind === 'c' ? 'contact A1' : 'key',
    doubt,
  });

/**
 * Numbers and names after the USB 2.0 specification, 6.7, and the USB Type-C specification, 3.3: in a
 * receptacle A1 to A12 from the left above, B12 to B1 below. Widths rounded, places of the others generic.
 */
export const USB: readonly Outline[] = [
  usb('a', 'A', [12.5, 5.1], places('1@3.5,-0.6 2@1,-0.6 3@-1,-0.6 4@-3.5,-0.6'), DOUBT),
  usb('b', 'B', [8.5, 7.8], places('1@-1.25,-1 2@1.25,-1 3@1.25,1 4@-1.25,1'), DOUBT),
  usb('mini-b', 'mini-B', [7.7, 3.9], row(numbered(5).reverse(), 0.8, 0).reverse(), DOUBT),
  usb('micro-b', 'micro-B', [7.5, 2.5], row(numbered(5).reverse(), 0.65, 0).reverse(), DOUBT),
  usb(
    'c',
    'C',
    [8.9, 3.2],
    [
      ...row(
        numbered(12).map((n) => `A${n}`),
        0.5,
        0.5,
      ),
      ...row(
        numbered(12)
          .map((n) => `B${n}`)
          .reverse(),
        0.5,
        -0.5,
      ).reverse(),
    ],
    null,
  ),
];
