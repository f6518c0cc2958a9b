import { BUILT_IN } from '../../catalogue';
import { fourPairWiring } from '../../link';
import { diagnose, tester, type TesterId } from '../../verify';
import { SUPPLIES, buildLamps } from '../../verify/build';
import { coaxLossPer100M } from '../../verify/coax';
import {
  NO_EXPERIENCE,
  PLAIN_CONDITIONS,
  blindSpots,
  compareTest,
  described,
  everyFault,
  madeWith,
  observe,
  plainBench,
  priorOf,
  procedureOf,
  reportOf,
  testersFor,
} from '../../verify/explain';
import { LIMIT_CLASSES, LIMIT_STANDARDS, reportLimits } from '../../verify/limits';
import { NO_LINE_READINGS, judgeLine, ringerLoad } from '../../verify/telephone';
import { judgeLoops, loopExpected, powerBudget } from '../../verify/power';
import { inEnglish } from '../in-english';
import { SESSION_LINKS } from '../session-links';
import { seeded } from '../seeded';
import type { Cases } from './digest';

const ALWAYS = () => true;
const NEVER = () => false;
/** Faults of a link that explanations are told of: more take long. */
const EXPLAINED = 6;

/** What every tester shows of every fault of a link, and what is said of it. */
function shownOn({ name, wiring }: (typeof SESSION_LINKS)[number]): Cases {
  const bench = plainBench(wiring, { lengthM: 30, gaugeAwg: 24, temperatureC: 20 }, 75);
  const faults = everyFault(wiring);
  const trials = testersFor(wiring).flatMap((row) => procedureOf(row, wiring));
  return {
    [`${name}: faults`]: () => inEnglish(faults.map((fault) => described(fault, wiring))),
    [`${name}: shown`]: () =>
      [[], ...faults.map((fault) => [fault])].map((set) => {
        const made = madeWith(wiring, set);
        return trials.map((trial) => {
          const shown = observe(trial, made, bench);
          const said = inEnglish(compareTest({ trial, shown }, bench));
          return shown.method === 'nets'
            ? [
                shown,
                said,
                inEnglish(
                  diagnose({
                    wiring,
                    nets: shown.nets,
                    splitPairs: shown.splitPairs ?? [],
                    tester: trial.tester === 'pairing' ? 'pairing' : 'identifying-remote',
                  }),
                ),
              ]
            : [shown, said];
        });
      }),
    [`${name}: explained`]: () =>
      seeded(7)
        .shuffle(faults)
        .slice(0, EXPLAINED)
        .map((fault) => {
          const [first] = trials;
          if (!first) throw new Error(`No tester is for ${name}`);
          const shown = observe(first, madeWith(wiring, [fault]), bench);
          return inEnglish(
            reportOf([{ trial: first, shown }], bench, {
              prior: priorOf(NO_EXPERIENCE),
              upTo: 1,
              conditions: PLAIN_CONDITIONS,
              isOver: NEVER,
              isEnough: ALWAYS,
            }),
          );
        }),
    [`${name}: blind spots`]: () => blindSpots(bench),
  };
}

/** Whatever a tester may say of eight contacts and a shield, right or wrong. */
function anything(seed: number) {
  const random = seeded(seed);
  const wiring = fourPairWiring(
    'T568B',
    random.pick(['T568A', 'T568B'] as const),
    random.below(2) === 0,
  );
  const names = wiring.near.contacts.map(({ contact }) => contact);
  const nets = new Map<number, { near: string[]; far: string[] }>();
  const spread = 6 + random.below(6);
  for (const end of ['near', 'far'] as const)
    for (const [index, name] of (random.below(2) === 0 ? random.shuffle(names) : names).entries()) {
      const at = random.below(5) === 0 ? random.below(spread) : index;
      const net = nets.get(at) ?? { near: [], far: [] };
      net[end].push(name);
      nets.set(at, net);
    }
  return inEnglish(
    diagnose({ wiring, nets: [...nets.values()], splitPairs: [], tester: 'pairing' }),
  );
}

/** A sweep of a four-port or eight-port analyser, of pairs that couple. */
function sweepFile(ports: 4 | 8): string {
  const value = (mhz: number, row: number, column: number) => {
    const near = (port: number) => port <= ports / 2;
    const pair = (port: number) => (port - 1) % (ports / 2);
    const db =
      row === column
        ? -22
        : pair(row) === pair(column)
          ? -2 * Math.sqrt(mhz / 10)
          : near(row) === near(column)
            ? -50 + 10 * Math.log10(mhz / 10)
            : -48;
    return `${(db - 0.1 * row).toFixed(3)} ${(row * 10 - column * 7).toFixed(1)}`;
  };
  const ids = Array.from({ length: ports }, (_, index) => index + 1);
  const rows = [1, 16, 100, 250, 400].map((mhz) =>
    [`${mhz}`, ...ids.map((row) => ids.map((column) => value(mhz, row, column)).join(' '))].join(
      '\n',
    ),
  );
  return ['# MHz S DB R 100', ...rows].join('\n');
}

const TESTER_IDS: readonly TesterId[] = ['beeper', 'pairing', 'look', 'coax-trio'];

export const VERIFY_CASES: Cases = {
  ...Object.fromEntries(SESSION_LINKS.flatMap((link) => Object.entries(shownOn(link)))),
  testers: () => TESTER_IDS.map(tester),
  ...Object.fromEntries(
    Array.from({ length: 20 }, (_, group) => [
      `anything, ${group + 1}`,
      () => Array.from({ length: 40 }, (_, index) => anything(1000 * group + index)),
    ]),
  ),
  ...Object.fromEntries(
    ([4, 8] as const).map((ports) => [
      `a sweep of ${ports} ports`,
      () =>
        (['iso', 'tia'] as const).map((standard) =>
          inEnglish(
            reportLimits({
              standard,
              name: '6A',
              kind: 'channel',
              shielded: false,
              measuredC: 20,
              hottestC: 40,
              cords: { lengthM: 10, more: 0.2 },
              file: { name: `a.s${ports}p`, text: sweepFile(ports) },
            }),
          ),
        ),
    ]),
  ),
  ...Object.fromEntries(
    LIMIT_STANDARDS.flatMap((standard) =>
      LIMIT_CLASSES.flatMap((name) =>
        (['channel', 'permanent-link'] as const).map((kind) => [
          `limits ${standard} ${name} ${kind}`,
          () =>
            [false, true].map((shielded) =>
              inEnglish(
                reportLimits({
                  standard,
                  name,
                  kind,
                  shielded,
                  measuredC: 20,
                  hottestC: 45,
                  cords: null,
                  file: null,
                }),
              ),
            ),
        ]),
      ),
    ),
  ),
  loops: () =>
    [5, 30, 90].flatMap((lengthM) => {
      const expected = loopExpected({ lengthM, gaugeAwg: 23, temperatureC: 35 });
      const { value } = expected;
      return [0.1, 0.6, 1, 1.3, 1.55, 2.2].map((times) => [
        inEnglish(
          judgeLoops(expected, [
            { pair: 1, ohm: value * times },
            { pair: 2, ohm: value },
            { pair: 3, ohm: null },
          ]),
        ),
        inEnglish(judgeLoops(expected, [{ pair: 1, ohm: value * times }], 25)),
        inEnglish(powerBudget({ value: value * times, u: 0.1 })),
      ]);
    }),
  'coaxial loss': () =>
    BUILT_IN.cables
      .filter(({ family }) => family === 'coax')
      .map((cable) => [5, 50, 900, 2150].map((mhz) => coaxLossPer100M(cable, mhz, 35, null))),
  'telephone lines': () =>
    [null, -52, -24, -8, 0, 48].flatMap((idleV) =>
      [null, 0, 7, 50].flatMap((other) =>
        (['aloneV', 'demarcationV', 'offHookV', 'ringingV'] as const).map((id) =>
          inEnglish(judgeLine({ ...NO_LINE_READINGS, idleV, [id]: other })),
        ),
      ),
    ),
  ringers: () => [[0.3], [1, 1, 1], [3, 2.2]].map((loads) => inEnglish(ringerLoad(loads, 3))),
  'lamp testers': () =>
    SUPPLIES.flatMap(({ id: supply }) =>
      [1.8, 3.1].flatMap((lampV) =>
        [1, 8].map((lamps) =>
          inEnglish(buildLamps({ supply, lampV, wantedA: 0.005, loopOhm: 20, lamps })),
        ),
      ),
    ),
};
