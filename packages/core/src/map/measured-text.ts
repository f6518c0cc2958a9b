import { conductor } from '../catalogue';
import type { MeasuredCore } from './solution';

export type ParsedMeasured =
  | { readonly ok: true; readonly cores: readonly MeasuredCore[] }
  | { readonly ok: false; readonly reason: string };

/**
 * Reads what the two ends of a cable's cores were measured to look like: "R>BR BK W>G", near before far;
 * a core that looks the same at both ends is written once. Nothing means: as the catalogue says.
 */
export function parseMeasured(text: string): ParsedMeasured {
  const cores: MeasuredCore[] = [];
  for (const word of text
    .toUpperCase()
    .split(/[\s,;]+/)
    .filter((one) => one !== '')) {
    const [near = '', far = near, ...more] = word.split('>');
    const bad = [near, far].find((id) => conductor(id).name === id);
    if (bad !== undefined || more.length > 0)
      return {
        ok: false,
        reason: `‘${word}’ is no core. Write R, or R>BR where it is red at the near end and brown at the far one.`,
      };
    for (const end of ['near', 'far'] as const) {
      const id = end === 'near' ? near : far;
      if (cores.some((core) => core[end] === id))
        return {
          ok: false,
          reason: `${id} stands twice at the ${end} end: write ${id}.2 for the second.`,
        };
    }
    cores.push({ near, far });
  }
  return { ok: true, cores };
}

export const writeMeasured = (cores: readonly MeasuredCore[]): string =>
  cores.map(({ near, far }) => (near === far ? near : `${near}>${far}`)).join(' ');
