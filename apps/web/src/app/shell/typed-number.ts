import type { Texts } from './number-fields';

/** A number as people type it: null for nothing, NaN for what is none. */
export function typedNumber(text: string | undefined): number | null {
  const plain = (text ?? '').trim().replace(',', '.').replace('−', '-');
  return plain === '' ? null : Number(plain);
}

/** The numbers of some fields; those that are none, or out of their bounds, by name in `wrong`. */
export function typedNumbers<K extends string>(
  texts: Texts,
  bounds: Readonly<Record<K, readonly [least: number, most: number]>>,
): { readonly value: Readonly<Record<K, number | null>>; readonly wrong: readonly K[] } {
  const ids = Object.keys(bounds) as K[];
  const value = Object.fromEntries(ids.map((id) => [id, typedNumber(texts[id])])) as Record<
    K,
    number | null
  >;
  const wrong = ids.filter((id) => {
    const number = value[id];
    const [least, most] = bounds[id];
    return number !== null && !(number >= least && number <= most);
  });
  return { value, wrong };
}
