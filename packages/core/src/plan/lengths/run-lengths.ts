import { shortestFrom, type Passage, type Shortest } from '../paths';
import { networkOf, type Edge, type Network } from './network';
import {
  legM,
  type Leg,
  type LengthTask,
  type Lengths,
  type NoLengths,
  type PlannedRun,
  type RunLength,
  type Spot,
  type WayFill,
} from './task';

export type MeasuredPlan =
  | { readonly ok: true; readonly lengths: Lengths }
  | { readonly ok: false; readonly reason: NoLengths };

/**
 * How long the runs of a plan drawing are, by the shortest way through its trays and risers, with what leaves them
 * and the slack at both ends; and how full that makes each.
 */
export function runLengths(task: LengthTask): MeasuredPlan {
  const { scale, places, runs, ways, slackM } = task;
  const drawn = Math.hypot(scale.to.x - scale.from.x, scale.to.y - scale.from.y);
  if (!(drawn > 0) || !(scale.metres > 0)) return { ok: false, reason: { kind: 'no-scale' } };
  const placeOf = new Map(places.map(({ id }, index) => [id, index]));
  for (const { id, from, to } of runs)
    for (const name of [from, to])
      if (!placeOf.has(name))
        return { ok: false, reason: { kind: 'unknown-place', run: id, name } };
  const metresPerUnit = scale.metres / drawn;
  const network = networkOf(task, metresPerUnit);
  const onward = onwardOf(network);
  // A place is a start or an end of a run, never a way through: what hangs on two trays doesn’t join them.
  const isWay = (spot: number): boolean => spot >= places.length;
  const shortest = new Map<number, Shortest<Going>>();
  const found = runs.map((run): RunLength => {
    const [from, to] = [placeOf.get(run.from) ?? 0, placeOf.get(run.to) ?? 0];
    const reached = shortest.get(from) ?? shortestFrom(onward, from, isWay);
    shortest.set(from, reached);
    const legs = legsTo(network, reached, from, to, ways);
    if (!legs) return { id: run.id, lengthM: null, by: [], legs: [] };
    const by = [...new Set(legs.flatMap(({ way }) => (way === null ? [] : [way])))];
    const metres = legs.reduce((sum, leg) => sum + legM(leg), 0);
    return { id: run.id, lengthM: metres + 2 * slackM, by, legs };
  });
  const inside = new Map<string, PlannedRun[]>(ways.map(({ id }) => [id, []]));
  for (const [index, { by }] of found.entries())
    for (const way of by) inside.get(way)?.push(...runs.slice(index, index + 1));
  return {
    ok: true,
    lengths: {
      metresPerUnit,
      runs: found,
      ways: ways.map(({ id, areaMm2 }): WayFill => {
        const lying = inside.get(id) ?? [];
        return { id, runs: lying.map((run) => run.id), fill: fillOf(lying, areaMm2) };
      }),
    },
  };
}

function fillOf(runs: readonly PlannedRun[], areaMm2: number | null): number | null {
  if (areaMm2 === null || runs.some(({ diameterMm }) => diameterMm === null)) return null;
  return (
    runs.reduce((sum, { diameterMm }) => sum + (Math.PI / 4) * (diameterMm ?? 0) ** 2, 0) / areaMm2
  );
}

/** Where a way and hanging free are as long, a cable lies in the way: hanging counts for so much more. */
const FREE_SHARE = 1e-6;

interface Going extends Passage {
  readonly edge: Edge;
}

/** What leaves each spot, by every edge in both directions. */
function onwardOf({ spots, edges }: Network): readonly (readonly Going[])[] {
  const onward = spots.map((): Going[] => []);
  for (const edge of edges) {
    const cost = edge.metres * (edge.way === null ? 1 + FREE_SHARE : 1);
    onward[edge.from]?.push({ from: edge.from, to: edge.to, cost, edge });
    onward[edge.to]?.push({ from: edge.to, to: edge.from, cost, edge });
  }
  return onward;
}

/** The straight pieces of the way, from the start on; null where there is none. */
function legsTo(
  { spots }: Network,
  { by }: Shortest<Going>,
  start: number,
  end: number,
  ways: LengthTask['ways'],
): Leg[] | null {
  const back: Omit<Leg, 'atM'>[] = [];
  let piece: number | null = null;
  for (let at = end; at !== start;) {
    const going: Going | null | undefined = by[at];
    const [from, to] = [spots[going?.from ?? -1], spots[at]];
    if (!going || !from || !to) return null;
    const { edge } = going;
    const last = back.at(-1);
    if (edge.way === null) back.push(...hanging(from, to, edge.from === going.from).reverse());
    else if (last && edge.piece === piece) back.splice(-1, 1, { ...last, from });
    else back.push({ from, to, way: ways[edge.way]?.id ?? '' });
    piece = edge.piece;
    at = going.from;
  }
  let atM = 0;
  return back.reverse().flatMap((part) => {
    const long = legM(part);
    const leg = { ...part, atM };
    atM += long;
    return long > 0 ? [leg] : [];
  });
}

/** Up or down at the place, level between there and the way. */
function hanging(from: Spot, to: Spot, isFromPlace: boolean): Omit<Leg, 'atM'>[] {
  const corner = isFromPlace
    ? { x: from.x, y: from.y, heightM: to.heightM }
    : { x: to.x, y: to.y, heightM: from.heightM };
  return [
    { from, to: corner, way: null },
    { from: corner, to, way: null },
  ];
}
