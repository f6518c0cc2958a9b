import { CABLES, CONNECTORS } from '../../catalogue';
import {
  LENGTH_HOW,
  PLAIN_JOB,
  canonicalReading,
  conductorGraph,
  fourPairWiring,
  hubOf,
  isTurnedOver,
  joinedGroups,
  lengthOf,
  pairsOf,
  schoolsOf,
  wireRows,
  wiringOf,
  type Job,
} from '../../link';
import type { Cases } from './digest';

const STRAIGHT: Job = { ...PLAIN_JOB, schools: { cord: { choice: 'straight', reason: '' } } };
const end = (connector: string, scheme: 'T568A' | 'T568B' = 'T568B') => ({
  place: 'C1/A/01',
  connector,
  scheme,
});

export const LINK_CASES: Cases = {
  ...Object.fromEntries(
    CONNECTORS.map(({ id }) => [
      `from ${id}`,
      () =>
        CABLES.flatMap((cable) =>
          [PLAIN_JOB, STRAIGHT].map((job) => {
            const link = { cable: cable.id, near: end(id), far: end(id, 'T568A'), schools: {} };
            const wiring = wiringOf(link, job);
            const shown = joinedGroups(conductorGraph(wiring));
            return [
              wiring,
              isTurnedOver(link, job),
              pairsOf(wiring.near),
              canonicalReading(shown),
              wireRows(shown.slice(1), wiring),
              schoolsOf(link, job),
            ];
          }),
        ),
    ]),
  ),
  'four pairs': () => [false, true].map((shielded) => fourPairWiring('T568A', 'T568B', shielded)),
  lengths: () =>
    [null, 0.4, 31.5, 240].flatMap((lengthM) =>
      LENGTH_HOW.map((lengthHow) => lengthOf({ lengthM, lengthHow })),
    ),
  hubs: () => ['C1/A/01', 'C1', ' G2 - 4', '', 'Łódź/3'].map(hubOf),
};
