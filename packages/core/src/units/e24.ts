/** Source: IEC 60063, series E24. */
const E24 = [
  1.0, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2.0, 2.2, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6,
  6.2, 6.8, 7.5, 8.2, 9.1,
] as const;

/** Every value of the series between two limits, in ohms, rising. */
export function e24Between(fromOhm: number, toOhm: number): number[] {
  const values: number[] = [];
  for (let decade = Math.floor(Math.log10(fromOhm)); 10 ** decade <= toOhm; decade += 1)
    for (const step of E24) {
      const value = Number((step * 10 ** decade).toPrecision(2));
      if (value >= fromOhm && value <= toOhm) values.push(value);
    }
  return values;
}

/** The smallest value of the series that is not below a resistance. */
export const e24AtLeast = (ohm: number): number =>
  e24Between(ohm * (1 - 1e-9), ohm * 10).at(0) ?? ohm;

/** The largest value of the series that is not above a resistance. */
export const e24AtMost = (ohm: number): number =>
  e24Between(ohm / 10, ohm * (1 + 1e-9)).at(-1) ?? ohm;

/** A resistance as it stands on a parts list: "470 Ω", "2.2 kΩ". */
export const formatOhm = (ohm: number): string =>
  ohm >= 1e6 ? `${trim(ohm / 1e6)} MΩ` : ohm >= 1e3 ? `${trim(ohm / 1e3)} kΩ` : `${trim(ohm)} Ω`;

const trim = (value: number): string => String(Number(value.toPrecision(3)));
