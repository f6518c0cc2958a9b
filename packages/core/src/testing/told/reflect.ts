import { inEnglish } from '../in-english';
import { BUILT_IN } from '../../catalogue';
import { analyse, predictedCurve, goodLine } from '../../reflect/analyse';
import { reflectFacts } from '../../reflect/cable';
import { knownEnd, placeOnRoute } from '../../reflect/place';
import { adviseSetup, checkTerminator, matchSource } from '../../reflect/setup';
import { PRACTICE_FAULTS, normalFrom, practise, simulate } from '../../reflect/simulate';
import { NOTHING_TOLD } from '../../reflect/told';
import { placeFromTwoEnds, readReel, velocityFromLengths } from '../../reflect/velocity';
import type { Cases } from './digest';

const TOLD = {
  ...NOTHING_TOLD,
  velocityFactor: { value: 0.7, u: 0.01 },
  impedanceOhm: 100,
  sourceOhm: 50,
  scopeOhm: 1e6,
};
const LOSS = { a0: 0, a1: 1.8, a2: 0.01 };
const about = (value: number, u = 0.01 * value) => ({ value, u });
/** Of what a fit finds, so much is the line's and not the fit's last steps. */
const inShort = (value: number) => Number(value.toPrecision(3));
/** The same of a whole curve: browsers and Node.js end a fit a little apart. */
const roughly = (value: number) => Number(value.toPrecision(2));

/** What is told of a line with a fault, in the figures that people are shown. */
function traced(fault: (typeof PRACTICE_FAULTS)[number], launch: 'step' | 'pulse') {
  const line = {
    cable: { lengthM: 40, velocityFactor: 0.7, impedanceOhm: 100, loss: LOSS },
    fault,
    atM: 15,
    strength: 40,
    end: 'open' as const,
    launch,
    widthS: 5e-9,
    noiseV: 0.002,
  };
  const capture = simulate(practise(line), normalFrom(2));
  const analysed = analyse(capture, TOLD);
  if (!analysed.ok) return inEnglish(analysed);
  const { analysis } = analysed;
  const { events, problems } = analysis;
  const whole = goodLine(analysis, analysis.rangeS / 2);
  const good = whole && predictedCurve(analysis, whole);
  return [
    events.map((event) => [event.kind, event.end, inShort(event.distanceM.value)]),
    problems.map(({ kind }) => kind),
    capture.kind === 'trace' ? sums(capture.trace.volts, inShort) : null,
    good && sums(good.values, roughly),
    good && inShort(good.delayS.at(-1) ?? 0),
  ];
}

const sums = (volts: ArrayLike<number>, short: (value: number) => number) => {
  const list = Array.from(volts);
  return [short(list.length), short(list.reduce((sum, volt) => sum + volt * volt, 0))];
};

export const REFLECT_CASES: Cases = {
  ...Object.fromEntries(
    PRACTICE_FAULTS.flatMap((fault) =>
      (['step', 'pulse'] as const).map((launch) => [
        `${launch}, ${fault}`,
        () => traced(fault, launch),
      ]),
    ),
  ),
  cables: () => BUILT_IN.cables.map((cable) => reflectFacts(cable)),
  setup: () =>
    [5, 60, 900].flatMap((lengthM) =>
      [50e6, 350e6].map((bandwidthHz) =>
        inEnglish(
          adviseSetup(
            { lengthM, velocityFactor: 0.7, impedanceOhm: 100, loss: LOSS },
            { bandwidthHz, samplesPerS: 1e9, memory: 10_000, noiseShare: 0.01 },
          ),
        ),
      ),
    ),
  sources: () =>
    [10, 50, 75, 300].flatMap((pulser) =>
      [50, 75, 100].map((line) => [
        matchSource(pulser, line, 'E24'),
        matchSource(pulser, line, 'E96'),
        inEnglish(checkTerminator(pulser, line)),
      ]),
    ),
  places: () =>
    [3, 12, 21.5, 39, 44].flatMap((at) =>
      [0.02, 0.9].map((u) =>
        inEnglish(
          placeOnRoute(
            about(at, u),
            u / 2,
            [
              { name: 'Tray T1', atM: about(4.5, 0.05), extraM: 0 },
              { name: 'Slack loop', atM: about(21, 0.1), extraM: 3 },
              { name: 'Wall W3', atM: about(30, 0.05), extraM: 0 },
            ],
            about(40, 0.2),
          ),
        ),
      ),
    ),
  reels: () =>
    [12, 250].map((metres) => readReel(about(metres), 'Cat 6 U/UTP solid', '4 May 2026')),
  'both ends': () =>
    inEnglish(placeFromTwoEnds(about(40), about(1.2e-7), about(2.6e-7), about(0.7))),
  'known ends': () =>
    (['taped', 'reflected', 'scheduled'] as const).flatMap((lengthHow) =>
      [38, 40].map((lengthM) =>
        inEnglish(
          knownEnd(
            { distanceM: about(40, 1), delayS: about(3.81e-7, 3e-10), end: true },
            { distanceM: about(12, 0.4), delayS: about(1.14e-7, 4e-10), end: false },
            { lengthM, lengthHow },
          ),
        ),
      ),
    ),
  velocities: () => [
    velocityFromLengths([
      { lengthM: about(10), delayS: about(9.7e-8) },
      { lengthM: about(30), delayS: about(2.88e-7) },
    ]),
    velocityFromLengths([{ lengthM: about(30), delayS: about(2.88e-7) }]),
  ],
};
