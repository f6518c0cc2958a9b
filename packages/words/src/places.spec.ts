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
import type { Message } from '@near-spoke/core/message';
import type { UnitSystem } from '@near-spoke/core/units';
import { GERMAN } from './de';
import { ENGLISH } from './en';
import { tellIn } from './tell';

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
  ...compareTraces([at(8), at(20)], [at(8.4), at(28)], 0.68).map((row) => movedSentence(row, 0.68)),
];

/** The figures of a sentence, however they are written; names are put away. */
const figures = (sentence: string): string[] =>
  (sentence.replaceAll('Łódź 5', '').match(/\d+(?:[.,]\d+)?/g) ?? [])
    .map((figure) => figure.replace(',', '.'))
    .sort();

describe('what a trace tells of a link', () => {
  for (const units of ['metric', 'imperial'] satisfies UnitSystem[])
    it(`has the same figures in English and in German, ${units}`, () => {
      const [english, german] = [tellIn(ENGLISH, units), tellIn(GERMAN, units)];
      expect(new Set(MESSAGES.map(({ code }) => code)).size).toBeGreaterThan(14);
      for (const message of MESSAGES) {
        expect(figures(german(message)))
          .withContext(message.code)
          .toEqual(figures(english(message)));
        expect(german(message))
          .withContext(message.code)
          .not.toMatch(/\b(the|lies|cable|far end|of|is)\b|undefined|NaN|\[object/);
      }
    });
});
