import type { ParsedCapture } from './capture';
import { unitOf, type Unit } from './cell-number';
import type { HeaderLine } from './scope-header';

const TIME_NAME =
  /^(time|zeit|temps|tiempo|tempo|tid|czas|aika|seconds?|t|x|x-axis)\b|^time|^zeit/i;
const COUNT_NAME = /^(index|sample|samples|point|points|no|nr|n|#|punkt|messpunkt)\b/i;
const INTERVAL_KEY =
  /(sampl\w*|abtast)\W*(interval\w*|period\w*|zeit|time)|x\W*incr|increment|delta\W*[tx]\b|^dt\b|time\W*(step|per\W*(sample|point))|schrittweite|pas\W*(d|de)\b/i;
const RATE_KEY =
  /sampl\w*\W*(rate|freq\w*)|abtastrate|abtastfrequenz|samplerate|^fs\b|fr[eé]quence\W*d/i;
const HORIZONTAL_KEY = /(horizontal|x|time)\W*unit/i;

/** When the samples were taken, and which column tells. */
export interface Timebase {
  readonly column: number | null;
  /** Columns that count samples. */
  readonly skipped: ReadonlySet<number>;
  readonly intervalS: number;
  readonly fromS: number;
}

/** Longer steps between samples than this are no trace of a cable: the unit is another, and not told. */
const LONGEST_INTERVAL_S = 1e-4;

/** The times of a table's samples, by a column of them or by what the header tells. */
export function timebaseOf(
  columns: readonly number[],
  names: ReadonlyMap<number, { readonly name: string; readonly unit: Unit | null }>,
  cells: (column: number) => Float64Array,
  header: readonly HeaderLine[],
  first: number,
): Timebase | ParsedCapture {
  const toldInterval = header.find(
    ({ key, value }) => INTERVAL_KEY.test(key) && value !== undefined,
  )?.value;
  const rate = header.find(({ key, value }) => RATE_KEY.test(key) && value !== undefined)?.value;
  const told = toldInterval ?? (rate === undefined ? undefined : 1 / rate);
  const intervalTold = told !== undefined && told > 0 && Number.isFinite(told) ? told : null;
  const skipped = new Set<number>();
  const isNamed = (column: number) =>
    names.get(column)?.unit?.kind === 'time' || TIME_NAME.test(names.get(column)?.name ?? '');
  // One that is called time is, wherever it stands.
  const candidates = columns.filter((column) => names.get(column)?.unit?.kind !== 'volts');
  const inTurn = [...candidates].sort((a, b) => Number(isNamed(b)) - Number(isNamed(a)));
  for (const column of columns.length > 1 ? inTurn : []) {
    const name = names.get(column);
    const values = cells(column);
    const counts = values.every((value, n) => n === 0 || value - (values[n - 1] as number) === 1);
    if (counts && (COUNT_NAME.test(name?.name ?? '') || (intervalTold !== null && !name?.unit))) {
      skipped.add(column);
      continue;
    }
    // Beside a count and an interval that is told, what is not named so is no time.
    const counted = skipped.size > 0 && intervalTold !== null;
    const named = isNamed(column);
    if (
      !named &&
      (counted || column !== columns.find((one) => !skipped.has(one)) || !rises(values))
    )
      continue;
    const horizontal = header.find(({ key }) => HORIZONTAL_KEY.test(key));
    const unit = name?.unit?.kind === 'time' ? name.unit : unitOf(horizontal?.words[0] ?? '');
    return evenTimes(
      values,
      column,
      skipped,
      unit?.kind === 'time' ? unit.factor : null,
      intervalTold,
      first,
    );
  }
  if (intervalTold === null)
    return bad(
      first + 1,
      'No times stand beside the samples, and the header tells neither their interval nor their rate',
    );
  return { column: null, skipped, intervalS: intervalTold, fromS: 0 };
}

const rises = (values: Float64Array): boolean =>
  (values.at(-1) as number) > (values[0] as number) &&
  values.every((value, n) => n === 0 || value >= (values[n - 1] as number));

function evenTimes(
  values: Float64Array,
  column: number,
  skipped: ReadonlySet<number>,
  factor: number | null,
  intervalTold: number | null,
  first: number,
): Timebase | ParsedCapture {
  const count = values.length;
  const start = values[0] as number;
  const step = ((values.at(-1) as number) - start) / (count - 1);
  let least = Infinity;
  for (let n = 1; n < count; n += 1) {
    const gap = (values[n] as number) - (values[n - 1] as number);
    if (gap < 0) return bad(first + n + 1, 'The time falls back from one row to the next');
    if (gap > 0 && gap < least) least = gap;
  }
  if (!(step > 0)) return bad(first + 1, 'The times are all the same');
  // Times may be printed with too few digits for their steps: then a few in a row are the same.
  const fine = least > 0.5 * step;
  for (let n = 1; n < count; n += 1) {
    const value = values[n] as number;
    const gap = value - (values[n - 1] as number);
    const uneven = fine
      ? gap > 1.5 * step || gap < 0.5 * step
      : Math.abs(value - start - n * step) > 1.01 * Math.max(least, step);
    if (uneven)
      return bad(
        first + n + 1,
        'The time does not rise evenly: samples are missing, or times were changed',
      );
  }
  const unit =
    factor ??
    (intervalTold !== null && Math.abs(intervalTold / step - 1) > 0.01 ? intervalTold / step : 1);
  if (factor === null && intervalTold === null && step * unit > LONGEST_INTERVAL_S)
    return bad(
      first + 1,
      `The times tell no unit, and ${step.toPrecision(3)} seconds from sample to sample can’t be`,
    );
  return { column, skipped, intervalS: step * unit, fromS: start * unit };
}

const bad = (line: number, reason: string): ParsedCapture => ({ ok: false, line, reason });
