import type { Asked } from '@near-spoke/contract';
import type { mapEndpoints } from '@near-spoke/contract/map';
import {
  buzzInReach,
  compareWithDrawing,
  expectedProbes,
  planWalk,
  readWalk,
  solveMap,
} from '@near-spoke/core/map';
import type { Database } from '../db/database';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';

const numbered = (count: number) => Array.from({ length: count }, (_, index) => String(index + 1));

export async function solve(
  { body: { cable, ...task } }: Asked<typeof mapEndpoints.solve>,
  db: Database,
) {
  return solveMap({ ...task, cable: knownCable(cable, await loadCatalogue(db)) });
}

export function buzzPlan({ body: { cores, mode } }: Asked<typeof mapEndpoints.buzzPlan>) {
  if (mode === 'walk') {
    const { farSizes, ...plan } = planWalk(cores);
    const sizes = [...farSizes].map(([nearSize, far]) => ({ nearSize, farSizes: far }));
    return { mode, ...plan, farSizes: sizes };
  }
  const task = { near: numbered(cores), far: numbered(cores), expected: [] };
  const { next } = buzzInReach(task, []);
  return { mode, cores, expectedProbes: expectedProbes(cores), next };
}

export function buzzResult({ body: result }: Asked<typeof mapEndpoints.buzzResult>) {
  if (result.mode === 'walk')
    return { mode: result.mode, ...readWalk(planWalk(result.cores), result) };
  const buzzed = buzzInReach(result, result.readings);
  const over = buzzed.stage === 'done';
  const differences =
    result.expected.length > 0
      ? compareWithDrawing(result.expected, buzzed.labels, buzzed.contradictions, over)
      : [];
  return { mode: result.mode, ...buzzed, differences };
}
