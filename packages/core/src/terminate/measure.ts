import type { Connector, CutLayer } from '../catalogue';
import { formatCut, type UnitSystem } from '../units';

export const MEASURE_KINDS = [
  'jacket',
  'exposed',
  'untwist',
  'braid',
  'dielectric',
  'insulation',
] as const;
export type MeasureKind = (typeof MEASURE_KINDS)[number];

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
  /** What to do when it is outside, by how much. */
  readonly over: (off: string) => string;
  readonly under: (off: string) => string;
}

const again = (off: string) => `${off} too long: cut the end back square and strip again.`;

const MEASURES: Readonly<Record<MeasureKind, Row>> = {
  jacket: {
    what: 'Jacket stripped, from the cable’s end',
    over: (off) => `${off} too long: go on if the ends are cut to length later, else begin again.`,
    under: (off) => `${off} too short: strip ${off} more.`,
  },
  exposed: {
    what: 'Conductors, from the jacket to their tips',
    over: (off) => `${off} too long: the jacket would stay short of the bar. Trim ${off} more off.`,
    under: (off) =>
      `${off} too short: they would not reach the nose. Cut back to the jacket and begin this end again.`,
  },
  untwist: {
    what: 'The longest untwist at a slot',
    over: (off) => `${off} too much: lay that pair again, twisted nearer to its slot.`,
    under: () => '',
  },
  braid: {
    what: 'From the cable’s end to the braid’s edge',
    over: (off) => `${off} too long: the ferrule would hold too little braid. Cut the end back.`,
    under: (off) => `${off} too short: trim the braid ${off} more, or it comes out of the ferrule.`,
  },
  dielectric: {
    what: 'Centre conductor, from the dielectric to its tip',
    over: again,
    under: (off) =>
      `${off} too short: the pin would not be filled. Take ${off} more of the dielectric off.`,
  },
  insulation: {
    what: 'Bare core, from the insulation to its tip',
    over: (off) => `${off} too long: trim the tip by ${off}.`,
    under: (off) => `${off} too short: strip ${off} more.`,
  },
};

/** Longer than this, conductors are only in the way. Generic, mm. */
const LONGEST_MM = 150;

/** What a step is measured against on this connector; null where its sheet asks for nothing. */
export function measureFor(kind: MeasureKind, part: Connector): Measure | null {
  const { what } = MEASURES[kind];
  const around = (mm: number, toleranceMm: number): Measure => ({
    kind,
    what,
    minMm: Math.max(0, mm - toleranceMm),
    maxMm: mm + toleranceMm,
  });
  if (kind === 'untwist')
    return part.untwistMm === null ? null : { kind, what, minMm: 0, maxMm: part.untwistMm };
  if (kind === 'exposed') {
    const [jacket, tips] = [cutAt(part, 'jacket'), cutAt(part, 'conductors')];
    return jacket && tips ? around(jacket.fromDatumMm, tips.toleranceMm) : null;
  }
  const cut = cutAt(part, kind);
  if (!cut) return null;
  const measure = around(cut.fromEndMm, cut.toleranceMm);
  // What comes out of the nose is cut flush there: stripped long is right.
  return kind === 'jacket' && part.family === 'pass-through-plug'
    ? { ...measure, maxMm: LONGEST_MM }
    : measure;
}

export function cutAt(part: Connector, layer: CutLayer) {
  return part.cuts.find((cut) => cut.layer === layer);
}

/** What a length may be, as it is asked for: "25 mm to 35 mm". */
export const measureSaid = ({ minMm, maxMm }: Measure, units: UnitSystem): string =>
  minMm === 0
    ? `at most ${formatCut(maxMm, units)}`
    : `${formatCut(minMm, units)} to ${formatCut(maxMm, units)}`;

/** Whether a measured length is in tolerance, by how much it is out, and whether to recut or go on. */
export function judgeMeasure(
  { kind, minMm, maxMm }: Measure,
  measuredMm: number,
  units: UnitSystem,
): MeasureVerdict {
  const row = MEASURES[kind];
  // A hundredth of a millimetre is below what anyone measures here.
  const overMm = Math.round((measuredMm - maxMm) * 100) / 100;
  const underMm = Math.round((minMm - measuredMm) * 100) / 100;
  if (overMm > 0)
    return { fits: 'over', offMm: overMm, sentence: row.over(formatCut(overMm, units)) };
  if (underMm > 0)
    return { fits: 'under', offMm: underMm, sentence: row.under(formatCut(underMm, units)) };
  return { fits: 'in', offMm: 0, sentence: 'In tolerance: go on.' };
}
