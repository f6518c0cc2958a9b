import { BUILT_IN, CABLES } from '../../catalogue';
import {
  LEVELS,
  PLAIN_OPTIONS,
  PORTS,
  adapterCard,
  adapterStanding,
  adapterTask,
  buzzInReach,
  planWalk,
  solveAdapter,
  spiceSubcircuit,
  writeNets,
  type Port,
} from '../../map';
import type { Cases } from './digest';

/** Cables that adapters are made of: bare, one that is too thin, ribbon, pairs. */
const CABLES_TRIED = [null, 'screened-9', 'usb-2', 'cat6-uutp-solid', ...ribbons()];

function ribbons(): string[] {
  return CABLES.filter(({ family }) => family === 'ribbon')
    .map(({ id }) => id)
    .slice(0, 1);
}

function told(near: Port, far: Port, cable: string | null) {
  const adapter = {
    name: 'Case',
    note: 'As told.',
    near,
    far,
    cable,
    options: { ...PLAIN_OPTIONS, lengthM: 3 },
  };
  const solution = solveAdapter(adapter, null, BUILT_IN);
  const task = adapterTask(adapter, null, BUILT_IN);
  const standing = adapterStanding(task, solution, []);
  return [
    solution,
    standing,
    writeNets(solution, task),
    spiceSubcircuit('Case', solution, task),
    adapterCard({
      adapter,
      solution,
      task,
      remarks: standing.remarks,
      date: '4 May 2026',
      ready: standing.tests.shellMayClose,
    }),
  ];
}

/** Every device with every other, and how cores are found out. */
export const MAP_CASES: Cases = {
  ...Object.fromEntries(
    PORTS.map((near, index) => [
      `from ${near.id}`,
      () =>
        PORTS.map((far, other) =>
          told(near, far, CABLES_TRIED[(index + other) % CABLES_TRIED.length] ?? null),
        ),
    ]),
  ),
  levels: () => LEVELS,
  ports: () => PORTS,
  walks: () => Array.from({ length: 24 }, (_, index) => planWalk(index + 2)),
  'a buzz': () => {
    const names = ['1', '2', '3', '4', '5', '6'];
    const task = {
      near: names,
      far: names,
      expected: names.map((name) => ({ near: name, far: name })),
    };
    return buzzInReach(task, []);
  },
};
