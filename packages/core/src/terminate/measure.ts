import type { Connector, CutLayer } from '../catalogue';
import { common, type Message } from '../message';
import type { MeasureKind } from './measure-kind';
import { tell } from './messages';

/** A length that a step can be held against, mm; generic until the part's sheet is at hand. */
export interface Measure {
  readonly kind: MeasureKind;
  readonly what: Message;
  readonly minMm: number;
  readonly maxMm: number;
}

export interface MeasureVerdict {
  readonly fits: 'in' | 'over' | 'under';
  /** How far outside the tolerance; 0 inside it. */
  readonly offMm: number;
  readonly sentence: Message;
}

/** Longer than this, conductors are only in the way. Generic, mm. */
const LONGEST_MM = 150;

/** What a step is measured against on this connector; null where its sheet asks for nothing. */
export function measureFor(kind: MeasureKind, part: Connector): Measure | null {
  const what = tell('measure', { kind });
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
export const measureSaid = ({ minMm, maxMm }: Measure): Message => {
  const max = common('cut', { mm: maxMm });
  return minMm === 0
    ? common('at-most', { most: max })
    : common('range', { min: common('cut', { mm: minMm }), max });
};

/** Whether a measured length is in tolerance, by how much it is out, and whether to recut or go on. */
export function judgeMeasure({ kind, minMm, maxMm }: Measure, measuredMm: number): MeasureVerdict {
  // A hundredth of a millimetre is below what anyone measures here.
  const overMm = Math.round((measuredMm - maxMm) * 100) / 100;
  const underMm = Math.round((minMm - measuredMm) * 100) / 100;
  if (overMm > 0)
    return {
      fits: 'over',
      offMm: overMm,
      sentence: tell('measure-over', { kind, off: common('cut', { mm: overMm }) }),
    };
  if (underMm > 0)
    return {
      fits: 'under',
      offMm: underMm,
      sentence: tell('measure-under', { kind, off: common('cut', { mm: underMm }) }),
    };
  return { fits: 'in', offMm: 0, sentence: tell('in-tolerance', {}) };
}
