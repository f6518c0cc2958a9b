import type { StockKind } from '@near-spoke/core/labels';
import type { UnitSystem } from '@near-spoke/core/units';
import type { Bounds } from '../shell/typed-number';

export const SHEET_FIELDS = [
  'width',
  'height',
  'white',
  'columns',
  'rows',
  'left',
  'top',
  'stepX',
  'stepY',
  'sheetWidth',
  'sheetHeight',
  'gone',
] as const;
export type SheetField = (typeof SHEET_FIELDS)[number];

/** What is typed of a sheet, and in what. */
export const SHEET_BOUNDS: Readonly<Record<SheetField, Bounds>> = {
  width: [1, 2000, 'mm'],
  height: [1, 2000, 'mm'],
  white: [1, 2000, 'mm'],
  columns: [1, 100],
  rows: [1, 100],
  left: [0, 2000, 'mm'],
  top: [0, 2000, 'mm'],
  stepX: [1, 2000, 'mm'],
  stepY: [1, 2000, 'mm'],
  sheetWidth: [1, 2000, 'mm'],
  sheetHeight: [1, 2000, 'mm'],
  gone: [0, 9999],
};

type Sizes = readonly [
  width: string,
  height: string,
  white: string,
  columns: string,
  rows: string,
  left: string,
  top: string,
  stepX: string,
  stepY: string,
];

/** Generic, each on its paper: who has labels measures them. */
const SIZES: Readonly<Record<UnitSystem, Readonly<Record<StockKind, Sizes>>>> = {
  metric: {
    flat: ['62', '33', '33', '3', '8', '9', '13', '65', '34'],
    wrap: ['25', '38', '13', '7', '7', '10', '12', '27', '39'],
    flag: ['80', '14', '14', '2', '18', '20', '12', '90', '15'],
  },
  imperial: {
    flat: ['2.5', '1.25', '1.25', '3', '8', '0.3', '0.5', '2.7', '1.25'],
    wrap: ['1', '1.5', '0.5', '7', '6', '0.4', '0.6', '1.1', '1.6'],
    flag: ['3', '0.55', '0.55', '2', '16', '0.8', '0.6', '3.5', '0.6'],
  },
};
/** A4 and US letter: ISO 216, ANSI/ASME Y14.1. */
const PAPER = { metric: ['210', '297'], imperial: ['8.5', '11'] } as const;

export function usualSheet(
  kind: StockKind,
  units: UnitSystem,
): Readonly<Record<SheetField, string>> {
  const [width, height, white, columns, rows, left, top, stepX, stepY] = SIZES[units][kind];
  const [sheetWidth, sheetHeight] = PAPER[units];
  return {
    ...{ width, height, white, columns, rows, left, top, stepX, stepY },
    ...{ sheetWidth, sheetHeight, gone: '0' },
  };
}
