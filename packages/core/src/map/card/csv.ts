import papa from 'papaparse';
import { SHELL, conductor } from '../../catalogue';
import type { End } from '../../link';
import type { Port } from '../port';
import type { Join, Solution } from '../solution';
import { cardRows } from './table';

const HEADINGS = [
  'near contact',
  'near signal',
  'core',
  'core at far',
  'colour',
  'far signal',
  'far contact',
];

/** The table as CSV; several contacts of a net stand in one cell, with blanks between. */
export function writeNets(
  solution: Pick<Solution, 'nets' | 'unmatched'>,
  ports: Readonly<Record<End, Port>>,
): string {
  const lines = cardRows(solution, ports).map((row) => [
    row.near.join(' '),
    row.nearSignal,
    row.core ?? '',
    row.farCore ?? '',
    row.core === null ? '' : conductor(row.core).name,
    row.farSignal,
    row.far.join(' '),
  ]);
  return `${papa.unparse([HEADINGS, ...lines], { escapeFormulae: true })}\r\n`;
}

export type ParsedNets =
  | { readonly ok: true; readonly joins: readonly Join[] }
  | { readonly ok: false; readonly line: number; readonly reason: string };

/**
 * Reads such a table back as joins by hand: which near contacts go to which far ones, and what stays open. The shell
 * is left to the choice of shield.
 *
 * @returns the joins, or the first line (from 1) that names a contact which the ports do not have.
 */
export function parseNets(text: string, ports: Readonly<Record<End, Port>>): ParsedNets {
  const { data } = papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {});
  const [head = [], ...rows] = data;
  const column = (name: string) => head.findIndex((cell) => cell.trim().toLowerCase() === name);
  const at = { near: column('near contact'), far: column('far contact') };
  if (at.near < 0 || at.far < 0)
    return {
      ok: false,
      line: 1,
      reason: 'The first line needs the columns “near contact” and “far contact”.',
    };
  const joins: Join[] = [];
  for (const [index, cells] of rows.entries()) {
    const read = (end: End) =>
      (cells[at[end]] ?? '').split(/\s+/).filter((cell) => cell !== '' && cell !== SHELL);
    const [near, far] = [read('near'), read('far')];
    for (const [end, contacts] of [
      ['near', near],
      ['far', far],
    ] as const)
      for (const contact of contacts)
        if (!ports[end].contacts.some((row) => row.contact === contact))
          return {
            ok: false,
            line: index + 2,
            reason: `${ports[end].name} has no contact ${contact} at the ${end} end.`,
          };
    // What is joined at one end alone is the ports' own rule, not a join across.
    if (near.length + far.length > 1 && near.length * far.length === 0) continue;
    const long = Math.max(near.length, far.length);
    for (let place = 0; place < long; place += 1)
      joins.push({
        near: near[Math.min(place, near.length - 1)] ?? null,
        far: far[Math.min(place, far.length - 1)] ?? null,
      });
  }
  return { ok: true, joins };
}
