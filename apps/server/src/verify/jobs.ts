import type { Asked, readingEndpoints } from '@near-spoke/contract';
import type { diagnosisEndpoints } from '@near-spoke/contract/diagnosis';
import { happenedOf, readingOf, trialOf } from '@near-spoke/contract/tests';
import { fourPairWiring } from '@near-spoke/core/link';
import { diagnose, tester } from '@near-spoke/core/verify';
import { buildLamps } from '@near-spoke/core/verify/build';
import {
  ENOUGH_MS,
  MOST_MS,
  PLAIN_CONDITIONS,
  blindSpots,
  completeFault,
  described,
  madeWith,
  observe,
  priorOf,
  procedureOf,
  reportOf,
  testersFor,
  type Bench,
  type BlindSpots,
  type NextTest,
  type Trial,
} from '@near-spoke/core/verify/explain';
import { told } from '@near-spoke/words';
import type { Database } from '../db/database';
import { ProblemError, refuse } from '../http/problem-error';
import { hasContact, strangersOf } from '../tests/refuse-strangers';
import { benchFor } from './bench';
import { loadExperience } from './experience';
import { teller } from '../words/teller';
import { limitsOf } from './limits';

type Endpoints = typeof diagnosisEndpoints;

export function diagnoseReading({
  query,
  body: { scheme, shielded, ...shown },
}: Asked<typeof readingEndpoints.diagnose>) {
  const wiring = fourPairWiring(scheme.near, scheme.far, shielded);
  return told(diagnose({ ...shown, wiring }), teller(query.language, 'metric'));
}

export async function predict({ query, body }: Asked<Endpoints['predict']>, db: Database) {
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
  return {
    tester: typeof body.tester === 'string' ? body.tester : 'own-lamps',
    good: expected,
    shown,
    looksGood: JSON.stringify(expected) === JSON.stringify(shown),
    faults: told(
      faults.map((fault) => described(fault, wiring)),
      teller(query.language, 'metric'),
    ),
  };
}

export async function explainReadings({ query, body }: Asked<Endpoints['explain']>, db: Database) {
  const { bench } = await benchFor(db, body.link, body.temperatureC);
  refuse(
    body.readings.flatMap((row, index) =>
      strangersOf('done' in row ? row.done : row, bench.wiring, `readings.${index}.`),
    ),
  );
  refuse(strangersOf(body.done, bench.wiring, ''));
  const given = Object.entries(body.conditions).filter(([, value]) => value !== undefined);
  const prior = priorOf(await loadExperience(db));
  const begun = performance.now();
  const history = [
    ...body.readings.flatMap(happenedOf),
    ...body.done.map((one) => ({ done: one })),
  ];
  const report = reportOf(history, bench, {
    prior,
    conditions: { ...PLAIN_CONDITIONS, ...Object.fromEntries(given) },
    upTo: body.upTo,
    isOver: () => performance.now() - begun > MOST_MS,
    isEnough: () => performance.now() - begun > ENOUGH_MS,
  });
  const said = { ...report, next: report.next && toldNext(report.next) };
  return told(said, teller(query.language, 'metric'));
}

/** Blind spots depend on the wiring and the cable alone: those of the last links are known. */
const known = new Map<string, BlindSpots>();
const MOST_KNOWN = 100;

export async function blindSpotsOf(
  { body: { link, temperatureC } }: Asked<Endpoints['blindSpots']>,
  db: Database,
) {
  const { bench } = await benchFor(db, link, temperatureC);
  const key = JSON.stringify(bench);
  const spots = known.get(key) ?? blindSpots(bench);
  known.delete(key);
  known.set(key, spots);
  if (known.size > MOST_KNOWN) known.delete(known.keys().next().value ?? '');
  return spots;
}

export const limits = ({ body, query: { language } }: Asked<Endpoints['limits']>) =>
  limitsOf(body, language);

export const lampBuild = ({ body, query: { language } }: Asked<Endpoints['lampBuild']>) =>
  told(buildLamps(body), teller(language, 'metric'));

const toldNext = ({ trial, outcomes, ...next }: NextTest) => ({
  ...next,
  trial: trialOf(trial),
  outcomes: outcomes.map(({ words, share, shown }) => ({
    words,
    share,
    reading: readingOf(trial, shown),
  })),
});

/** Every reading that a class takes of a link, or the one of a tester of one's own. */
function trialsOf(
  asked: Asked<Endpoints['predict']>['body']['tester'],
  bench: Bench,
): readonly Trial[] {
  if (typeof asked !== 'string')
    return [{ tester: 'own-lamps', circuit: asked.circuit, moved: null }];
  if (!testersFor(bench.wiring).some(({ id }) => id === asked))
    throw new ProblemError(
      422,
      'Not valid',
      `${tester(asked).name} can’t be put to this kind of link.`,
      { errors: [{ path: 'tester', reason: 'is not for this kind of link' }] },
    );
  return procedureOf(tester(asked), bench.wiring);
}
