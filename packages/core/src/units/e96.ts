import { e24Between } from './e24';

export type Series = 'E24' | 'E96';

/** Values of a series of resistors between two limits, in ohms, rising. Source: IEC 60063. */
export function seriesValues(series: Series, fromOhm: number, toOhm: number): number[] {
  if (series === 'E24') return e24Between(fromOhm, toOhm);
  const values: number[] = [];
  for (let decade = Math.floor(Math.log10(fromOhm)); 10 ** decade <= toOhm; decade += 1)
    for (let step = 0; step < 96; step += 1) {
      const value = Number((10 ** (step / 96) * 10 ** decade).toPrecision(3));
      if (value >= fromOhm && value <= toOhm) values.push(value);
    }
  return values;
}
