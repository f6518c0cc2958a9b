import { parseNumber } from '@near-spoke/core/units';
import type { Texts } from './number-fields';

/** A number as people type it, in the unit of its field: null for nothing, NaN for what is none. */
export function typedNumber(text: string | undefined, unit = ''): number | null {
  const parsed = parseNumber(text ?? '', unit);
  return parsed.ok ? parsed.value : NaN;
}

/** What a field may hold, and the unit that stands beside it. */
export type Bounds = readonly [least: number, most: number, unit?: string];

/** The numbers of some fields; those that are none, or out of their bounds, by name in `wrong`. */
export function typedNumbers<K extends string>(
  texts: Texts,
  bounds: Readonly<Record<K, Bounds>>,
): { readonly value: Readonly<Record<K, number | null>>; readonly wrong: readonly K[] } {
  const ids = Object.keys(bounds) as K[];
  const value = Object.fromEntries(
    ids.map((id) => [id, typedNumber(texts[id], bounds[id][2])]),
  ) as Record<K, number | null>;
  const wrong = ids.filter((id) => {
    const number = value[id];
    const [least, most] = bounds[id];
    return number !== null && !(number >= least && number <= most);
  });
  return { value, wrong };
}
