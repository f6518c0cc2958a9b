import type { Message } from '../../message';
import { WITHIN_95, type Uncertain } from '../../units';
import { tell, type BetterMeasure, type OnRoute } from './messages';

/** Something that a cable passes, where it can be found on the wall, floor or ceiling. */
export interface RoutePoint {
  readonly name: string;
  /** Along the cable, from the near end. */
  readonly atM: Uncertain;
  /** Cable that is wound up or goes up and down here before it goes on: a slack loop, a drop. */
  readonly extraM: number;
}

/** One reason why the place is not known better. */
export interface Share {
  readonly of: 'velocity' | 'delay' | 'route';
  /** What it adds, metres. */
  readonly u: number;
}

export interface Place {
  readonly distanceM: Uncertain;
  /** The points before and behind it; null where there is none. */
  readonly after: string | null;
  readonly before: string | null;
  /** From the point before it. */
  readonly behindM: number | null;
  readonly spanM: readonly [number, number];
  /** Cable that it lies within for 95 %. */
  readonly openM: number;
  /** Of it, what is wound up or drops at a point, and is looked through there instead. */
  readonly woundM: number;
  readonly sentence: Message;
  readonly shares: readonly Share[];
  /** What to measure first so that less has to be opened; null where nothing brings much. */
  readonly better: Better | null;
}

export interface Better {
  readonly measure: BetterMeasure;
  readonly openM: number;
  readonly sentence: Message;
}

/** A hand's width: less need not be opened, nor a narrower place be measured again. */
const HAND_M = 0.1;
/** What a velocity factor measured on a known length of the same cable is good for, a share. */
const MEASURED_VELOCITY_SHARE = 0.003;
/** A tape laid along the route once more. */
const TAPED_M = 0.05;
/** Only what saves a third of the opening is worth a walk. */
const WORTH = 0.67;

/**
 * Where on a link's route a distance along its cable lies: between which points, how much to open so that
 * the place is within for 95 %, and which measurement would make that less.
 *
 * @param delayShareM what the delay's own uncertainty adds to the distance
 * @param lengthM of the whole cable, where it is known: the other end may see the place from nearer by
 */
export function placeOnRoute(
  distanceM: Uncertain,
  delayShareM: number,
  route: readonly RoutePoint[],
  lengthM: Uncertain | null,
): Place {
  const velocityShareM = Math.sqrt(Math.max(0, distanceM.u ** 2 - delayShareM ** 2));
  const points = [...route].sort((a, b) => a.atM.value - b.atM.value);
  const at = distanceM.value;
  const behind = points.findLast(({ atM }) => atM.value <= at) ?? null;
  const ahead = points.find(({ atM }) => atM.value > at) ?? null;
  const routeU = routeUncertainty(at, behind, ahead);
  const shares: Share[] = [
    { of: 'velocity' as const, u: velocityShareM },
    { of: 'delay' as const, u: delayShareM },
    { of: 'route' as const, u: routeU },
  ].sort((a, b) => b.u - a.u);
  const openM = opened(velocityShareM, delayShareM, routeU);
  const span: readonly [number, number] = [at - openM / 2, at + openM / 2];
  const inLoop = behind !== null && behind.extraM > 0 && at < behind.atM.value + behind.extraM;
  const behindM = behind ? at - behind.atM.value - (inLoop ? 0 : behind.extraM) : null;
  const woundM = points.reduce((sum, point) => sum + woundWithin(point, span), 0);
  const where: OnRoute = inLoop
    ? { at: 'wound-up', point: behind.name }
    : behind && ahead
      ? { at: 'between', point: behind.name, other: ahead.name, byM: behindM ?? 0 }
      : behind
        ? { at: 'behind', point: behind.name, byM: behindM ?? 0 }
        : ahead
          ? { at: 'before', point: ahead.name, byM: ahead.atM.value - at }
          : { at: 'along', byM: at };
  const beyond =
    lengthM !== null && at > lengthM.value + WITHIN_95 * Math.hypot(lengthM.u, distanceM.u);
  const wayM = openM - woundM;
  const sentence = beyond
    ? tell('place-behind-end', { atM: at, lengthM: lengthM.value })
    : tell('place-on-route', {
        where,
        openM,
        woundM,
        wayM,
        isWoundUp: wayM < HAND_M / 2,
        spanM: [Math.max(0, span[0]), span[1]],
      });
  return {
    distanceM,
    after: behind?.name ?? null,
    before: ahead?.name ?? null,
    behindM,
    spanM: span,
    openM,
    woundM,
    sentence,
    shares,
    better: beyond
      ? null
      : betterMeasurement(at, velocityShareM, delayShareM, routeU, openM, lengthM),
  };
}

function woundWithin({ atM, extraM }: RoutePoint, [from, to]: readonly [number, number]): number {
  return Math.max(0, Math.min(to, atM.value + extraM) - Math.max(from, atM.value));
}

const opened = (...us: readonly number[]): number =>
  Math.max(HAND_M, 2 * WITHIN_95 * Math.hypot(...us));

/** A place between two points is known as well as they are, each by how near it is. */
function routeUncertainty(at: number, behind: RoutePoint | null, ahead: RoutePoint | null): number {
  if (behind && ahead) {
    const leaves = behind.atM.value + behind.extraM;
    const share = Math.max(0, at - leaves) / Math.max(1e-9, ahead.atM.value - leaves);
    return Math.hypot(behind.atM.u * (1 - share), ahead.atM.u * share);
  }
  return behind?.atM.u ?? ahead?.atM.u ?? 0;
}

function betterMeasurement(
  at: number,
  velocityU: number,
  delayU: number,
  routeU: number,
  now: number,
  lengthM: Uncertain | null,
): Better | null {
  const known = Math.min(velocityU, at * MEASURED_VELOCITY_SHARE);
  const choices: Omit<Better, 'sentence'>[] = [
    {
      measure: 'known-length',
      openM: opened(known, delayU, routeU),
    },
    {
      measure: 'route',
      openM: opened(velocityU, delayU, Math.min(routeU, TAPED_M)),
    },
    {
      measure: 'averages',
      openM: opened(velocityU, delayU / 4, routeU),
    },
  ];
  if (lengthM) {
    const share = at / lengthM.value;
    choices.push({
      measure: 'other-end',
      // Free of the velocity factor: the length's own uncertainty counts by the share, both delays' too.
      openM: opened(lengthM.u * share, delayU, routeU),
    });
  }
  const best = choices.reduce((one, other) => (other.openM < one.openM ? other : one));
  if (best.openM > WORTH * now || now <= HAND_M) return null;
  return {
    ...best,
    sentence: tell('place-better', { measure: best.measure, openM: best.openM, nowM: now }),
  };
}
