import { diagnosisEndpoints } from '@near-spoke/contract/diagnosis';
import { pairsOf } from '@near-spoke/core/link';
import { TESTERS } from '@near-spoke/core/verify';
import { lossBudget } from '@near-spoke/core/verify/coax';
import { LOOP_MOST_OHM } from '@near-spoke/core/verify/limits';
import { judgeLine, ringerLoad } from '@near-spoke/core/verify/telephone';
import {
  judgeLoops,
  loopExpected,
  powerBudget,
  unbalance,
  unbalanceBetween,
} from '@near-spoke/core/verify/power';
import { told } from '@near-spoke/words';
import { here, type Mounted } from '../http/mount';
import { invalid, refuse } from '../http/problem-error';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import type { Services } from '../services';
import { benchFor } from './bench';
import { loadExperience } from './experience';
import { teller } from '../words/teller';

/** What Verify computes at once, without keeping anything: a few numbers; the rest are jobs. */
export const verifyOperations = ({ db }: Services): Mounted[] => [
  here(diagnosisEndpoints.testers, () => ({ testers: TESTERS })),
  here(diagnosisEndpoints.experience, () => loadExperience(db)),
  here(diagnosisEndpoints.ohms, async ({ body: { link, temperatureC, measured }, query }) => {
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
    const answer = {
      loop,
      verdicts,
      betweenPairs: unbalanceBetween(closed),
      power: powerBudget(loop),
    };
    return told(answer, teller(query.language, 'metric'));
  }),
  here(diagnosisEndpoints.loss, async ({ body: { cable: id, ...question }, query }) => {
    const cable = knownCable(id, await loadCatalogue(db));
    if (cable?.family !== 'coax') throw invalid([{ path: 'cable', reason: 'is not coaxial' }]);
    return told(lossBudget({ ...question, cable }), teller(query.language, 'metric'));
  }),
  here(diagnosisEndpoints.line, ({ body: { ringers, ringersMost, ...readings }, query }) =>
    told(
      { ...judgeLine(readings), ringers: ringerLoad(ringers, ringersMost) },
      teller(query.language, 'metric'),
    ),
  ),
];
