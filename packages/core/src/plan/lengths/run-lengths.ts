import { networkOf, type Edge, type Network } from './network';
import type { LengthTask, Lengths, NoLengths, PlannedRun, RunLength, WayFill } from './task';

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
  const shortest = new Map<number, Reached>();
  const found = runs.map((run): RunLength & { readonly lies: readonly number[] } => {
    const [from, to] = [placeOf.get(run.from) ?? 0, placeOf.get(run.to) ?? 0];
    const reached = shortest.get(from) ?? reachFrom(network, from);
    shortest.set(from, reached);
    const metres = reached.metres[to] ?? Infinity;
    const lies = Number.isFinite(metres) ? waysTo(reached, from, to) : [];
    return {
      id: run.id,
      lengthM: Number.isFinite(metres) ? metres + 2 * slackM : null,
      by: lies.map((way) => ways[way]?.id ?? ''),
      lies,
    };
  });
  return {
    ok: true,
    lengths: {
      metresPerUnit,
      runs: found.map(({ id, lengthM, by }) => ({ id, lengthM, by })),
      ways: ways.map(({ id, areaMm2 }, way): WayFill => {
        const inside = runs.filter((_, index) => found[index]?.lies.includes(way));
        return { id, runs: inside.map((run) => run.id), fill: fillOf(inside, areaMm2) };
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

interface Reached {
  readonly metres: readonly number[];
  /** By which edge each spot was come to. */
  readonly by: readonly (Edge | null)[];
}

/** Source: Dijkstra. */
function reachFrom({ spots, edges }: Network, start: number): Reached {
  const metres = spots.map((_, spot) => (spot === start ? 0 : Infinity));
  const by: (Edge | null)[] = spots.map(() => null);
  const onward = spots.map((_, spot) =>
    edges.filter(({ from, to }) => from === spot || to === spot),
  );
  const left = new Set(spots.keys());
  while (left.size > 0) {
    let next = -1;
    for (const spot of left)
      if (next < 0 || (metres[spot] ?? Infinity) < (metres[next] ?? Infinity)) next = spot;
    const here = metres[next] ?? Infinity;
    if (here === Infinity) break;
    left.delete(next);
    for (const edge of onward[next] ?? []) {
      const to = edge.from === next ? edge.to : edge.from;
      if (here + edge.metres >= (metres[to] ?? Infinity)) continue;
      metres[to] = here + edge.metres;
      by[to] = edge;
    }
  }
  return { metres, by };
}

/** The ways on the way, each once, from the start on. */
function waysTo({ by }: Reached, start: number, end: number): number[] {
  const ways: number[] = [];
  for (let at = end; at !== start;) {
    const edge = by[at];
    if (!edge) break;
    if (edge.way !== null && ways[0] !== edge.way) ways.unshift(edge.way);
    at = edge.from === at ? edge.to : edge.from;
  }
  return [...new Set(ways)];
}
