import type { Point } from '../lengths';

export const WAY_KINDS = ['tray', 'riser', 'drop'] as const;
/** A tray lies level; a riser stands and goes through floors; a drop stands on one: a stud, a post, a column. */
export type WayKind = (typeof WAY_KINDS)[number];

/** What was drawn on a plan of a site, or taken off it. Points are in the picture’s own units, from its top left. */
export type DrawingDeed =
  | {
      readonly kind: 'picture';
      readonly name: string;
      /** SHA-256 of the file. */
      readonly blob: string;
      readonly width: number;
      readonly height: number;
      /** How high its floor lies above the lowest one. */
      readonly floorM: number;
    }
  | { readonly kind: 'scale'; readonly from: Point; readonly to: Point; readonly metres: number }
  | {
      readonly kind: 'way';
      readonly way: string;
      readonly name: string;
      readonly of: WayKind;
      /** Of a tray two or more, else one. */
      readonly points: readonly Point[];
      /** Above this floor: of a tray where it lies, of what stands up to where it goes. */
      readonly heightM: number;
      /** What cables may fill of its cross-section; null where nobody told. */
      readonly areaMm2: number | null;
    }
  | {
      readonly kind: 'place';
      readonly place: string;
      readonly at: Point;
      readonly heightM: number;
    }
  /** A way or place is no longer on it, or the drawing itself is put away. */
  | { readonly kind: 'off'; readonly what: 'way' | 'place' | 'drawing'; readonly id: string };

export interface DrawingFactLike {
  readonly drawing: string;
  readonly deed: DrawingDeed;
}
