import type { Wiring } from '../../link';
import type { Trial } from '../electric/trial';
import { capital, lower } from '../../units';
import { WORDING, list } from '../describe-fault';
import type { Fault, Place } from '../fault';
import { tester, type TesterId } from '../tester';
import { hypothesesOf } from './hypotheses';
import type { Advice } from './next-test';
import { NO_EXPERIENCE, priorOf } from './prior';
import { placesOf } from './repair';

const AT: Readonly<Record<Place, string>> = {
  near: 'at the near end',
  cable: 'along the cable',
  far: 'at the far end',
};

/** A fault in a few words, without the cores: "open 4 at the near end". */
export function shortly({ kind, near, far, end }: Fault): string {
  const contacts = near.length > 0 ? near : far;
  const which = contacts.length === 0 || contacts.length > 4 ? '' : ` ${contacts.join('-')}`;
  return `${WORDING[kind].title.toLowerCase()}${which}${end === 'either' ? '' : ` ${AT[end]}`}`;
}

const shortlyAll = (faults: readonly Fault[]): string =>
  faults.length === 0 ? 'nothing wrong' : list(faults.map(shortly));

/** What to do for a trial, as an order. */
export function orderOf(trial: Trial): string {
  const moved = trial.moved ? `, moving the cable ${AT[trial.moved]}` : '';
  switch (trial.tester) {
    case 'look':
      return `Read the colours ${AT[trial.end]}`;
    case 'beeper':
      return `Beep ${trial.from.end} ${trial.from.contact} to ${trial.to.end} ${trial.to.contact}${moved}`;
    case 'ohmmeter':
      return `Measure ohms from ${trial.from.end} ${trial.from.contact} to ${trial.to.end} ${trial.to.contact}${moved}`;
    case 'tone':
      return `Put a tone on near ${trial.from} and listen at the far end`;
    case 'reflectometer':
      return 'Measure by reflectometry where each pair ends';
    case 'own-lamps':
      return `Test with your own tester${moved}`;
    default:
      return `Test with the ${lower(tester(trial.tester).name)}${moved}`;
  }
}

const minutesText = (minutes: number): string => {
  const rounded = Math.max(0.5, Math.round(minutes * 2) / 2);
  return `${rounded === 0.5 ? 'Half a' : rounded} minute${rounded > 1 ? 's' : ''}.`;
};

/** Advice in one sentence with its cost. */
export function tellAdvice(advice: Advice): string {
  if (advice.kind === 'test') {
    const [first, second] = advice.tells.map(({ faults }) => shortlyAll(faults));
    const tells = first && second ? `: tells ${first} from ${second}` : '';
    return `${orderOf(advice.trial)}${tells}. ${minutesText(advice.minutes)}`;
  }
  const places = placesOf(advice.key);
  if (places.length === 0) return 'Nothing is wrong that these tests can see.';
  const ends = places.filter((place) => place !== 'cable');
  const orders = [
    ...(ends.length > 0 ? [`remake the ${list(ends)} end${ends.length > 1 ? 's' : ''}`] : []),
    ...(places.includes('cable')
      ? ['find the place along the cable, and replace that length']
      : []),
  ];
  return `${capital(orders.join(', and '))}. ${minutesText(advice.minutes)}`;
}

/** The tester at hand that proves a repair: one that sees pairing before one that does not. */
export const provenBy = (testers: readonly TesterId[]): TesterId | null =>
  (['pairing', 'identifying-remote', 'sequential-lamps', 'coax-trio', 'beeper'] as const).find(
    (id) => testers.includes(id),
  ) ?? null;

/** A fault with its title and its sentence. */
export const described = (fault: Fault, wiring: Wiring) => ({
  ...fault,
  title: WORDING[fault.kind].title,
  sentence: WORDING[fault.kind].sentence(fault, wiring),
});

/** Every single fault that a link can have, each at one place, told. */
export const everyFault = (wiring: Wiring) =>
  hypothesesOf(wiring, priorOf(NO_EXPERIENCE)).flatMap(({ places }) =>
    places.map(({ fault }) => described(fault, wiring)),
  );
