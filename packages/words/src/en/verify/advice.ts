import { capital } from '@near-spoke/core/units';
import type { FaultKind, Place, VerifyMessages } from '@near-spoke/core/verify';
import type { Message } from '@near-spoke/core/message';
import type { Tell, WordsFor } from '../../tell';
import { list } from '../list';
import { FAULT_NAMES } from './faults';

type AdviceCode = Extract<
  keyof VerifyMessages,
  `advise-${string}` | `explained-${string}` | 'not-proven' | 'no-time-for-more'
>;

function minutesText(minutes: number): string {
  const rounded = Math.max(0.5, Math.round(minutes * 2) / 2);
  return `${rounded === 0.5 ? 'Half a' : rounded} minute${rounded > 1 ? 's' : ''}.`;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const several = (kind: FaultKind): string => FAULT_NAMES[kind].several;

const PLACES: Readonly<Record<string, string>> = {
  '': 'nothing wrong',
  near: 'near end',
  far: 'far end',
  cable: 'along the cable',
  'near+far': 'both ends',
};
const placesName = (places: readonly Place[]): string => PLACES[places.join('+')] ?? list(places);

const together = (account: readonly Message[], tell: Tell): string =>
  account.map(tell).join(' and ');
const orNothing = (account: readonly Message[], tell: Tell): string =>
  account.length === 0 ? 'nothing wrong' : list(account.map(tell));

const WHY = {
  'rest-failed': 'the rest has just been tried',
  'stands-there': 'you stand there',
  'less-time': 'it takes less time',
} as const;

/** "One fault", "any two faults": the sets that were gone through. */
const faultsUpTo = (count: number): string =>
  count < 2 ? 'one fault alone' : `any set of ${count === 2 ? 'two' : 'three'} faults`;

const EXPLAINS = ['', 'single fault explains', 'two faults explain', 'three faults explain'];

/** What to do next, and how sure what was seen is explained. */
export const ADVICE: WordsFor<Pick<VerifyMessages, AdviceCode>> = {
  'advise-test-first': ({ order, unseen, minutes }, tell) =>
    `${tell(order)} before you believe it: what was tested with so far can’t be counted on to see ${list(unseen.map(several))}. ${minutesText(minutes)}`,
  'advise-test': ({ order, tells, minutes, blindTo }, tell) => {
    const [first, second] = tells.map((account) => orNothing(account, tell));
    const what = first && second ? `: tells ${first} from ${second}` : '';
    const blind = blindTo.map(({ kind, share }) => `${several(kind)} (${percent(share)})`);
    return `${tell(order)}${what}. ${minutesText(minutes)}${
      blind.length > 0
        ? ` It can’t be counted on to see ${list(blind)}: a pass proves nothing of that.`
        : ''
    }`;
  },
  'advise-nothing': () => 'Nothing is wrong that these tests can see.',
  'advise-doubt': () =>
    'All of it was made anew, and it still shows a fault. Try the tester on a cord that is known to be good; if that passes, what was made anew is at fault: begin again.',
  'advise-anew': ({ unexplained, minutes }) =>
    `Make all of it anew, the cable and both ends: ${
      unexplained ? 'nothing explains these readings' : 'what was remade did not help'
    }. ${minutesText(minutes)}`,
  'advise-repair': ({ places, why, minutes, first }) => {
    const ends = places.filter((place) => place !== 'cable');
    const orders = [
      ...(ends.length > 0 ? [`remake the ${list(ends)} end${ends.length > 1 ? 's' : ''}`] : []),
      ...(places.includes('cable')
        ? ['find the place along the cable, and replace that length']
        : []),
    ];
    const reason =
      why === 'unexplained'
        ? ': nothing explains these readings, so mend what is in reach first'
        : why === 'something-new'
          ? ' again: what it shows now is new, it came with the last remake'
          : first === null
            ? ''
            : `: ${first.shares
                .map((row) => `${placesName(row.places)} ${percent(row.share)}`)
                .join(', ')}${
                first.because === null ? '' : `; ${placesName(places)} first, ${WHY[first.because]}`
              }`;
    return `${capital(orders.join(', and '))}${reason}. ${minutesText(minutes)}`;
  },
  'not-proven': ({ kinds }) =>
    `Not proven, since they can’t be counted on to see it: ${list(kinds.map(several))}.`,

  'explained-not-cut-short': ({ upTo }) =>
    `${capital(faultsUpTo(upTo))} does not explain all of this, and there was no time to try more at once. Mend what the wire map tells first, then test again.`,
  'explained-not': ({ upTo }) =>
    `No ${EXPLAINS[upTo] ?? ''} all of this. One reading may be mistaken, or there are more faults: test again.`,
  'explained-good': () =>
    'All that was seen is as it should be. What these tests can’t see may still be wrong.',
  'explained-by': ({ account }, tell) => `${capital(together(account, tell))} explains all of it.`,
  'explained-by-several': ({ count, first, second }, tell) =>
    second === null
      ? `${count} accounts explain it: ${together(first, tell)} is the likeliest.`
      : `${count} accounts explain it: ${together(first, tell)}, or ${together(second, tell)}${count > 2 ? ', and others less likely' : ''}.`,
  'no-time-for-more': () => 'There was no time to try more faults at once.',
};
