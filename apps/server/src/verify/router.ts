import { diagnoseRequest } from '@near-spoke/contract';
import {
  blindSpotsRequest,
  explainRequest,
  limitsRequest,
  ohmsRequest,
  predictRequest,
} from '@near-spoke/contract/diagnosis';
import { readingOf, seenOf } from '@near-spoke/contract/tests';
import { fourPairWiring } from '@near-spoke/core/link';
import { TESTERS, diagnose, tester } from '@near-spoke/core/verify';
import {
  PLAIN_CONDITIONS,
  completeFault,
  described,
  madeWith,
  observe,
  priorOf,
  procedureOf,
  testersFor,
  type Bench,
  type NextTest,
  type Trial,
} from '@near-spoke/core/verify/explain';
import { judgeLoops, loopExpected, powerBudget, unbalance } from '@near-spoke/core/verify/ohms';
import { Router } from 'express';
import type { Database } from '../db/database';
import { parseBody } from '../http/parse';
import { ProblemError, refuse } from '../http/problem-error';
import { Workbench } from '../threads/workbench';
import { hasContact, refuseStrangers } from '../tests/refuse-strangers';
import { benchFor } from './bench';
import { loadExperience } from './experience';
import type { ExplainWork } from '@near-spoke/core/verify/explain';
import { limitsOf } from './limits';

/** What Verify computes, without keeping anything. */
export function verifyRouter(db: Database): Router {
  const router = Router();
  const workbench = new Workbench<ExplainWork>(
    new URL('./verify-worker.js', import.meta.url),
    new URL('./verify-worker.ts', import.meta.url),
  );
  router.post('/verify/diagnose', (request, response) => {
    const { scheme, shielded, ...shown } = parseBody(diagnoseRequest, request);
    response.json(
      diagnose({ ...shown, wiring: fourPairWiring(scheme.near, scheme.far, shielded) }),
    );
  });
  router.get('/verify/testers', (_request, response) => {
    response.json({ testers: TESTERS });
  });
  router.get('/verify/experience', async (_request, response) => {
    response.json(await loadExperience(db));
  });
  router.post('/verify/predict', async (request, response) => {
    const body = parseBody(predictRequest, request);
    const { bench } = await benchFor(db, body.link, body.temperatureC);
    const { wiring } = bench;
    refuse(
      body.faults.flatMap((fault, index) =>
        (['near', 'far'] as const).flatMap((end) =>
          (fault[end] ?? [])
            .filter((name) => !hasContact(wiring)(end, name))
            .map((name) => ({
              path: `faults.${index}.${end}`,
              reason: `the ${end} end has no contact ${name}`,
            })),
        ),
      ),
    );
    const faults = body.faults.map((fault) => completeFault(fault, wiring));
    const made = madeWith(wiring, faults);
    const good = madeWith(wiring, []);
    const trials = trialsOf(body.tester, bench);
    const of = (link: typeof made) =>
      trials.map((trial) => readingOf(trial, observe(trial, link, bench)));
    const [expected, shown] = [of(good), of(made)];
    response.json({
      tester: typeof body.tester === 'string' ? body.tester : 'own-lamps',
      good: expected,
      shown,
      looksGood: JSON.stringify(expected) === JSON.stringify(shown),
      faults: faults.map((fault) => described(fault, wiring)),
    });
  });
  router.post('/verify/explain', async (request, response) => {
    const body = parseBody(explainRequest, request);
    const { bench } = await benchFor(db, body.link, body.temperatureC);
    refuseStrangers(body.readings, bench.wiring, (index) => `readings.${index}.`);
    const given = Object.entries(body.conditions).filter(([, value]) => value !== undefined);
    const report = await workbench.ask('explain', {
      seen: body.readings.map(seenOf),
      bench,
      options: {
        prior: priorOf(await loadExperience(db)),
        conditions: { ...PLAIN_CONDITIONS, ...Object.fromEntries(given) },
        upTo: body.upTo,
      },
    });
    response.json(report.next ? { ...report, next: toldNext(report.next) } : report);
  });
  router.post('/verify/blind-spots', async (request, response) => {
    const { link, temperatureC } = parseBody(blindSpotsRequest, request);
    const { bench } = await benchFor(db, link, temperatureC);
    response.json(await workbench.ask('blind', { bench }));
  });
  router.post('/verify/limits', (request, response) => {
    response.json(limitsOf(parseBody(limitsRequest, request)));
  });
  router.post('/verify/ohms', async (request, response) => {
    const { link, temperatureC, measured } = parseBody(ohmsRequest, request);
    const { facts } = await benchFor(db, link, temperatureC);
    if (facts.lengthM === null)
      refuse([{ path: 'link.lengthM', reason: 'is needed: resistance goes with length' }]);
    const loop = loopExpected(facts);
    const verdicts = judgeLoops(loop, measured).map((verdict, index) => {
      const { tipOhm, ringOhm } = measured[index] ?? {};
      const both = tipOhm !== undefined && ringOhm !== undefined && tipOhm + ringOhm > 0;
      return { ...verdict, unbalance: both ? unbalance(tipOhm, ringOhm) : null };
    });
    response.json({ loop, verdicts, power: powerBudget(loop) });
  });
  return router;
}

const toldNext = ({ tester: id, action, minutes, gainBits, sentence }: NextTest) => ({
  tester: id,
  action,
  minutes,
  gainBits,
  sentence,
});

/** Every reading that a class takes of a link, or the one of a tester of one's own. */
function trialsOf(asked: ReturnType<typeof predictRequest.parse>['tester'], bench: Bench): Trial[] {
  if (typeof asked !== 'string')
    return [{ tester: 'own-lamps', steps: asked.circuit, moved: null }];
  if (!testersFor(bench.wiring).some(({ id }) => id === asked))
    throw new ProblemError(
      422,
      'Not valid',
      `${tester(asked).name} can’t be put to this kind of link.`,
      { errors: [{ path: 'tester', reason: 'is not for this kind of link' }] },
    );
  return procedureOf(tester(asked), bench.wiring);
}
