import { cable, connector } from '../catalogue';
import { ENDS, type End, type Link } from '../link';
import { formatLength, type UnitSystem } from '../units';

export const END_NAME: Readonly<Record<End, string>> = { near: 'Near end', far: 'Far end' };

/** What a record says of a link, as names and values for people; rows without a value are left out. */
export function linkFacts(link: Link, units: UnitSystem): [name: string, value: string][] {
  const length =
    link.lengthM === null
      ? 'not known'
      : `${formatLength(link.lengthM, units)}, as scheduled; not measured here`;
  const route = link.route.map(({ name, atM }) => `${name} (${formatLength(atM, units)})`);
  const rows: [string, string][] = [
    ['Cable', cable(link.cable).name],
    ['Length', length],
    ...ENDS.map((end): [string, string] => {
      const { connector: part, scheme, place } = link[end];
      return [END_NAME[end], `${connector(part).name}, ${scheme}, at ${place}`];
    }),
    ['Hub', link.hub],
    ['Route', route.join(', ')],
    ['Note', link.note],
  ];
  return rows.filter(([, value]) => value !== '');
}
