import {
  analyseQuery,
  analyseRequest,
  pairEndsRequest,
  setupRequest,
  simulateRequest,
  simulationOf,
  type AnalyseOptions,
} from '@near-spoke/contract/reflect';
import { parseCapture, writeTouchstone } from '@near-spoke/core/captures';
import { analyse } from '@near-spoke/core/reflect/analyse';
import { reflectFacts } from '@near-spoke/core/reflect/cable';
import { distanceSum, metresOf } from '@near-spoke/core/reflect/hand';
import { adviseSetup, checkTerminator, matchSource } from '@near-spoke/core/reflect/setup';
import { normalFrom, simulate } from '@near-spoke/core/reflect/simulate';
import { toldBy } from '@near-spoke/core/reflect/told';
import { pairEnds } from '@near-spoke/core/reflect/velocity';
import type { Database } from '../db/database';
import { json, type Ask } from '../http/ask';
import { JSON_CAPTURE_LIMIT } from '../http/body-limits';
import { bodyOf, queryOf } from '../http/parse';
import { ProblemError, invalid } from '../http/problem-error';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';

async function factsOf(db: Database, cable: string | undefined) {
  if (cable === undefined) return null;
  const known = knownCable(cable, await loadCatalogue(db));
  return known ? reflectFacts(known) : null;
}

interface Asked {
  readonly file: Uint8Array | string;
  readonly options: AnalyseOptions;
  readonly name: string;
}

/** A capture as a file with its options in the query, or both in JSON. */
function askedFor(ask: Ask): Asked {
  if (ask.type !== 'application/json') {
    const options = queryOf(analyseQuery, ask);
    return { file: ask.body, options, name: options.name ?? '' };
  }
  if (ask.body.length > JSON_CAPTURE_LIMIT)
    throw new ProblemError(
      413,
      'Too large',
      'Send a capture of this size as a file (text/csv or application/octet-stream), with its options in the query.',
    );
  const { file, options } = bodyOf(analyseRequest, ask);
  return { file: file.text, options, name: options.name ?? file.name };
}

export async function analyseCapture(ask: Ask, db: Database) {
  const { file, options, name } = askedFor(ask);
  const told = toldBy(options, options.pulse, await factsOf(db, options.cable));
  const parsed = parseCapture(file, name);
  if (!parsed.ok) throw unusable(parsed.line, parsed.reason);
  const { capture } = parsed;
  const analysed = analyse(capture, told);
  if (!analysed.ok)
    throw unusable(
      capture.kind === 'trace' ? capture.firstLine + analysed.sample : null,
      analysed.reason,
    );
  const { analysis } = analysed;
  return json({
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
}

export function simulateLine(ask: Ask) {
  const asked = bodyOf(simulateRequest, ask);
  const capture = simulate(simulationOf(asked), normalFrom(asked.seed));
  return json(
    capture.kind === 'sweep'
      ? { trace: null, touchstone: writeTouchstone(capture.network) }
      : { trace: { ...capture.trace, volts: [...capture.trace.volts] }, touchstone: null },
  );
}

export function pairBothEnds(ask: Ask) {
  const { near, far, lengthM, velocityFactor } = bodyOf(pairEndsRequest, ask);
  return json({ pairs: pairEnds(near, far, lengthM, velocityFactor) });
}

export async function setUp(ask: Ask, db: Database) {
  const asked = bodyOf(setupRequest, ask);
  const facts = await factsOf(db, asked.cable);
  const velocityFactor = asked.velocityFactor ?? facts?.velocityFactor.value;
  const impedanceOhm = asked.impedanceOhm ?? facts?.impedanceOhm;
  if (velocityFactor === undefined || impedanceOhm === undefined)
    throw invalid([{ path: 'cable', reason: 'or velocityFactor and impedanceOhm must be told' }]);
  const loss = asked.loss ?? facts?.loss ?? { a0: 0, a1: 0, a2: 0 };
  const { lengthM, scope, pulserOhm, series, terminatorOhm } = asked;
  return json({
    ...adviseSetup({ lengthM, velocityFactor, impedanceOhm, loss }, scope),
    source: matchSource(pulserOhm, impedanceOhm, series),
    terminator: terminatorOhm === undefined ? null : checkTerminator(terminatorOhm, impedanceOhm),
  });
}

function unusable(line: number | null, reason: string): ProblemError {
  const where = line === null ? '' : `Line ${line}: `;
  return new ProblemError(422, 'Can’t be used', `${where}${reason}.`, {
    ...(line === null ? {} : { line }),
    reason,
  });
}
