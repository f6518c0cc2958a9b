import { conductor, type Core } from './conductor';

export type ParsedCores =
  | { readonly ok: true; readonly cores: readonly Core[] }
  | { readonly ok: false; readonly reason: string };

/**
 * Reads a cable's cores as people write them: "R BK Y W" for cores side by side, "W-BL/BL W-O/O" for
 * pairs, tip first; both may stand in one cable. Colours are in letters, a stripe after "-".
 */
export function parseCores(text: string): ParsedCores {
  const words = text
    .trim()
    .toUpperCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  if (words.length === 0)
    return { ok: false, reason: 'Write the cores’ colours, such as R BK Y W.' };
  let pair = 0;
  const cores: Core[] = [];
  for (const word of words) {
    const ids = word.split('/');
    const strange = ids.find((id) => conductor(id).name === id);
    if (ids.length > 2 || strange !== undefined)
      return {
        ok: false,
        reason: `‘${word}’ is not a colour. Write letters, such as R, BK or W-BL; pairs as W-BL/BL.`,
      };
    if (ids.length === 2) pair += 1;
    ids.forEach((id, index) =>
      cores.push({
        id,
        pair: ids.length === 2 ? pair : null,
        member: ids.length === 2 ? (index === 0 ? 'tip' : 'ring') : null,
      }),
    );
  }
  const twice = cores.find(({ id }, index) => cores.findIndex((row) => row.id === id) < index);
  return twice
    ? { ok: false, reason: `‘${twice.id}’ stands twice. Write ${twice.id}.2 for the second.` }
    : { ok: true, cores };
}

/** Cores as parseCores reads them back. */
export function writeCores(cores: readonly Core[]): string {
  const said = new Set<number>();
  return cores
    .flatMap(({ id, pair }) => {
      if (pair === null) return [id];
      if (said.has(pair)) return [];
      said.add(pair);
      const of = (member: 'tip' | 'ring') =>
        cores.find((row) => row.pair === pair && row.member === member)?.id ?? '';
      return [`${of('tip')}/${of('ring')}`];
    })
    .join(' ');
}
