import type { DrawingDeed, DrawingFactLike } from './deed';

type OfKind<K extends DrawingDeed['kind']> = Extract<DrawingDeed, { kind: K }>;

export type Picture = OfKind<'picture'>;
export type Scale = OfKind<'scale'>;
export type DrawnWay = OfKind<'way'>;
export type DrawnPlace = OfKind<'place'>;

/** A plan as it is now. */
export interface Drawing {
  readonly id: string;
  readonly picture: Picture;
  /** Null until two points of it were told. */
  readonly scale: Scale | null;
  readonly ways: readonly DrawnWay[];
  readonly places: readonly DrawnPlace[];
}

interface Sheet {
  picture: Picture | null;
  scale: Scale | null;
  readonly ways: Map<string, DrawnWay>;
}

/**
 * The plans of a site: of everything drawn twice, what was drawn last. A place is on one plan only. What was drawn
 * on a plan without a picture waits for it.
 *
 * @param facts oldest first, without those that were taken back
 * @returns by their floors, the lowest first
 */
export function drawingsOf(facts: readonly DrawingFactLike[]): Drawing[] {
  const sheets = new Map<string, Sheet>();
  const places = new Map<string, { readonly drawing: string; readonly deed: DrawnPlace }>();
  for (const { drawing, deed } of facts) {
    const sheet = sheets.get(drawing) ?? { picture: null, scale: null, ways: new Map() };
    sheets.set(drawing, sheet);
    if (deed.kind === 'picture') sheet.picture = deed;
    else if (deed.kind === 'scale') sheet.scale = deed;
    else if (deed.kind === 'way') sheet.ways.set(deed.way, deed);
    else if (deed.kind === 'place') places.set(deed.place, { drawing, deed });
    else if (deed.what === 'way') sheet.ways.delete(deed.id);
    else if (deed.what === 'place') places.delete(deed.id);
    else sheet.picture = null;
  }
  return [...sheets]
    .flatMap(([id, { picture, scale, ways }]): Drawing[] => {
      if (!picture) return [];
      const here = [...places.values()].filter(({ drawing }) => drawing === id);
      return [
        { id, picture, scale, ways: [...ways.values()], places: here.map((row) => row.deed) },
      ];
    })
    .sort((a, b) => a.picture.floorM - b.picture.floorM);
}
