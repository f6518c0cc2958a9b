import { lineRequest, lossRequest, ohmsRequest } from '@near-spoke/contract/diagnosis';
import { TESTERS } from '@near-spoke/core/verify';
import { lossBudget } from '@near-spoke/core/verify/coax';
import { judgeLine, ringerLoad } from '@near-spoke/core/verify/line';
import {
  judgeLoops,
  loopExpected,
  powerBudget,
  unbalance,
  unbalanceBetween,
} from '@near-spoke/core/verify/ohms';
import { pairsOf } from '@near-spoke/core/link';
import { LOOP_MOST_OHM } from '@near-spoke/core/verify/limits';
import { Router } from 'express';
import { parseBody } from '../http/parse';
import { invalid, refuse } from '../http/problem-error';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import type { Services } from '../services';
import { byJob } from '../work/mount';
import { benchFor } from './bench';
import { loadExperience } from './experience';

/** What Verify computes, without keeping anything: a few numbers here, the rest on the pool. */
export function verifyRouter({ db, pool }: Services): Router {
  const router = Router();
  router.get('/verify/testers', (_request, response) => {
    response.json({ testers: TESTERS });
  });
  router.get('/verify/experience', async (_request, response) => {
    response.json(await loadExperience(db));
  });
  router.post('/verify/diagnose', byJob(pool, 'diagnoseReading'));
  router.post('/verify/predict', byJob(pool, 'predict'));
  router.post('/verify/explain', byJob(pool, 'explainReadings'));
  router.post('/verify/blind-spots', byJob(pool, 'blindSpotsOf'));
  router.post('/verify/limits', byJob(pool, 'limits'));
  router.post('/verify/lamp-build', byJob(pool, 'lampBuild'));
  router.post('/verify/ohms', async (request, response) => {
    const { link, temperatureC, measured } = parseBody(ohmsRequest, request);
    const { facts, bench } = await benchFor(db, link, temperatureC);
    if (facts.lengthM === null)
      refuse([{ path: 'link.lengthM', reason: 'is needed: resistance goes with length' }]);
    const loop = loopExpected(facts);
    const most = pairsOf(bench.wiring.near).length === 4 ? LOOP_MOST_OHM.channel : null;
    const verdicts = judgeLoops(loop, measured, most).map((verdict, index) => {
      const { tipOhm, ringOhm } = measured[index] ?? {};
      const both = tipOhm !== undefined && ringOhm !== undefined && tipOhm + ringOhm > 0;
      return { ...verdict, unbalance: both ? unbalance(tipOhm, ringOhm) : null };
    });
    const closed = measured.flatMap(({ ohm }) => ohm ?? []);
    response.json({
      loop,
      verdicts,
      betweenPairs: unbalanceBetween(closed),
      power: powerBudget(loop),
    });
  });
  router.post('/verify/loss', async (request, response) => {
    const { cable: id, ...question } = parseBody(lossRequest, request);
    const cable = knownCable(id, await loadCatalogue(db));
    if (cable?.family !== 'coax') throw invalid([{ path: 'cable', reason: 'is not coaxial' }]);
    response.json(lossBudget({ ...question, cable }));
  });
  router.post('/verify/line', (request, response) => {
    const { ringers, ringersMost, ...readings } = parseBody(lineRequest, request);
    response.json({ ...judgeLine(readings), ringers: ringerLoad(ringers, ringersMost) });
  });
  return router;
}
