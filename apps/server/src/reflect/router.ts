import {
  acquireRequest,
  locateRequest,
  reelRequest,
  twoEndsRequest,
  velocityRequest,
} from '@near-spoke/contract/reflect';
import { distanceOf, velocitySum } from '@near-spoke/core/reflect/hand';
import { placeOnRoute } from '@near-spoke/core/reflect/place';
import { placeFromTwoEnds, readReel, velocityFromLengths } from '@near-spoke/core/reflect/velocity';
import { Router } from 'express';
import { parseBody } from '../http/parse';
import { invalid } from '../http/problem-error';
import { instrumentProblem, type InstrumentBench } from '../instruments/bench';
import type { Services } from '../services';
import { byJob } from '../work/mount';
import { acquire } from './acquire';

/** What Reflect computes, without keeping anything: a few numbers here, the rest on the pool. */
export function reflectRouter({ pool }: Services, bench: InstrumentBench): Router {
  const router = Router();
  router.post('/reflect/analyse', byJob(pool, 'analyseCapture'));
  router.post('/reflect/simulate', byJob(pool, 'simulateLine'));
  router.post('/reflect/pair-ends', byJob(pool, 'pairBothEnds'));
  router.post('/reflect/setup', byJob(pool, 'setUp'));
  router.post('/reflect/acquire', async (request, response) => {
    const { instrument, ...settings } = parseBody(acquireRequest, request);
    const address = await bench.find(instrument, 'reflectometer');
    try {
      response.json(await acquire({ ...settings, host: address.host, port: address.port }));
    } catch (error) {
      throw instrumentProblem('No trace', address, error);
    }
  });
  router.post('/reflect/velocity-factor', (request, response) => {
    const { known } = parseBody(velocityRequest, request);
    const fit = velocityFromLengths(known);
    if (!fit)
      throw invalid([
        {
          path: 'known',
          reason: 'are not lengths of one cable: what is longer came back sooner',
        },
      ]);
    response.json({
      ...fit,
      sums: known.map(({ lengthM, delayS }) => velocitySum(lengthM.value, delayS.value)),
    });
  });
  router.post('/reflect/two-ends', (request, response) => {
    const { lengthM, nearS, farS, velocityFactor } = parseBody(twoEndsRequest, request);
    response.json(placeFromTwoEnds(lengthM, nearS, farS, velocityFactor));
  });
  router.post('/reflect/locate', (request, response) => {
    const { distanceM, delayShareM, route, lengthM } = parseBody(locateRequest, request);
    response.json(placeOnRoute(distanceM, Math.min(delayShareM, distanceM.u), route, lengthM));
  });
  router.post('/reflect/reel', (request, response) => {
    const { delayS, velocityFactor, cableName, date } = parseBody(reelRequest, request);
    response.json(readReel(distanceOf(delayS, velocityFactor), cableName, date));
  });
  return router;
}
