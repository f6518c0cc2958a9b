import {
  FAR_ENDS,
  compareTraces,
  knownEnd,
  movedSentence,
  placeOnRoute,
  tooLong,
  verdictOf,
  type Verdict,
} from '@near-spoke/core/reflect/place';
import type { CaptureMessages } from '@near-spoke/core/captures';
import type { Message } from '@near-spoke/core/message';
import type { AnalyseMessages } from '@near-spoke/core/reflect/analyse';
import { sinceSentence } from '@near-spoke/core/reflect/since';
import { adviseSetup, checkTerminator } from '@near-spoke/core/reflect/setup';
import {
  compareReckoned,
  judgeVelocity,
  placeFromTwoEnds,
} from '@near-spoke/core/reflect/velocity';
import type { UnitSystem } from '@near-spoke/core/units';
import { GERMAN } from './de';
import { ENGLISH } from './en';
import { tellIn } from './tell';
import { figures } from './testing/figures';

const KINDS = ['open', 'short', 'rise', 'drop', 'series', 'tap', 'matched', 'hand'] as const;
const ROUTE = [
  { name: 'Closet', atM: { value: 2, u: 0.05 }, extraM: 0 },
  { name: 'Łódź 5', atM: { value: 15, u: 0.3 }, extraM: 1.5 },
  { name: 'Plate', atM: { value: 31, u: 0.05 }, extraM: 0 },
];
const LENGTH = { value: 32, u: 0.3 };
const LINK = { lengthM: 32, lengthHow: 'taped' as const, route: [] };

const told = ({ sentence, why }: Verdict): Message[] => [sentence, why];
const at = (value: number, end = false) => ({
  kind: 'open' as const,
  end,
  confidence: 0.99,
  delayS: { value: value * 1e-8, u: 2e-10 },
  distanceM: { value, u: 0.2 },
});

/** What a trace can tell of a link, at every place and of every kind. */
const MESSAGES: readonly Message[] = [
  ...[0.2, 8, 15.4, 29, 31.9, 36].flatMap((value) => [
    ...FAR_ENDS.flatMap((farEnd) =>
      KINDS.flatMap((kind) => told(verdictOf({ ...at(value, true), kind }, LINK, farEnd))),
    ),
    ...[ROUTE, ROUTE.slice(1), ROUTE.slice(0, 1), []].flatMap((route) => {
      const place = placeOnRoute({ value, u: 0.4 }, 0.05, route, LENGTH);
      return [place.sentence, ...(place.better ? [place.better.sentence] : [])];
    }),
    ...[tooLong(at(value, true), { value: 7, u: 0.1 }, 0.68, LINK)].filter((told) => told !== null),
  ]),
  ...[knownEnd(at(33, true), at(8), LINK), knownEnd(at(33, true), null, LINK)].flatMap((known) =>
    known ? [known.sentence] : [],
  ),
  ...[null, [], [8, 17.5]].map((changed) =>
    sinceSentence(
      changed && {
        shiftOf: () => null,
        changed: changed.map((value) => ({ ...at(value), kind: 'rise', size: 0.1 })),
      },
    ),
  ),
  ...compareTraces([at(8), at(20)], [at(8.4), at(28)], 0.68).map((row) => movedSentence(row, 0.68)),
];

const of = (value: number, u = value / 100) => ({ value, u });
const near = { distanceM: 3.25, isNear: true };
const far = { distanceM: 61.42, isNear: false };

/** Whatever an analysis can say beside its events, each with figures that are like no other's. */
const ANALYSED: { readonly [Code in keyof (AnalyseMessages & CaptureMessages)]: object } = {
  'capture-line-left-out': { line: 1003 },
  'capture-cut-off': { promised: 5000, count: 4211 },
  'capture-unit-assumed': {},
  'capture-channel-read': { channels: 4, name: 'CH2' },
  'velocity-assumed': { velocityFactor: of(0.7, 0.05) },
  'impedance-assumed': { ohm: 75.2 },
  'pulse-or-step': { away: near },
  clipped: { fromSample: 202, count: 31, volts: 1.6 },
  'nothing-comes-back': { reach: far, velocityFactor: 0.66 },
  'units-doubted': { topHz: 250e9, reachM: 0.042, likelier: { topHz: 250e6, reachM: 42.1 } },
  'folds-back': { stepHz: 2.49e6, reach: far },
  'beyond-steps': { stepHz: 2.49e6, reach: far, at: far },
  'close-faults': { first: near, second: far, launch: 'pulse', isTold: true },
  'branch-or-end': { branch: near, end: far },
  unexplained: { from: far },
  'first-look': { at: [of(17.21, 0.2), of(30.4, 0.3)], more: 2 },
  'look-stands': { count: 3, of: 7, by: near },
  'look-gone': { at: [near, far] },
  'look-new': { at: [far, near] },
  'file-unread': { reason: 'XYZ 17' },
  'too-few-samples': { count: 12, least: 32 },
  'too-few-points': { count: 9, least: 16 },
  'too-many-ports': { ports: 4 },
  'uneven-points': {},
  'all-samples-alike': {},
  'no-launch-in-noise': {},
  'no-launch-rises': {},
  'launch-at-start': {},
  'launch-cut-off': { volts: 0.8 },
};
const KNOWN = { lengthM: of(6.4, 0.01), delayS: of(61e-9, 1e-10) };
const END = (metres: number) => of(metres * 9.53e-9, 1e-11);
const SCOPE = { bandwidthHz: 200e6, samplesPerS: 1e9, memory: 10_000, noiseShare: 0.01 };
const TASK = { velocityFactor: 0.7, impedanceOhm: 100, loss: { a0: 0, a1: 1.9, a2: 0.02 } };

const BESIDE: readonly Message[] = [
  ...Object.entries(ANALYSED).map(([code, carried]) => ({ code, with: carried })),
  ...[1.4, 1.1, 0.35, 0.9].map((value) => judgeVelocity(of(value), of(0.7, 0.03)).sentence),
  judgeVelocity(of(0.71, 0.05), of(0.7, 0.03)).sentence,
  ...[0.7, 0.35, 1.4, 0.718].map((own) => compareReckoned(own, KNOWN)),
  ...[
    [1, 2],
    [12, 18.5],
    [9, 14],
    [30, 60],
  ].map(
    ([one = 0, other = 0]) =>
      placeFromTwoEnds(of(30.5, 0.05), END(one), END(other), of(0.7, 0.004)).sentence,
  ),
  placeFromTwoEnds(of(30.5), END(9), END(14), null).sentence,
  ...[SCOPE, { ...SCOPE, memory: 500, samplesPerS: 1e8, noiseShare: 10 }].flatMap((scope) =>
    adviseSetup({ ...TASK, lengthM: 300 }, scope).verdicts.map(({ sentence }) => sentence),
  ),
  checkTerminator(75.5, 75).sentence,
  checkTerminator(50.1, 75).sentence,
];

describe('what a trace tells of a link', () => {
  for (const units of ['metric', 'imperial'] satisfies UnitSystem[])
    it(`has the same figures in English and in German, ${units}`, () => {
      const [english, german] = [tellIn(ENGLISH, units), tellIn(GERMAN, units)];
      expect(new Set([...MESSAGES, ...BESIDE].map(({ code }) => code)).size).toBeGreaterThan(50);
      for (const message of [...MESSAGES, ...BESIDE]) {
        expect(figures(german(message)))
          .withContext(message.code)
          .toEqual(figures(english(message)));
        expect(german(message))
          .withContext(message.code)
          .not.toMatch(/\b(the|lies|cable|far end|of|is)\b|undefined|NaN|\[object/);
        expect(english(message))
          .withContext(message.code)
          .not.toMatch(/undefined|NaN|\[object/);
      }
    });

  it('names no length in the other unit', () => {
    for (const tell of [tellIn(ENGLISH, 'imperial'), tellIn(GERMAN, 'imperial')])
      for (const message of [...MESSAGES, ...BESIDE])
        expect(tell(message))
          .withContext(message.code)
          .not.toMatch(/\d (?:m|cm|mm)\b/);
  });
});
