import type { Connector } from '../catalogue';

export type MeasureKind = 'strip' | 'exposed' | 'untwist';

/** A length that a step can be held against, mm; generic until the part's sheet is at hand. */
export interface Measure {
  readonly kind: MeasureKind;
  readonly what: string;
  readonly minMm: number;
  readonly maxMm: number;
}

export interface MeasureVerdict {
  readonly fits: 'in' | 'over' | 'under';
  /** How far outside the tolerance; 0 inside it. */
  readonly offMm: number;
  readonly sentence: string;
}

interface Row {
  readonly what: string;
  readonly range: (cuts: Connector['cuts']) => { readonly minMm: number; readonly maxMm: number };
  /** What to do when it is outside, by how much. */
  readonly over: (off: string) => string;
  readonly under: (off: string) => string;
}

const around = (mm: number, toleranceMm: number) => ({
  minMm: mm - toleranceMm,
  maxMm: mm + toleranceMm,
});

const MEASURES: Readonly<Record<MeasureKind, Row>> = {
  strip: {
    what: 'Jacket stripped, from the cable’s end',
    range: ({ stripMm, stripToleranceMm }) => around(stripMm, stripToleranceMm),
    over: (off) => `${off} too long: go on, the ends are cut to length later.`,
    under: (off) => `${off} too short: strip ${off} more.`,
  },
  exposed: {
    what: 'Conductors, from the jacket to their tips',
    range: ({ exposedMm, exposedToleranceMm }) => around(exposedMm, exposedToleranceMm),
    over: (off) => `${off} too long: the jacket would stay short of the bar. Trim ${off} more off.`,
    under: (off) =>
      `${off} too short: they would not reach the nose. Cut back to the jacket and begin this end again.`,
  },
  untwist: {
    what: 'The longest untwist at a slot',
    range: ({ exposedMm }) => ({ minMm: 0, maxMm: exposedMm }),
    over: (off) => `${off} too much: lay that pair again, twisted nearer to its slot.`,
    under: () => '',
  },
};

export function measureFor(kind: MeasureKind, { cuts }: Connector): Measure {
  const { what, range } = MEASURES[kind];
  return { kind, what, ...range(cuts) };
}

/** Whether a measured length is in tolerance, by how much it is out, and whether to recut or go on. */
export function judgeMeasure({ kind, minMm, maxMm }: Measure, measuredMm: number): MeasureVerdict {
  const row = MEASURES[kind];
  // A hundredth of a millimetre is below what anyone measures here.
  const overMm = Math.round((measuredMm - maxMm) * 100) / 100;
  const underMm = Math.round((minMm - measuredMm) * 100) / 100;
  if (overMm > 0) return { fits: 'over', offMm: overMm, sentence: row.over(`${overMm} mm`) };
  if (underMm > 0) return { fits: 'under', offMm: underMm, sentence: row.under(`${underMm} mm`) };
  return { fits: 'in', offMm: 0, sentence: 'In tolerance: go on.' };
}
