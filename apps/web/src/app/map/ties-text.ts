export type ParsedTies =
  | { readonly ok: true; readonly ties: readonly (readonly number[])[] }
  | { readonly ok: false; readonly reason: string };

/**
 * Reads which cores beep together: "W BL, R, G BR" is groups by commas; cores that are not named beep with
 * none. Numbers count the names from 1.
 */
export function parseTies(text: string, names: readonly string[]): ParsedTies {
  const upper = names.map((name) => name.toUpperCase());
  const groups = text
    .split(/[,;/\n]+/)
    .map((group) => group.split(/\s+/).filter((name) => name !== ''))
    .filter((group) => group.length > 0);
  const seen = new Set<number>();
  const ties: number[][] = [];
  for (const group of groups) {
    const tie: number[] = [];
    for (const name of group) {
      const number = upper.indexOf(name.toUpperCase()) + 1;
      if (number === 0)
        return { ok: false, reason: `‘${name}’ is none of them: ${names.join(', ')}.` };
      if (seen.has(number)) return { ok: false, reason: `${name} stands twice.` };
      seen.add(number);
      tie.push(number);
    }
    ties.push(tie);
  }
  const alone = names.flatMap((_, index) => (seen.has(index + 1) ? [] : [[index + 1]]));
  return { ok: true, ties: [...ties, ...alone] };
}

export const writeTies = (ties: readonly (readonly number[])[], names: readonly string[]): string =>
  ties
    .map((group) => group.map((number) => names[number - 1] ?? String(number)).join(' '))
    .join(', ');
