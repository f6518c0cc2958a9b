import { legM, type LengthTask, type Point, type Spot } from './task';

/** Spots that cables go between, and by which way; the places come first. */
export interface Network {
  readonly spots: readonly Spot[];
  readonly edges: readonly Edge[];
}

export interface Edge {
  readonly from: number;
  readonly to: number;
  readonly metres: number;
  /** The number of the way that it lies along; null where a cable leaves one. */
  readonly way: number | null;
  /** The straight piece of it; null where a cable leaves one. */
  readonly piece: number | null;
}

/** How far a cable goes between a place and where it hangs: level, and up or down at the place. */
const hungM = (place: Spot, spot: Spot): number =>
  Math.hypot(place.x - spot.x, place.y - spot.y) + Math.abs(place.heightM - spot.heightM);

/** Ways whose heights differ by less than this meet where they cross, or where one ends beside the other. */
const MEET_M = 0.3;

interface Segment {
  readonly way: number;
  readonly sheet: string | undefined;
  readonly from: Spot;
  readonly to: Spot;
  /** Shares of the segment where something joins it. */
  readonly at: Map<number, Spot>;
}

/**
 * The network of ways with the places on it. Ways are joined where they cross or touch; a place hangs on the
 * nearest spot of each way within reach, and of the nearest way in any case, across and then up or down.
 */
export function networkOf({ ways, places, reachM }: LengthTask, metresPerUnit: number): Network {
  const scaled = <T extends Point>(point: T) => ({
    ...point,
    x: point.x * metresPerUnit,
    y: point.y * metresPerUnit,
  });
  const segments = ways.flatMap(({ points, sheet }, way) =>
    points.slice(1).map((to, index): Segment => {
      const [a, b] = [scaled(points[index] ?? to), scaled(to)];
      return { way, sheet, from: a, to: b, at: new Map([[0, a] as const, [1, b] as const]) };
    }),
  );
  for (const [index, one] of segments.entries())
    for (const other of segments.slice(index + 1))
      if (one.way !== other.way && isOfOneSheet(one, other)) join(one, other);
  const hung = places.map((place) =>
    hang(
      scaled(place),
      segments.filter((segment) => isOfOneSheet(segment, place)),
      reachM,
    ),
  );
  const spots: Spot[] = places.map(scaled);
  const bySpot = new Map<Spot, number>();
  const byName = new Map<string, number>();
  const numberOf = (spot: Spot, sheet: string | undefined): number => {
    const name = nameOf(spot, sheet);
    const number = bySpot.get(spot) ?? byName.get(name) ?? spots.push(spot) - 1;
    bySpot.set(spot, number);
    byName.set(name, number);
    return number;
  };
  const edges: Edge[] = [];
  for (const [piece, { way, sheet, at }] of segments.entries()) {
    const along = [...at].sort(([a], [b]) => a - b).map(([, spot]) => spot);
    for (const [index, to] of along.slice(1).entries()) {
      const from = along[index] ?? to;
      edges.push({
        from: numberOf(from, sheet),
        to: numberOf(to, sheet),
        metres: legM({ from, to }),
        way,
        piece,
      });
    }
  }
  for (const [place, list] of hung.entries())
    for (const { spot, sheet, metres } of list)
      edges.push({ from: place, to: numberOf(spot, sheet), metres, way: null, piece: null });
  return { spots, edges };
}

/** Spots of a sheet less than a micrometre or so from each other are one. */
const nameOf = ({ x, y, heightM }: Spot, sheet = ''): string =>
  [...[x, y, heightM].map((value) => Math.round(value * 1e6)), sheet].join(' ');
const isOfOneSheet = (
  one: { readonly sheet?: string | undefined },
  other: { readonly sheet?: string | undefined },
): boolean => one.sheet === undefined || other.sheet === undefined || one.sheet === other.sheet;

const spotAt = ({ from, to }: Segment, share: number): Spot => ({
  x: from.x + share * (to.x - from.x),
  y: from.y + share * (to.y - from.y),
  heightM: from.heightM + share * (to.heightM - from.heightM),
});

/** Where a segment is nearest to a point, seen from above; of a riser, at the point’s height. */
function nearestShare({ from, to }: Segment, point: Spot): number {
  const [dx, dy, dz] = [to.x - from.x, to.y - from.y, to.heightM - from.heightM];
  const across = dx * dx + dy * dy;
  const share =
    across > 0
      ? ((point.x - from.x) * dx + (point.y - from.y) * dy) / across
      : dz === 0
        ? 0
        : (point.heightM - from.heightM) / dz;
  return Math.min(1, Math.max(0, share));
}

/** Joins two segments where they cross seen from above, or an end of one lies at the other, at about one height. */
function join(one: Segment, other: Segment): void {
  const crossing = crossed(one, other);
  // What stands upright crosses nothing seen from above: from each end, to the other, and back from there.
  const nearEnds = [0, 1].flatMap((end): [number, number][] => {
    const a = nearestShare(one, spotAt(other, end));
    const b = nearestShare(other, spotAt(one, end));
    return [
      [a, nearestShare(other, spotAt(one, a))],
      [nearestShare(one, spotAt(other, b)), b],
    ];
  });
  const pairs = [...(crossing ? [crossing] : []), ...nearEnds];
  for (const [a, b] of pairs) {
    const [here, there] = [spotAt(one, a), spotAt(other, b)];
    if (legM({ from: here, to: there }) > MEET_M) continue;
    // They meet in one spot: one of the two that is an end already, if either is.
    const spot = one.at.get(a) ?? other.at.get(b) ?? here;
    one.at.set(a, spot);
    other.at.set(b, spot);
    return;
  }
}

function crossed(one: Segment, other: Segment): [number, number] | null {
  const [ax, ay] = [one.to.x - one.from.x, one.to.y - one.from.y];
  const [bx, by] = [other.to.x - other.from.x, other.to.y - other.from.y];
  const area = ax * by - ay * bx;
  if (Math.abs(area) < 1e-12) return null;
  const [cx, cy] = [other.from.x - one.from.x, other.from.y - one.from.y];
  const a = (cx * by - cy * bx) / area;
  const b = (cx * ay - cy * ax) / area;
  return a >= 0 && a <= 1 && b >= 0 && b <= 1 ? [a, b] : null;
}

/** Where a place hangs on the ways, and how far it is from there: across, then up or down. */
function hang(
  place: Spot,
  segments: readonly Segment[],
  reachM: number,
): { readonly spot: Spot; readonly sheet: string | undefined; readonly metres: number }[] {
  const nearest = new Map<number, { segment: Segment; share: number; metres: number }>();
  for (const segment of segments) {
    const share = nearestShare(segment, place);
    const spot = spotAt(segment, share);
    const metres = hungM(place, spot);
    const known = nearest.get(segment.way);
    if (!known || metres < known.metres) nearest.set(segment.way, { segment, share, metres });
  }
  const rows = [...nearest.values()].sort((a, b) => a.metres - b.metres);
  return rows
    .filter(({ metres }, index) => index === 0 || metres <= reachM)
    .map(({ segment, share, metres }) => {
      const spot = segment.at.get(share) ?? spotAt(segment, share);
      segment.at.set(share, spot);
      return { spot, sheet: segment.sheet, metres };
    });
}
