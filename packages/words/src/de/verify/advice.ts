import type { Message } from '@near-spoke/core/message';
import { capital } from '@near-spoke/core/units';
import type { FaultKind, Place, VerifyMessages } from '@near-spoke/core/verify';
import type { Tell, WordsFor } from '../../tell';
import { list } from '../list';
import { written } from '../number';
import { FAULT_NAMES } from './faults';

type AdviceCode = Extract<
  keyof VerifyMessages,
  `advise-${string}` | `explained-${string}` | 'not-proven' | 'no-time-for-more'
>;

function minutesText(minutes: number): string {
  const rounded = Math.max(0.5, Math.round(minutes * 2) / 2);
  if (rounded === 0.5) return 'Eine halbe Minute.';
  return rounded === 1 ? 'Eine Minute.' : `${written(String(rounded))} Minuten.`;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const several = (kind: FaultKind): string => FAULT_NAMES[kind].several;

const PLACES: Readonly<Record<string, string>> = {
  '': 'nichts falsch',
  near: 'nahes Ende',
  far: 'fernes Ende',
  cable: 'im Kabel',
  'near+far': 'beide Enden',
};
const placesName = (places: readonly Place[]): string =>
  PLACES[places.join('+')] ?? list(places.map((place) => PLACES[place] ?? place));

const together = (account: readonly Message[], tell: Tell): string =>
  account.map(tell).join(' und ');
const orNothing = (account: readonly Message[], tell: Tell): string =>
  account.length === 0 ? 'nichts falsch' : list(account.map(tell));

const WHY = {
  'rest-failed': 'der Rest ist eben versucht worden',
  'stands-there': 'du stehst dort',
  'less-time': 'das geht schneller',
} as const;

/** The sets of faults that were gone through. */
const faultsUpTo = (count: number): string =>
  count < 2 ? 'ein einzelner Fehler' : `je ${count === 2 ? 'zwei' : 'drei'} Fehler zusammen`;

const EXPLAINS = [
  'Nichts erklärt',
  'Kein einzelner Fehler erklärt',
  'Keine zwei Fehler erklären',
  'Keine drei Fehler erklären',
];

const REMAKE: Readonly<Record<string, string>> = {
  near: 'das nahe Ende neu machen',
  far: 'das ferne Ende neu machen',
  'near+far': 'beide Enden neu machen',
};

/** What to do next, and how sure what was seen is explained. */
export const ADVICE: WordsFor<Pick<VerifyMessages, AdviceCode>> = {
  'advise-test-first': ({ order, unseen, minutes }, tell) =>
    `${tell(order)}, bevor du es glaubst: womit bisher geprüft wurde, zeigt nicht sicher: ${list(unseen.map(several))}. ${minutesText(minutes)}`,
  'advise-test': ({ order, tells, minutes, blindTo }, tell) => {
    const [first, second] = tells.map((account) => orNothing(account, tell));
    const what = first && second ? `: unterscheidet ${first} von ${second}` : '';
    const blind = blindTo.map(({ kind, share }) => `${several(kind)} (${percent(share)})`);
    return `${tell(order)}${what}. ${minutesText(minutes)}${
      blind.length > 0
        ? ` Nicht sicher zu sehen sind damit: ${list(blind)}; ein gutes Ergebnis beweist davon nichts.`
        : ''
    }`;
  },
  'advise-nothing': () => 'Nichts ist falsch, was diese Prüfungen sehen können.',
  'advise-doubt': () =>
    'Alles ist neu gemacht, und es zeigt noch immer einen Fehler. Den Prüfer an einem Kabel versuchen, das sicher gut ist; ist das gut, liegt es an dem, was neu gemacht wurde: von vorn beginnen.',
  'advise-anew': ({ unexplained, minutes }) =>
    `Alles neu machen, das Kabel und beide Enden: ${
      unexplained ? 'nichts erklärt diese Anzeigen' : 'was neu gemacht wurde, hat nicht geholfen'
    }. ${minutesText(minutes)}`,
  'advise-repair': ({ places, why, minutes, first }) => {
    const ends = places.filter((place) => place !== 'cable');
    const remake = REMAKE[ends.join('+')];
    const orders = [
      ...(remake === undefined ? [] : [remake]),
      ...(places.includes('cable') ? ['die Stelle im Kabel suchen und dieses Stück ersetzen'] : []),
    ];
    const reason =
      why === 'unexplained'
        ? ': nichts erklärt diese Anzeigen, also zuerst beheben, was in Reichweite ist'
        : why === 'something-new'
          ? ', noch einmal: was es jetzt zeigt, ist neu und kam mit der letzten Arbeit'
          : first === null
            ? ''
            : `: ${first.shares
                .map((row) => `${placesName(row.places)} ${percent(row.share)}`)
                .join(', ')}${
                first.because === null
                  ? ''
                  : `; ${placesName(places)} zuerst, ${WHY[first.because]}`
              }`;
    return `${capital(orders.join(', und '))}${reason}. ${minutesText(minutes)}`;
  },
  'not-proven': ({ kinds }) =>
    `Nicht bewiesen, denn sicher zu sehen sind damit nicht: ${list(kinds.map(several))}.`,

  'explained-not-cut-short': ({ upTo }) =>
    `Das alles erklärt ${faultsUpTo(upTo)} nicht, und für mehr auf einmal war keine Zeit. Erst beheben, was der Verdrahtungsplan zeigt, dann noch einmal prüfen.`,
  'explained-not': ({ upTo }) =>
    `${EXPLAINS[upTo] ?? EXPLAINS[0] ?? ''} das alles. Eine Anzeige kann falsch abgelesen sein, oder es sind mehr Fehler: noch einmal prüfen.`,
  'explained-good': () =>
    'Alles, was zu sehen war, ist, wie es sein soll. Was diese Prüfungen nicht sehen können, kann noch falsch sein.',
  'explained-by': ({ account }, tell) => `Alles erklärt: ${together(account, tell)}.`,
  'explained-by-several': ({ count, first, second }, tell) =>
    second === null
      ? `${count} Deutungen erklären es: am wahrscheinlichsten ${together(first, tell)}.`
      : `${count} Deutungen erklären es: ${together(first, tell)}, oder ${together(second, tell)}${count > 2 ? ', und andere, die weniger wahrscheinlich sind' : ''}.`,
  'no-time-for-more': () => 'Für mehr Fehler auf einmal war keine Zeit.',
};
