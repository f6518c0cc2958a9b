import { routeProblems, type Waypoint } from '../link';
import { parseLength, writeLength, type LengthOptions, type UnitSystem } from '../units';

export type ParsedRoute =
  | { readonly ok: true; readonly route: readonly Waypoint[] }
  | { readonly ok: false; readonly reason: string };

/**
 * Reads "Tray T1 @ 4.5 m | Slack loop @ 21 m + 3 m": a point, where the cable reaches it, and what is wound
 * up there before it goes on.
 *
 * @param lengthM of the cable, where it is known
 */
export function parseRoute(
  text: string,
  options: LengthOptions = {},
  lengthM: number | null = null,
): ParsedRoute {
  const route: Waypoint[] = [];
  for (const item of text
    .split('|')
    .map((part) => part.trim())
    .filter(Boolean)) {
    const at = item.lastIndexOf('@');
    const name = item.slice(0, Math.max(at, 0)).trim();
    if (!name)
      return { ok: false, reason: `'${item}' is not a waypoint. Write: Tray T1 @ 4.5 m, or 15 ft` };
    const [position = '', ...more] = item.slice(at + 1).split('+');
    const parsed = parseLength(position, options);
    if (!parsed.ok) return { ok: false, reason: parsed.reason };
    const extra = more.length > 0 ? parseLength(more.join('+'), options) : null;
    if (extra?.ok === false)
      return { ok: false, reason: `What is wound up at '${name}': ${extra.reason}` };
    route.push({
      name,
      atM: parsed.lengthM,
      ...(extra && extra.lengthM > 0 ? { extraM: extra.lengthM } : {}),
    });
  }
  const [wrong] = routeProblems({ route, lengthM });
  return wrong ? { ok: false, reason: `${wrong.reason}.` } : { ok: true, route };
}

export function writeRoute(route: readonly Waypoint[], units: UnitSystem = 'metric'): string {
  const told = (metres: number) => writeLength(metres, units);
  return route
    .map(({ name, atM, extraM }) => `${name} @ ${told(atM)}${extraM ? ` + ${told(extraM)}` : ''}`)
    .join(' | ');
}
