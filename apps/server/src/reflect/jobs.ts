import type { Asked } from '@near-spoke/contract';
import {
  simulationOf,
  type AnalyseOptions,
  type reflectEndpoints,
} from '@near-spoke/contract/reflect';
import { writeTouchstone } from '@near-spoke/core/captures';
import { analyseFile, compareLooks, type FirstLook } from '@near-spoke/core/reflect/analyse';
import { reflectFacts } from '@near-spoke/core/reflect/cable';
import { distanceOf, distanceSum, metresOf } from '@near-spoke/core/reflect/hand';
import { adviseSetup, checkTerminator, matchSource } from '@near-spoke/core/reflect/setup';
import { sinceFiles, sinceSentence } from '@near-spoke/core/reflect/since';
import { normalFrom, simulate } from '@near-spoke/core/reflect/simulate';
import { toldBy } from '@near-spoke/core/reflect/told';
import { pairEnds } from '@near-spoke/core/reflect/velocity';
import { told } from '@near-spoke/words';
import type { Database } from '../db/database';
import { ProblemError, invalid } from '../http/problem-error';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { teller } from '../words/teller';

async function factsOf(db: Database, cable: string | undefined) {
  if (cable === undefined) return null;
  const known = knownCable(cable, await loadCatalogue(db));
  return known ? reflectFacts(known) : null;
}

type Endpoints = typeof reflectEndpoints;

interface Given {
  readonly file: Uint8Array | string;
  readonly options: AnalyseOptions;
  readonly name: string;
}

/** A capture as a file with its options in the query, or both in JSON. */
function givenIn({ file, query, body }: Asked<Endpoints['analyse']>): Given {
  return body
    ? {
        file: body.file.text,
        options: body.options,
        name: body.options.name ?? body.file.name,
      }
    : { file: file ?? '', options: query, name: query.name ?? '' };
}

export async function analyseCapture(asked: Asked<Endpoints['analyse']>, db: Database) {
  const { file, options, name } = givenIn(asked);
  const known = toldBy(options, options.pulse, await factsOf(db, options.cable));
  const tell = teller(options.language, options.units);
  const analysed = analyseFile(file, name, known);
  if (!analysed.ok) throw unusable(analysed.line, tell(analysed.reason), analysed.look);
  const { analysis, look } = analysed;
  return {
    capture: {
      kind: analysis.kind,
      samples: analysis.samples,
      intervalS: analysis.intervalS,
    },
    events: analysis.events.map((event) => ({
      ...event,
      sum: distanceSum(analysis.velocityFactor.value, event.delayS.value, options.units),
      branchM: event.branchS && distanceOf(event.branchS, analysis.velocityFactor),
    })),
    problems: told(analysis.problems, tell),
    firstLook: look && { places: look.places, changed: compareLooks(look, analysis).map(tell) },
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
  };
}

export function sinceThen({
  body: { before, now, velocityFactor, echoes, units },
  query: { language },
}: Asked<Endpoints['since']>) {
  const found = sinceFiles(
    { bytes: before.text, name: before.name },
    { bytes: now.text, name: now.name },
    velocityFactor,
  );
  return {
    alike: found !== null,
    sentence: teller(language, units)(sinceSentence(found)),
    changed: found?.changed ?? [],
    shifts: echoes.map(({ wasS, isS }) => found?.shiftOf(wasS, isS) ?? null),
  };
}

export function simulateLine({ body: asked }: Asked<Endpoints['simulate']>) {
  const capture = simulate(simulationOf(asked), normalFrom(asked.seed));
  return capture.kind === 'sweep'
    ? { trace: null, touchstone: writeTouchstone(capture.network) }
    : { trace: { ...capture.trace, volts: [...capture.trace.volts] }, touchstone: null };
}

export const pairBothEnds = ({
  body: { near, far, lengthM, velocityFactor, units },
  query: { language },
}: Asked<Endpoints['pairEnds']>) => ({
  pairs: told(pairEnds(near, far, lengthM, velocityFactor), teller(language, units)),
});

export async function setUp(
  { body: asked, query: { language } }: Asked<Endpoints['setup']>,
  db: Database,
) {
  const facts = await factsOf(db, asked.cable);
  const velocityFactor = asked.velocityFactor ?? facts?.velocityFactor.value;
  const impedanceOhm = asked.impedanceOhm ?? facts?.impedanceOhm;
  if (velocityFactor === undefined || impedanceOhm === undefined)
    throw invalid([{ path: 'cable', reason: 'or velocityFactor and impedanceOhm must be told' }]);
  const loss = asked.loss ?? facts?.loss ?? { a0: 0, a1: 0, a2: 0 };
  const { lengthM, scope, pulserOhm, series, terminatorOhm } = asked;
  const tell = teller(language, 'metric');
  const source = matchSource(pulserOhm, impedanceOhm, series);
  const terminator =
    terminatorOhm === undefined ? null : checkTerminator(terminatorOhm, impedanceOhm);
  return {
    ...told(adviseSetup({ lengthM, velocityFactor, impedanceOhm, loss }, scope), tell),
    source: { ...source, ghostDb: finite(source.ghostDb) },
    terminator: terminator && {
      ...told(terminator, tell),
      returnLossDb: finite(terminator.returnLossDb),
    },
  };
}

/** JSON has no infinity: where nothing comes back, there are no decibels. */
const finite = (decibels: number): number | null => (Number.isFinite(decibels) ? decibels : null);

function unusable(line: number | null, reason: string, look: FirstLook | null): ProblemError {
  const where = line === null ? '' : `Line ${line}: `;
  return new ProblemError(422, 'Can’t be used', `${where}${reason}.`, {
    ...(line === null ? {} : { line }),
    reason,
    ...(look ? { firstLook: look.places } : {}),
  });
}
