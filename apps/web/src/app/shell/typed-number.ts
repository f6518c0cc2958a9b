import { parseNumber, type UnitSystem } from '@near-spoke/core/units';
import { numberFrom, unitIn } from './in-units';
import type { Texts } from './number-fields';

/**
 * A number as people type it: null for nothing, NaN for what is none. Where the site measures in feet, a bare
 * number of metres is one of feet.
 *
 * @param unit that is wanted, whatever stands beside the field
 */
export function typedNumber(
  text: string | undefined,
  unit = '',
  units: UnitSystem = 'metric',
): number | null {
  const parsed = parseNumber(text ?? '', unitIn(unit, units));
  if (!parsed.ok) return NaN;
  return parsed.value === null ? null : numberFrom(parsed.value, unit, units);
}

/** What a field may hold, and the unit that stands beside it. */
export type Bounds = readonly [least: number, most: number, unit?: string];

/** The numbers of some fields; those that are none, or out of their bounds, by name in `wrong`. */
export function typedNumbers<K extends string>(
  texts: Texts,
  bounds: Readonly<Record<K, Bounds>>,
  units: UnitSystem = 'metric',
): { readonly value: Readonly<Record<K, number | null>>; readonly wrong: readonly K[] } {
  const ids = Object.keys(bounds) as K[];
  const value = Object.fromEntries(
    ids.map((id) => [id, typedNumber(texts[id], bounds[id][2], units)]),
  ) as Record<K, number | null>;
  const wrong = ids.filter((id) => {
    const number = value[id];
    const [least, most] = bounds[id];
    return number !== null && !(number >= least && number <= most);
  });
  return { value, wrong };
}
