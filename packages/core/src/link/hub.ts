/**
 * The hub that a place belongs to, from the way schedules write places: "C1/A/01", "C1-A01" and
 * "C1 panel A port 1" are in C1, "Comms room C1, rack 2" is in "Comms room C1". A place that names no
 * position is a hub itself.
 */
export function hubOf(place: string): string {
  const text = place.trim();
  const separated = /^([^/:,|]+)[/:,|]/.exec(text);
  if (separated?.[1]) return separated[1].trim();
  const numbered = /^(.*?\d[^\s.-]*)(?=[\s.-])/.exec(text);
  return numbered?.[1]?.trim() ?? text;
}

/** The hubs that links start from. */
export const hubsOf = (links: readonly { readonly hub: string }[]): ReadonlySet<string> =>
  new Set(links.map(({ hub }) => hub).filter((hub) => hub !== ''));
