import {
  acquireRequest,
  analyseQuery,
  analyseRequest,
  locateRequest,
  pairEndsRequest,
  reelRequest,
  setupRequest,
  simulateRequest,
  simulationOf,
  twoEndsRequest,
  velocityRequest,
  type AnalyseOptions,
} from '@near-spoke/contract/reflect';
import { reflectFacts } from '@near-spoke/core/reflect/cable';
import { distanceOf, distanceSum, metresOf, velocitySum } from '@near-spoke/core/reflect/hand';
import { placeOnRoute } from '@near-spoke/core/reflect/place';
import { adviseSetup, checkTerminator, matchSource } from '@near-spoke/core/reflect/setup';
import { toldBy } from '@near-spoke/core/reflect/told';
import {
  pairEnds,
  placeFromTwoEnds,
  readReel,
  velocityFromLengths,
} from '@near-spoke/core/reflect/velocity';
import express, { Router } from 'express';
import type { Database } from '../db/database';
import { parseBody, parseQuery } from '../http/parse';
import { ProblemError, invalid } from '../http/problem-error';
import type { InstrumentAddress } from '../instruments/router';
import { InstrumentError } from '../instruments/talk';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { Workbench } from '../threads/workbench';
import { acquire } from './acquire';
import type { Work } from './work';

const FILE_TYPES = ['text/*', 'application/gzip', 'application/x-gzip', 'application/octet-stream'];
/** A capture of two million samples is about as large. */
const FILE_LIMIT = '80mb';

/** What Reflect computes, without keeping anything. It reads its own bodies: captures are large. */
export function reflectRouter(db: Database, bench: InstrumentAddress | null): Router {
  const router = Router();
  const workbench = new Workbench<Work>(
    new URL('./reflect-worker.js', import.meta.url),
    new URL('./reflect-worker.ts', import.meta.url),
  );
  const factsOf = async (cable: string | undefined) => {
    if (cable === undefined) return null;
    const known = knownCable(cable, await loadCatalogue(db));
    return known ? reflectFacts(known) : null;
  };
  router.use('/reflect', express.json({ limit: FILE_LIMIT }));
  router.use('/reflect/analyse', express.raw({ type: FILE_TYPES, limit: FILE_LIMIT }));
  router.post('/reflect/analyse', async (request, response) => {
    const raw: unknown = request.body;
    const asked: { file: Uint8Array | string; options: AnalyseOptions; name: string } =
      Buffer.isBuffer(raw)
        ? fromQuery(raw, parseQuery(analyseQuery, request))
        : fromBody(parseBody(analyseRequest, request));
    const { options } = asked;
    const told = toldBy(options, options.pulse, await factsOf(options.cable));
    const answer = await workbench.ask('analyse', { file: asked.file, name: asked.name, told });
    if (!answer.ok) throw unusable(answer.line, answer.reason);
    const { analysed, firstLine } = answer;
    if (!analysed.ok)
      throw unusable(firstLine === null ? null : firstLine + analysed.sample, analysed.reason);
    const { analysis } = analysed;
    response.json({
      capture: {
        kind: analysis.kind,
        samples: analysis.samples,
        intervalS: analysis.intervalS,
      },
      events: analysis.events.map((event) => ({
        ...event,
        sum: distanceSum(analysis.velocityFactor.value, event.delayS.value),
      })),
      problems: analysis.problems,
      velocityFactor: analysis.velocityFactor,
      rangeM: metresOf(analysis.rangeS, analysis.velocityFactor.value),
      throughDelayS: analysis.through?.delayS ?? null,
      lossDb: analysis.through?.lossDb ?? [],
      impedance: analysis.impedance && {
        stepM: metresOf(analysis.impedance.stepS, analysis.velocityFactor.value),
        smearM: metresOf(analysis.impedance.smearS, analysis.velocityFactor.value),
        ohm: [...analysis.impedance.ohm],
        ohmU: [...analysis.impedance.ohmU],
      },
    });
  });
  router.post('/reflect/simulate', async (request, response) => {
    const asked = parseBody(simulateRequest, request);
    response.json(
      await workbench.ask('simulate', { simulation: simulationOf(asked), seed: asked.seed }),
    );
  });
  router.get('/reflect/reflectometer', (_request, response) => {
    response.json({ host: bench?.host ?? null, port: bench?.port ?? null });
  });
  router.post('/reflect/acquire', async (request, response) => {
    const asked = parseBody(acquireRequest, request);
    try {
      response.json(await acquire(asked));
    } catch (error) {
      if (!(error instanceof InstrumentError)) throw error;
      throw new ProblemError(
        502,
        'No trace',
        `The reflectometer at ${asked.host}:${asked.port} ${error.message}.`,
      );
    }
  });
  router.post('/reflect/velocity-factor', (request, response) => {
    const { known } = parseBody(velocityRequest, request);
    response.json({
      ...velocityFromLengths(known),
      sums: known.map(({ lengthM, delayS }) => velocitySum(lengthM.value, delayS.value)),
    });
  });
  router.post('/reflect/two-ends', (request, response) => {
    const { lengthM, nearS, farS, velocityFactor } = parseBody(twoEndsRequest, request);
    response.json(placeFromTwoEnds(lengthM, nearS, farS, velocityFactor));
  });
  router.post('/reflect/pair-ends', (request, response) => {
    const { near, far, lengthM, velocityFactor } = parseBody(pairEndsRequest, request);
    response.json({ pairs: pairEnds(near, far, lengthM, velocityFactor) });
  });
  router.post('/reflect/setup', async (request, response) => {
    const asked = parseBody(setupRequest, request);
    const facts = await factsOf(asked.cable);
    const velocityFactor = asked.velocityFactor ?? facts?.velocityFactor.value;
    const impedanceOhm = asked.impedanceOhm ?? facts?.impedanceOhm;
    if (velocityFactor === undefined || impedanceOhm === undefined)
      throw invalid([{ path: 'cable', reason: 'or velocityFactor and impedanceOhm must be told' }]);
    const loss = asked.loss ?? facts?.loss ?? { a0: 0, a1: 0, a2: 0 };
    const { lengthM, scope, pulserOhm, series, terminatorOhm } = asked;
    response.json({
      ...adviseSetup({ lengthM, velocityFactor, impedanceOhm, loss }, scope),
      source: matchSource(pulserOhm, impedanceOhm, series),
      terminator: terminatorOhm === undefined ? null : checkTerminator(terminatorOhm, impedanceOhm),
    });
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

const fromQuery = (file: Uint8Array, options: AnalyseOptions) => ({
  file,
  options,
  name: options.name ?? '',
});

const fromBody = ({
  file,
  options,
}: {
  readonly file: { readonly name: string; readonly text: string };
  readonly options: AnalyseOptions;
}) => ({ file: file.text, options, name: options.name ?? file.name });

function unusable(line: number | null, reason: string): ProblemError {
  const where = line === null ? '' : `Line ${line}: `;
  return new ProblemError(422, 'Can’t be used', `${where}${reason}.`, {
    ...(line === null ? {} : { line }),
    reason,
  });
}
