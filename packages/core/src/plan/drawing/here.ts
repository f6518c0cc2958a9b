import { WITHIN_95, type Uncertain } from '../../units';
import { legM, type Leg, type RunLength, type Spot } from '../lengths';

/** Where on its way through the building a cable may have what was measured along it. */
export interface Here {
  /** Along the drawn way from the near place, slack not counted: in 95 of 100 cases between these. */
  readonly fromM: number;
  readonly toM: number;
  /** The pieces of the way between them. */
  readonly pieces: readonly Leg[];
  /** Ways in which they lie, from the near end on; null between a way and a place. */
  readonly ways: readonly (string | null)[];
  /** How much more cable there is than the drawn way: nobody knows where it lies. */
  readonly spareM: number;
}

/**
 * A distance along the cable, from its near end, on the way that it was drawn to take. More cable than way lies
 * somewhere in slack loops or bends: before the place, or behind it; both are counted.
 *
 * @param lengthM of the cable, where that is known better than from the drawing
 * @returns null where the run has no way, or the place lies beyond its end
 */
export function hereOn(
  run: Pick<RunLength, 'legs' | 'lengthM'>,
  distance: Uncertain,
  lengthM: number | null,
): Here | null {
  const last = run.legs.at(-1);
  if (!last || run.lengthM === null) return null;
  const drawnM = last.atM + legM(last);
  const spareM = Math.max(0, (lengthM ?? run.lengthM) - drawnM);
  const fromM = Math.max(0, distance.value - WITHIN_95 * distance.u - spareM);
  const toM = Math.min(drawnM, Math.max(0, distance.value + WITHIN_95 * distance.u));
  if (fromM > drawnM) return null;
  const pieces = run.legs.flatMap((leg) => pieceOf(leg, fromM, toM));
  return { fromM, toM, pieces, ways: [...new Set(pieces.map(({ way }) => way))], spareM };
}

function pieceOf(leg: Leg, fromM: number, toM: number): Leg[] {
  const long = legM(leg);
  const [begin, end] = [fromM - leg.atM, toM - leg.atM].map((at) =>
    Math.min(1, Math.max(0, at / long)),
  );
  if (begin === undefined || end === undefined) return [];
  const isWithin = leg.atM <= toM && leg.atM + long >= fromM;
  if (!isWithin) return [];
  return [{ ...leg, from: spotAt(leg, begin), to: spotAt(leg, end), atM: leg.atM + begin * long }];
}

const spotAt = ({ from, to }: Leg, share: number): Spot => ({
  x: from.x + share * (to.x - from.x),
  y: from.y + share * (to.y - from.y),
  heightM: from.heightM + share * (to.heightM - from.heightM),
});
