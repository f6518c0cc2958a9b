import { SESSION_LINKS } from '../src/testing/session-links';
import { seeded } from '../src/testing/seeded';
import { tester } from '../src/verify';
import {
  ENOUGH_MS,
  MOST_MS,
  NO_EXPERIENCE,
  PLAIN_CONDITIONS,
  everyFault,
  madeWith,
  observe,
  plainBench,
  priorOf,
  procedureOf,
  reportOf,
  testersFor,
} from '../src/verify/explain';

// How long it takes to say what explains a reading: a thousand readings of all classes, with one fault or
// two, of the links that sessions are played on, some of them twice with the cable moved. So many others:
// `npm run bench:explain -- 100`.

const REQUESTS = Number(process.argv[2] ?? 1000);
const random = seeded(3);
const links = SESSION_LINKS.map(({ wiring }) => ({
  bench: plainBench(wiring, null, 75),
  faults: everyFault(wiring),
  classes: testersFor(wiring),
}));
const took: number[] = [];
let cut = 0;
for (let request = 0; request < REQUESTS; request += 1) {
  const { bench, faults, classes } = random.pick(links);
  const set =
    random.below(3) === 0 ? [random.pick(faults), random.pick(faults)] : [random.pick(faults)];
  const trials = procedureOf(tester(random.pick(classes).id), bench.wiring);
  const moved = random.below(4) === 0;
  const history = [
    ...trials,
    ...(moved ? trials.map((trial) => ({ ...trial, moved: 'near' as const })) : []),
  ].map((trial) => ({ trial, shown: observe(trial, madeWith(bench.wiring, set), bench) }));
  const begun = performance.now();
  const isLater = (ms: number) => () => performance.now() - begun > ms;
  const report = reportOf(history, bench, {
    prior: priorOf(NO_EXPERIENCE),
    upTo: 3,
    conditions: { ...PLAIN_CONDITIONS, testers: classes.map(({ id }) => id) },
    isOver: isLater(MOST_MS),
    isEnough: isLater(ENOUGH_MS),
  });
  took.push(performance.now() - begun);
  if (report.cutShort) cut += 1;
}
took.sort((a, b) => a - b);
const at = (share: number) =>
  Math.round(took[Math.min(took.length - 1, Math.floor(share * took.length))] ?? 0);
console.log(
  `${REQUESTS} readings: median ${at(0.5)} ms, nine tenths ${at(0.9)} ms, worst ${at(1)} ms; ${cut} were cut short and say so`,
);
