import {
  buzzPlanRequest,
  buzzResultRequest,
  solveRequest,
  viewRequest,
} from '@near-spoke/contract/map';
import { describeView, faceContacts, outline } from '@near-spoke/core/catalogue';
import {
  buzzInReach,
  compareWithDrawing,
  expectedProbes,
  planWalk,
  readWalk,
  solveMap,
} from '@near-spoke/core/map';
import { Router } from 'express';
import type { Database } from '../db/database';
import { parseBody } from '../http/parse';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';

const numbered = (count: number) => Array.from({ length: count }, (_, index) => String(index + 1));

/** What Map computes, without keeping anything. */
export function mapRouter(db: Database): Router {
  const router = Router();
  router.post('/map/solve', async (request, response) => {
    const { cable, ...task } = parseBody(solveRequest, request);
    response.json(solveMap({ ...task, cable: knownCable(cable, await loadCatalogue(db)) }));
  });
  router.post('/map/buzz-plan', (request, response) => {
    const { cores, mode } = parseBody(buzzPlanRequest, request);
    if (mode === 'walk') {
      const { farSizes, ...plan } = planWalk(cores);
      const sizes = [...farSizes].map(([nearSize, far]) => ({ nearSize, farSizes: far }));
      response.json({ mode, ...plan, farSizes: sizes });
      return;
    }
    const task = { near: numbered(cores), far: numbered(cores), expected: [] };
    const { next } = buzzInReach(task, []);
    response.json({ mode, cores, expectedProbes: expectedProbes(cores), next });
  });
  router.post('/map/buzz-result', (request, response) => {
    const result = parseBody(buzzResultRequest, request);
    if (result.mode === 'walk') {
      response.json({ mode: result.mode, ...readWalk(planWalk(result.cores), result) });
      return;
    }
    const buzzed = buzzInReach(result, result.readings);
    const over = buzzed.stage === 'done';
    const differences =
      result.expected.length > 0
        ? compareWithDrawing(result.expected, buzzed.labels, buzzed.contradictions, over)
        : [];
    response.json({ mode: result.mode, ...buzzed, differences });
  });
  router.post('/map/view', (request, response) => {
    const { connector, gender, view, latch } = parseBody(viewRequest, request);
    const { name, widthMm, heightMm } = outline(connector);
    const part = { outline: connector, gender };
    response.json({
      name,
      sentence: describeView(part, { side: view, latch }),
      widthMm,
      heightMm,
      contacts: faceContacts(part, { side: view, latch }),
    });
  });
  return router;
}
