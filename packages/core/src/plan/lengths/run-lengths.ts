import TinyQueue from 'tinyqueue';
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
  const shortest = new Map<number, Reached>();
  const found = runs.map((run): RunLength => {
    const [from, to] = [placeOf.get(run.from) ?? 0, placeOf.get(run.to) ?? 0];
    const reached = shortest.get(from) ?? reachFrom(onward, from, places.length);
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

/** By which edge each spot was come to; null where none leads there, and at the start. */
type Reached = readonly (Edge | null)[];

/** Edges that leave each spot. */
function onwardOf({ spots, edges }: Network): readonly (readonly Edge[])[] {
  const onward = spots.map((): Edge[] => []);
  for (const edge of edges) {
    onward[edge.from]?.push(edge);
    onward[edge.to]?.push(edge);
  }
  return onward;
}

/**
 * A place is a start or an end of a run, never a way through: what hangs on two trays doesn’t join them.
 *
 * Source: Dijkstra.
 */
function reachFrom(onward: readonly (readonly Edge[])[], start: number, places: number): Reached {
  const costs = onward.map((_, spot) => (spot === start ? 0 : Infinity));
  const by: (Edge | null)[] = onward.map(() => null);
  const queue = new TinyQueue<readonly [cost: number, spot: number]>(
    [[0, start]],
    ([a], [b]) => a - b,
  );
  for (let next = queue.pop(); next; next = queue.pop()) {
    const [here, spot] = next;
    if (here > (costs[spot] ?? 0) || (spot < places && spot !== start)) continue;
    for (const edge of onward[spot] ?? []) {
      const to = edge.from === spot ? edge.to : edge.from;
      const cost = here + edge.metres * (edge.way === null ? 1 + FREE_SHARE : 1);
      if (cost >= (costs[to] ?? Infinity)) continue;
      costs[to] = cost;
      by[to] = edge;
      queue.push([cost, to]);
    }
  }
  return by;
}

/** The straight pieces of the way, from the start on; null where there is none. */
function legsTo(
  { spots }: Network,
  by: Reached,
  start: number,
  end: number,
  ways: LengthTask['ways'],
): Leg[] | null {
  const back: Omit<Leg, 'atM'>[] = [];
  let piece: number | null = null;
  for (let at = end; at !== start;) {
    const edge: Edge | null | undefined = by[at];
    const before: number | undefined = edge?.from === at ? edge.to : edge?.from;
    const [from, to] = [spots[before ?? -1], spots[at]];
    if (!edge || before === undefined || !from || !to) return null;
    const last = back.at(-1);
    if (edge.way === null) back.push(...hanging(from, to, edge.from === before).reverse());
    else if (last && edge.piece === piece) back.splice(-1, 1, { ...last, from });
    else back.push({ from, to, way: ways[edge.way]?.id ?? '' });
    piece = edge.piece;
    at = before;
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
