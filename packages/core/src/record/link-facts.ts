import { ENDS, LENGTH_SAID, type End, type Job, type Link } from '../link';
import { formatLength, type UnitSystem } from '../units';

export const END_NAME: Readonly<Record<End, string>> = { near: 'Near end', far: 'Far end' };

/** What a record says of a link, as names and values for people; rows without a value are left out. */
export function linkFacts(
  link: Link,
  units: UnitSystem,
  { catalogue }: Job,
): [name: string, value: string][] {
  const length =
    link.lengthM === null
      ? 'not known'
      : `${formatLength(link.lengthM, units)}, ${LENGTH_SAID[link.lengthHow ?? 'scheduled']}`;
  const route = link.route.map(({ name, atM, extraM }) => {
    const extra = extraM ? `, ${formatLength(extraM, units)} wound up` : '';
    return `${name} (${formatLength(atM, units)}${extra})`;
  });
  const rows: [string, string][] = [
    ['Cable', catalogue.cable(link.cable).name],
    ['Length', length],
    ...ENDS.map((end): [string, string] => {
      const { connector: id, scheme, place } = link[end];
      const part = catalogue.connector(id);
      const order = part.wiring === 'four-pair' ? `, ${scheme}` : '';
      return [END_NAME[end], `${part.name}${order}, at ${place}`];
    }),
    ['Place', link.environment === 'indoor' ? '' : `${link.environment} run`],
    ['Hub', link.hub],
    ['Route', route.join(', ')],
    ['Note', link.note],
  ];
  return rows.filter(([, value]) => value !== '');
}
