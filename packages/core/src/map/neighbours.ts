import { outline, type Contact, type OutlineRef } from '../catalogue';

/** How much further than the nearest contact one still counts as beside it. */
const BESIDE = 1.3;

/** Contacts that stand beside each other: where solder bridges, whiskers and wrong slots happen. */
export function neighbours(connector: OutlineRef): (readonly [Contact, Contact])[] {
  const { places } = outline(connector);
  const gap = (a: (typeof places)[number], b: (typeof places)[number]) =>
    Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);
  const nearest = new Map(
    places.map((a) => [
      a.contact,
      Math.min(...places.filter((b) => b !== a).map((b) => gap(a, b))),
    ]),
  );
  return places.flatMap((a, index) =>
    places.slice(index + 1).flatMap((b) => {
      const reach = BESIDE * Math.max(nearest.get(a.contact) ?? 0, nearest.get(b.contact) ?? 0);
      return gap(a, b) <= reach ? [[a.contact, b.contact] as const] : [];
    }),
  );
}
