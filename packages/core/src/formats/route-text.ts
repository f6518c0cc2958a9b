import type { Waypoint } from '../link';
import { parseLength, type LengthOptions } from '../units';

export type ParsedRoute =
  | { readonly ok: true; readonly route: readonly Waypoint[] }
  | { readonly ok: false; readonly reason: string };

/** Reads "Tray T1 @ 4.5 m | Wall W3 @ 21 m"; positions must rise along the cable. */
export function parseRoute(text: string, options: LengthOptions = {}): ParsedRoute {
  const route: Waypoint[] = [];
  for (const item of text
    .split('|')
    .map((part) => part.trim())
    .filter(Boolean)) {
    const at = item.lastIndexOf('@');
    const name = item.slice(0, Math.max(at, 0)).trim();
    if (!name) return { ok: false, reason: `'${item}' is not a waypoint. Write: Tray T1 @ 4.5 m` };
    const parsed = parseLength(item.slice(at + 1), options);
    if (!parsed.ok) return { ok: false, reason: parsed.reason };
    const last = route.at(-1);
    if (last && parsed.lengthM < last.atM)
      return {
        ok: false,
        reason: `'${name}' comes before '${last.name}': list waypoints from the near end.`,
      };
    route.push({ name, atM: parsed.lengthM });
  }
  return { ok: true, route };
}

export function writeRoute(route: readonly Waypoint[]): string {
  return route.map(({ name, atM }) => `${name} @ ${atM} m`).join(' | ');
}
