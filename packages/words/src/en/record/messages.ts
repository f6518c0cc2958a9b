import { LENGTH_SAID } from '@near-spoke/core/link';
import type { RecordMessages } from '@near-spoke/core/record';
import { terminateMessage } from '@near-spoke/core/terminate';
import { formatLength } from '@near-spoke/core/units';
import { LINK_STATES } from '../../states';
import type { WordsFor } from '../../tell';
import { either } from '../list';
import { EVENT_NAMES } from '../reflect/messages';
import { FAULT_NAMES } from '../verify/faults';

const STATES = LINK_STATES.en;

const WHERE: Readonly<Record<RecordMessages['where']['where'], string>> = {
  near: 'Near end',
  far: 'Far end',
  along: 'Along the way',
};

/** Said beside every result, so that nobody takes a key that was pressed for a value that was read. */
const ENTERED: Readonly<
  Record<
    RecordMessages['entered']['entered'],
    { readonly sentence: string; readonly count: string }
  >
> = {
  'by-hand': { sentence: 'Entered by hand.', count: 'by hand' },
  'one-key': {
    sentence: 'Entered by one key, as on a good link.',
    count: 'by one key, as on a good cord',
  },
  instrument: { sentence: 'Read from the instrument.', count: 'read from the instrument' },
  unsaid: { sentence: 'How it was entered is not known.', count: 'not known how' },
};

const FACTS: Readonly<Record<RecordMessages['fact-name']['fact'], string>> = {
  label: 'Label',
  cable: 'Cable',
  length: 'Length',
  near: 'Near end',
  far: 'Far end',
  place: 'Place',
  hub: 'Hub',
  route: 'Route',
  note: 'Note',
};

const SECTIONS: Readonly<Record<RecordMessages['section']['section'], string>> = {
  notes: 'Notes',
  tests: 'Other tests',
  places: 'Places on the cable',
  traces: 'Traces kept',
  earlier: 'Earlier tests',
  'taken-back': 'Taken back',
};

const ADAPTER_DEEDS: Readonly<Record<RecordMessages['adapter-deed']['kind'], string>> = {
  test: 'A step of the adapter’s test done.',
  probe: 'A core of the adapter probed.',
  walk: 'The adapter’s cores walked through.',
  difference: 'A difference of the adapter decided on.',
  restart: 'Probing of the adapter begun anew.',
};

const DRAWN: Readonly<Record<RecordMessages['drawn']['what'], (name: string) => string>> = {
  picture: (name) => `The plan ${name} kept.`,
  scale: () => 'A floor plan set to scale.',
  way: (name) => `${name} drawn on a floor plan.`,
  place: (name) => `${name} put on a floor plan.`,
  off: () => 'Something taken off a floor plan.',
};

/** What a record tells of a link. */
export const RECORD: WordsFor<RecordMessages> = {
  'link-state': ({ state }) => STATES[state],
  'link-end': ({ end }) => WHERE[end],
  where: ({ where }) => WHERE[where],
  entered: ({ entered }) => ENTERED[entered].sentence,
  'entered-count': ({ entered, count }) => `${count} ${ENTERED[entered].count}`,

  'next-change-end': ({ end, connector }) =>
    `Change the ${end} end: ${connector} does not take this cable here.`,
  'next-make-end': ({ end, place, begun }) =>
    `${begun ? 'Go on with' : 'Make'} the ${end} end, at ${place}.`,
  'next-test': () => 'Both ends are made. Test the link.',
  'next-test-again': () => 'Test the link again.',
  'next-test-remade': () => 'An end was remade after the last test. Test the link again.',
  'next-print': () => 'This link is proven. Print its record.',
  'next-explain': ({ summary }) => `${summary} See what explains it.`,
  'next-prove-pairing': () => 'Order and shorts are verified. Prove the pairing.',
  'next-rule-out': ({ kinds }) =>
    `No test has ruled out ${either(kinds.map((kind) => FAULT_NAMES[kind].several))}.`,

  'fact-name': ({ fact }) => FACTS[fact],
  'fact-length': ({ lengthM, how }, { units }) =>
    `${formatLength(lengthM, units)}, ${LENGTH_SAID[how]}`,
  'fact-not-known': () => 'not known',
  'fact-end': ({ connector, scheme, place }) =>
    `${connector}${scheme === null ? '' : `, ${scheme}`}, at ${place}`,
  'fact-run': ({ environment }) => `${environment} run`,
  'fact-route': ({ route }, { units }) =>
    route
      .map(({ name, atM, extraM }) => {
        const extra = extraM > 0 ? `, ${formatLength(extraM, units)} wound up` : '';
        return `${name} (${formatLength(atM, units)}${extra})`;
      })
      .join(', '),
  'was-and-is': ({ name, was, is }, tell) => `${tell(name)}: ${tell(is)}; before, ${tell(was)}.`,
  'nothing-there': () => 'nothing',
  'changed-elsewhere': () => 'Put away, taken back, or changed in how its ends are worked.',
  somebody: () => 'somebody',

  section: ({ section }) => SECTIONS[section],
  'note-about': ({ where, text }) => `${WHERE[where]}: ${text}`,
  'cannot-see': ({ kinds }) =>
    `Such a test can’t see, or not always: ${kinds.map((kind) => FAULT_NAMES[kind].several).join(', ')}.`,
  // The first signs of a file's SHA-256 tell it from others: which traces there are to be asked for.
  'trace-kept': ({ name, blob }) => `${name} (SHA-256 ${blob.slice(0, 12)}…)`,
  'drift-ohms': ({ from, to, joined }) =>
    `Ohms from ${from.end} ${from.contact} to ${to.end} ${to.contact}${joined.length > 0 ? `, far ${joined.join(' and ')} joined` : ''}`,
  'drift-place': ({ kind }) => `${EVENT_NAMES[kind]}, by traces`,
  ticked: ({ end, done, count }) =>
    done
      ? `${WHERE[end]}: ${count === 1 ? '1 step' : `${count} steps`} done.`
      : `${WHERE[end]}: ${count === 1 ? 'a tick' : `${count} ticks`} taken back.`,
  remade: ({ end, cause }, tell) =>
    `${WHERE[end]} made again: ${tell(terminateMessage('remake-cause', { cause }))}.`,
  'trace-of': ({ name }) => `Trace kept: ${name}.`,
  'photo-of': ({ where, text }) => `Photo, ${WHERE[where].toLowerCase()}${text && `: ${text}`}`,
  'velocity-of': ({ of, velocityFactor }) =>
    `Velocity factor of ${of} measured: ${velocityFactor.toFixed(3)}.`,
  'reel-length': ({ of, what, lengthM }, { units }) =>
    what === 'got'
      ? `${of} came with ${formatLength(lengthM, units)}.`
      : `${formatLength(lengthM, units)} cut from ${of}.`,
  'reel-gone': ({ of }) => `What is left of ${of} is of no use.`,
  'left-on': ({ of, leftM }, { units }) => `${formatLength(leftM, units)} left on ${of}.`,
  drawn: ({ what, name }) => DRAWN[what](name),
  'drawn-together': ({ count }) => `${count} things drawn on floor plans.`,
  'adapter-deed': ({ kind }) => ADAPTER_DEEDS[kind],
  'taken-back': ({ summary, reason }) => `Taken back: ${summary} Why: ${reason}`,
  signed: ({ author, device }) => (device === '' ? author : `${author} on ${device}`),
};
