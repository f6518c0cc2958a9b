import { reflectEndpoints } from '@near-spoke/contract/reflect';
import { distanceOf, velocitySum } from '@near-spoke/core/reflect/hand';
import { placeOnRoute } from '@near-spoke/core/reflect/place';
import { placeFromTwoEnds, readReel, velocityFromLengths } from '@near-spoke/core/reflect/velocity';
import { told } from '@near-spoke/words';
import { here, type Mounted } from '../http/mount';
import { invalid } from '../http/problem-error';
import { instrumentProblem } from '../instruments/bench';
import type { Services } from '../services';
import { teller } from '../words/teller';
import { acquire } from './acquire';

/** What Reflect computes at once, without keeping anything: a few numbers; the rest are jobs. */
export const reflectOperations = ({ bench }: Services): Mounted[] => [
  here(reflectEndpoints.acquire, async ({ body: { instrument, ...settings } }) => {
    const address = await bench.find(instrument, 'reflectometer');
    try {
      return await acquire({ ...settings, host: address.host, port: address.port });
    } catch (error) {
      throw instrumentProblem('No trace', address, error);
    }
  }),
  here(reflectEndpoints.velocityFactor, ({ body: { known, units } }) => {
    const fit = velocityFromLengths(known);
    if (!fit)
      throw invalid([
        {
          path: 'known',
          reason: 'are not lengths of one cable: what is longer came back sooner',
        },
      ]);
    return {
      ...fit,
      sums: known.map(({ lengthM, delayS }) => velocitySum(lengthM.value, delayS.value, units)),
    };
  }),
  here(
    reflectEndpoints.twoEnds,
    ({ body: { lengthM, nearS, farS, velocityFactor, units }, query: { language } }) =>
      told(placeFromTwoEnds(lengthM, nearS, farS, velocityFactor), teller(language, units)),
  ),
  here(
    reflectEndpoints.locate,
    ({ body: { distanceM, delayShareM, route, lengthM, units }, query: { language } }) =>
      told(
        placeOnRoute(distanceM, Math.min(delayShareM, distanceM.u), route, lengthM),
        teller(language, units),
      ),
  ),
  here(reflectEndpoints.reel, ({ body: { delayS, velocityFactor, cableName, date, units } }) =>
    readReel(distanceOf(delayS, velocityFactor), cableName, date, units),
  ),
];
