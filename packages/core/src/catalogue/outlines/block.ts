import type { Outline } from '../outline-row';
import { numbered, outlineRow, places, row } from './place';

const PITCH_MM = 2.54;
const TERMINAL_MM = 5.08;
const counts = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, index) => from + index);

const single = (count: number): Outline =>
  outlineRow({
    id: `header-${count}`,
    name: `Pin header 1 x ${count}`,
    shape: 'row',
    widthMm: count * PITCH_MM,
    heightMm: 2.5,
    places: row(numbered(count), PITCH_MM, 0),
    key: 'mark',
    turns: true,
    shell: false,
    doubt: 'The block is yours: mark contact 1 and the way it goes on',
  });

/** Odd numbers in the row at the key, even ones in the other. Seen into a socket, 1 is on the right. */
const double = (columns: number, keyed: boolean): Outline =>
  outlineRow({
    id: `${keyed ? 'box' : 'header'}-2x${columns}`,
    name: `${keyed ? 'Box header' : 'Pin header'} 2 x ${columns}`,
    shape: 'row',
    widthMm: columns * PITCH_MM + (keyed ? 5 : 0),
    heightMm: keyed ? 8.8 : 5.1,
    places: Array.from({ length: 2 * columns }, (_, index) => ({
      contact: String(index + 1),
      xMm: ((columns - 1) / 2 - Math.floor(index / 2)) * PITCH_MM,
      yMm: (index % 2 === 0 ? -1 : 1) * (PITCH_MM / 2),
    })),
    key: keyed ? 'notch' : 'row with contact 1',
    turns: !keyed,
    shell: false,
  });

const terminals = (count: number): Outline =>
  outlineRow({
    id: `terminal-${count}`,
    name: `Terminal block, ${count} ways`,
    shape: 'row',
    widthMm: count * TERMINAL_MM,
    heightMm: 10,
    places: row(numbered(count), TERMINAL_MM, 0),
    key: 'mark',
    turns: false,
    oneSided: true,
    shell: false,
    doubt: 'Pitch generic; the numbers printed on the block decide',
  });

const leads = (count: number): Outline =>
  outlineRow({
    id: `leads-${count}`,
    name: `Bare leads, ${count}`,
    shape: 'row',
    widthMm: count * 3,
    heightMm: 3,
    places: row(numbered(count), 3, 0),
    key: 'mark',
    turns: false,
    oneSided: true,
    shell: false,
    doubt: 'Leads have no places of their own: they are counted as you lay them',
  });

/**
 * Headers at 2.54 mm (0.100 in) in one row and in two, and what is pressed on them; with a box and a notch
 * they go on one way only (IEC 60603-13). Terminal blocks and leads in a row.
 */
export const BLOCKS: readonly Outline[] = [
  ...counts(2, 20).map(single),
  ...counts(2, 25).flatMap((columns) => [double(columns, false), double(columns, true)]),
  ...counts(2, 16).map(terminals),
  ...counts(2, 25).map(leads),
  outlineRow({
    id: 'pads-4',
    name: 'Four pads in a row',
    shape: 'row',
    widthMm: 12,
    heightMm: 3,
    places: row(numbered(4), PITCH_MM, 0),
    key: 'mark',
    turns: true,
    shell: false,
    doubt: 'Measure the pads’ distance on the device',
  }),
  ...(
    [
      ['jack-ts', 'Jack plug TS', 'T@-5,0 S@3,0'],
      ['jack-trs', 'Jack plug TRS', 'T@-5,0 R@-1,0 S@3,0'],
      ['jack-trrs', 'Jack plug TRRS', 'T@-5,0 R1@-2,0 R2@1,0 S@4,0'],
    ] as const
  ).map(([id, name, at]) =>
    outlineRow({
      id,
      name,
      shape: 'jack',
      widthMm: 17,
      heightMm: 4,
      places: places(at),
      key: 'tip',
      oneSided: true,
      shell: false,
      doubt: 'Rings counted from the tip; lengths generic',
    }),
  ),
];
