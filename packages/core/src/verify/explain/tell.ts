import type { Wiring } from '../../link';
import { capital, lower } from '../../units';
import { list } from '../faults/fault-words';
import { PLACES, type Fault, type Place } from '../fault';
import { FAULTS, SEVERAL_FAULTS } from '../faults';
import { classOf, type Trial } from '../testers';
import { hypothesesOf } from './hypotheses';
import type { Advice, RepairAdvice, TestAdvice } from './advice';
import { NO_EXPERIENCE, priorOf } from './prior';
import { placesOf, type RepairKey } from './repair';

const AT: Readonly<Record<Place, string>> = {
  near: 'at the near end',
  cable: 'along the cable',
  far: 'at the far end',
};

/** A fault in a few words, without the cores: "open 4 at the near end". */
export function shortly({ kind, near, far, end }: Fault): string {
  const contacts = near.length > 0 ? near : far;
  const which = contacts.length === 0 || contacts.length > 4 ? '' : ` ${contacts.join('-')}`;
  return `${FAULTS[kind].title.toLowerCase()}${which}${end === 'either' ? '' : ` ${AT[end]}`}`;
}

const shortlyAll = (faults: readonly Fault[]): string =>
  faults.length === 0 ? 'nothing wrong' : list(faults.map(shortly));

/** What to do for a trial, as an order. */
export function orderOf(trial: Trial): string {
  const row = classOf(trial);
  const moved = trial.moved ? `, moving the cable ${AT[trial.moved]}` : '';
  return `${row.order?.(trial) ?? `Test with the ${lower(row.name)}`}${moved}`;
}

const minutesText = (minutes: number): string => {
  const rounded = Math.max(0.5, Math.round(minutes * 2) / 2);
  return `${rounded === 0.5 ? 'Half a' : rounded} minute${rounded > 1 ? 's' : ''}.`;
};

const percent = (share: number): string => `${Math.round(share * 100)} %`;

const KEY_NAME: Readonly<Record<RepairKey, string>> = {
  near: 'near end',
  far: 'far end',
  cable: 'along the cable',
  'near+far': 'both ends',
};
const keyName = (key: RepairKey): string => KEY_NAME[key] ?? list(placesOf(key));

/** Advice in one sentence with its cost, and what its reader has to know before it is followed. */
export function tellAdvice(advice: Advice): string {
  switch (advice.kind) {
    case 'test':
      return tellTest(advice);
    case 'repair':
      return tellRepair(advice);
    case 'doubt':
      return 'All of it was made anew, and it still shows a fault. Try the tester on a cord that is known to be good; if that passes, what was made anew is at fault: begin again.';
  }
}

function tellTest({ trial, tells, minutes, blindTo, before }: TestAdvice): string {
  if (before)
    return `${orderOf(trial)} before you believe it: what was tested with so far can’t be counted on to see ${list(before.map((kind) => SEVERAL_FAULTS[kind]))}. ${minutesText(minutes)}`;
  const [first, second] = tells.map(({ faults }) => shortlyAll(faults));
  const what = first && second ? `: tells ${first} from ${second}` : '';
  const blind = blindTo.map(({ kind, share }) => `${SEVERAL_FAULTS[kind]} (${percent(share)})`);
  return `${orderOf(trial)}${what}. ${minutesText(minutes)}${
    blind.length > 0
      ? ` It can’t be counted on to see ${list(blind)}: a pass proves nothing of that.`
      : ''
  }`;
}

function tellRepair(advice: RepairAdvice): string {
  const { key, minutes, because } = advice;
  const places = placesOf(key);
  if (places.length === 0) return 'Nothing is wrong that these tests can see.';
  if (places.length === PLACES.length)
    return `Make all of it anew, the cable and both ends: ${
      because === 'nothing-explains'
        ? 'nothing explains these readings'
        : 'what was remade did not help'
    }. ${minutesText(minutes)}`;
  const ends = places.filter((place) => place !== 'cable');
  const orders = [
    ...(ends.length > 0 ? [`remake the ${list(ends)} end${ends.length > 1 ? 's' : ''}`] : []),
    ...(places.includes('cable')
      ? ['find the place along the cable, and replace that length']
      : []),
  ];
  const why =
    because === 'nothing-explains'
      ? ': nothing explains these readings, so mend what is in reach first'
      : because === 'something-new'
        ? ' again: what it shows now is new, it came with the last remake'
        : whyFirst(advice);
  return `${capital(orders.join(', and '))}${why}. ${minutesText(minutes)}`;
}

/** ": far end 52 %, near end 48 %; near end first, you stand there". */
function whyFirst({ key, shares, at, because }: RepairAdvice): string {
  if (shares.length < 2) return '';
  const told = shares.map(
    (row) => `${row.key === '' ? 'nothing wrong' : keyName(row.key)} ${percent(row.share)}`,
  );
  const why =
    because === 'rest-failed'
      ? 'the rest has just been tried'
      : key === at
        ? 'you stand there'
        : 'it takes less time';
  const reason = shares[0]?.key === key ? '' : `; ${keyName(key)} first, ${why}`;
  return `: ${told.join(', ')}${reason}`;
}

/** A fault with its title and its sentence. */
export const described = (fault: Fault, wiring: Wiring) => ({
  ...fault,
  title: FAULTS[fault.kind].title,
  sentence: FAULTS[fault.kind].sentence(fault, wiring),
});

/** Every single fault that a link can have, each at one place, told. */
export const everyFault = (wiring: Wiring) =>
  hypothesesOf(wiring, priorOf(NO_EXPERIENCE)).flatMap(({ places }) =>
    places.map(({ fault }) => described(fault, wiring)),
  );
