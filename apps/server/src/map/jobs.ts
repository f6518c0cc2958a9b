import { buzzPlanRequest, buzzResultRequest, solveRequest } from '@near-spoke/contract/map';
import {
  buzzInReach,
  compareWithDrawing,
  expectedProbes,
  planWalk,
  readWalk,
  solveMap,
} from '@near-spoke/core/map';
import type { Database } from '../db/database';
import { json, type Ask } from '../http/ask';
import { bodyOf } from '../http/parse';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';

const numbered = (count: number) => Array.from({ length: count }, (_, index) => String(index + 1));

export async function solve(ask: Ask, db: Database) {
  const { cable, ...task } = bodyOf(solveRequest, ask);
  return json(solveMap({ ...task, cable: knownCable(cable, await loadCatalogue(db)) }));
}

export function buzzPlan(ask: Ask) {
  const { cores, mode } = bodyOf(buzzPlanRequest, ask);
  if (mode === 'walk') {
    const { farSizes, ...plan } = planWalk(cores);
    const sizes = [...farSizes].map(([nearSize, far]) => ({ nearSize, farSizes: far }));
    return json({ mode, ...plan, farSizes: sizes });
  }
  const task = { near: numbered(cores), far: numbered(cores), expected: [] };
  const { next } = buzzInReach(task, []);
  return json({ mode, cores, expectedProbes: expectedProbes(cores), next });
}

export function buzzResult(ask: Ask) {
  const result = bodyOf(buzzResultRequest, ask);
  if (result.mode === 'walk')
    return json({ mode: result.mode, ...readWalk(planWalk(result.cores), result) });
  const buzzed = buzzInReach(result, result.readings);
  const over = buzzed.stage === 'done';
  const differences =
    result.expected.length > 0
      ? compareWithDrawing(result.expected, buzzed.labels, buzzed.contradictions, over)
      : [];
  return json({ mode: result.mode, ...buzzed, differences });
}
