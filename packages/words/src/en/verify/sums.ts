import type { BuildMessages } from '@near-spoke/core/verify/build';
import type { LossMessages } from '@near-spoke/core/verify/coax';
import type { LimitMessages } from '@near-spoke/core/verify/limits';
import type { PowerMessages } from '@near-spoke/core/verify/power';
import type { LineMessages } from '@near-spoke/core/verify/telephone';
import { formatLength } from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';
import { PARAMETERS } from './parameters';

type Sums = LimitMessages & PowerMessages & LineMessages & LossMessages & BuildMessages;

const ORDINALS = ['first', 'second', 'third', 'fourth'] as const;
const CLASSES: Readonly<Record<LimitMessages['limit-name']['class'], string>> = {
  '5e': 'D',
  '6': 'E',
  '6A': 'E_A',
};
const ordinal = (pair: number): string => ORDINALS[pair] ?? String(pair + 1);
const megahertz = (mhz: number): string => String(Number(mhz.toPrecision(4)));
const ohms = (ohm: number): string => `${Number(ohm.toPrecision(3))} Ω`;
const beyond = (mostOhm: number | null): string =>
  mostOhm === null ? '' : ` More than the ${mostOhm} Ω that a channel may have.`;
const times = (ratio: number): string => `${ratio.toFixed(2)} times the expected`;
const apart = ({ share, differenceOhm }: PowerMessages['unbalance-between']): string =>
  `${(100 * share).toFixed(1)} %, ${Number(differenceOhm.toPrecision(2))} Ω apart`;

const LINE: Readonly<Record<LineMessages['line']['says'], string>> = {
  'measure-idle': 'Measure the line with all sets hung up.',
  'wiring-between':
    'The provider’s side is good: our wiring between the test socket and here is open, shorted or on other contacts.',
  'no-line-there': 'There is no line at the provider’s own test socket: the fault is theirs.',
  'a-set-holds-it':
    'The line comes back with the sets unplugged: one of them holds it. Plug them in one by one.',
  'something-loads-it':
    'Something loads the line: a set off its hook, or a leak. Unplug every set and adapter.',
  'no-line-here':
    'There is no line here. Measure at the provider’s test socket with our wiring off.',
  'lift-a-handset': 'The line is there. Lift one handset and measure again.',
  'no-current-drawn':
    'Lifting the handset hardly changes the line: the set draws no current. Try another set; if it is the same, a joint before it has high resistance or one leg is open.',
  'falls-too-low':
    'The line falls too low with one set: the set is shorted, or several are off their hooks.',
  'ring-it':
    'Idle and off-hook are good. Ring the number and measure; keep your hands off the contacts.',
  'rings-weakly':
    'The line rings too weakly: add up the ringer loads, and look for a ringing capacitor that is missing or doubled.',
  good: 'The line is good: idle, off-hook and ringing.',
};
const READINGS: Readonly<
  Record<LineMessages['line-order']['reading'], { readonly order: string; readonly usual: string }>
> = {
  idleV: {
    order: 'All sets hung up: measure from contact 2 to contact 5',
    usual: '40 to 56 V; 20 V or more from an adapter',
  },
  aloneV: { order: 'Unplug every set and adapter, and measure again', usual: 'as before' },
  demarcationV: {
    order: 'At the provider’s test socket, our wiring unplugged there',
    usual: 'as at the socket',
  },
  offHookV: { order: 'Lift one handset and measure across the line', usual: '5 to 15 V' },
  ringingV: {
    order: 'Ring the number and measure across the line',
    usual: '40 to 90 V, more at the exchange',
  },
};
const COUNTRIES = { uk: 'United Kingdom', us: 'North America' } as const;

/** What is reckoned of a link beside its wire map: limits, resistance, power, a telephone line, loss. */
export const SUMS: WordsFor<Sums> = {
  sweep: ({ parameter, end, pairs, from }) => {
    const which =
      from === null
        ? pairs.length > 0
          ? [`${pairs.map(ordinal).join(' and ')} pair`]
          : []
        : [`${ordinal(from)} to ${pairs.map(ordinal).join('')} pair`];
    // Of crosstalk the end is said first, of a loss the pair.
    const rest = parameter === 'return-loss' ? [...which, end] : [end, ...which];
    return [PARAMETERS[parameter], ...rest].filter(Boolean).join(', ');
  },
  'limit-name': ({ standard, class: name }) =>
    standard === 'iso' ? `Class ${CLASSES[name]}` : `Category ${name}`,
  'sweep-judged': ({ name, marginDb, mhz, belowMhz, aboveMhz }, tell) => {
    const missing = [
      ...(belowMhz === null ? [] : [`below ${megahertz(belowMhz)} MHz`]),
      ...(aboveMhz === null ? [] : [`above ${megahertz(aboveMhz)} MHz`]),
    ];
    const margin =
      marginDb >= 0 ? `${marginDb.toFixed(1)} dB to spare` : `${(-marginDb).toFixed(1)} dB short`;
    return `${tell(name)}: ${margin} at ${megahertz(mhz)} MHz.${missing.length > 0 ? ` Not proven ${missing.join(' and ')}.` : ''}`;
  },
  'sweep-outside': ({ name, limit }, tell) =>
    `${tell(name)}: nothing in the range of ${tell(limit)} was measured that counts.`,
  'sweep-other-reference': ({ name, referenceOhm, pairOhm }, tell) =>
    `${tell(name)}: measured against ${referenceOhm} ohm, so it is not judged; the limits are for ${pairOhm} ohm.`,
  'cords-added': ({ lengthM }, { units }) =>
    `Insertion loss is told with ${formatLength(lengthM, units)} of cords added, as their class has them; all else is as measured, without them.`,
  'ports-unknown': ({ ports }) => `Of ${ports} ports it is not known which pair is which.`,
  'ports-taken': ({ pairs }) =>
    pairs === 2
      ? 'Taken for two pairs: ports 1 and 2 their near ends, 3 and 4 their far ends.'
      : 'Taken for four pairs: ports 1 to 4 their near ends, 5 to 8 their far ends.',

  'loop-open': ({ pair }) => `Pair ${pair}: the loop is open.`,
  'loop-short': ({ pair, ohm }) =>
    `Pair ${pair}: ${ohms(ohm)} is far too little: its conductors touch before the far end.`,
  'loop-joint': ({ pair, moreOhm, mostOhm }) =>
    `Pair ${pair}: ${ohms(moreOhm)} more than the other pairs: a poor joint or contact.${beyond(mostOhm)}`,
  'loop-over-limit': ({ pair, ohm, mostOhm }) =>
    `Pair ${pair}: ${ohms(ohm)}, as its length lets expect.${beyond(mostOhm)}`,
  'loop-as-expected': ({ pair, ohm }) => `Pair ${pair}: ${ohms(ohm)}, as expected.`,
  'loop-shorter': ({ pair, ratio }) =>
    `Pair ${pair}: ${times(ratio)}: the link is shorter, or thicker, than scheduled.`,
  'loop-alone': ({ pair, ratio, mayBeClad, mostOhm }) =>
    `Pair ${pair}: ${times(ratio)}: a poor joint, a longer or thinner cable${mayBeClad ? ', or copper-clad aluminium' : ''}. Measure another pair to tell.${beyond(mostOhm)}`,
  'loop-other-metal': ({ pair, ratio, mostOhm }) =>
    `Pair ${pair}: ${ratio.toFixed(2)} times what copper of this gauge and length has: copper-clad aluminium, or a cable that is longer than scheduled by as much. Scrape a conductor to tell.${beyond(mostOhm)}`,
  'loop-longer': ({ pair, ratio, mostOhm }) =>
    `Pair ${pair}: ${times(ratio)}: longer, thinner, or a joint in every pair.${beyond(mostOhm)}`,
  'pair-unbalance': ({ pair, ...rest }) =>
    `Pair ${pair}: ${apart(rest)}: ${
      rest.isWithin
        ? 'within what power over the cable asks for.'
        : 'more than 3 % and 0.2 Ω. Current over this pair will not share evenly: its conductors and transformer run hot, or data errs. Remake its joints.'
    }`,
  'unbalance-between': (rest) =>
    `Between pairs: ${apart(rest)} side by side: ${
      rest.isWithin
        ? 'within what power over four pairs asks for.'
        : 'more than 7 % and 0.1 Ω. Over four pairs the current crowds into the better ones: mend the pair that has most.'
    }`,
  'power-class': ({ standard, of, number }) => `${standard}, ${of} ${number}`,
  'power-arrives': ({ source, deviceW, mostW, isEnough, there }, tell) => {
    const told = there
      ? `${there.deviceV.toFixed(1)} V at the device at ${there.currentA.toFixed(2)} A, ${there.lostW.toFixed(1)} W lost`
      : `can’t carry ${deviceW} W`;
    return `${tell(source)}: ${told}. ${isEnough ? 'Enough.' : `Not enough: ${mostW.toFixed(1)} W of ${deviceW} W.`}`;
  },

  line: ({ says }) => LINE[says],
  'line-order': ({ reading }) => READINGS[reading].order,
  'line-usual': ({ reading }) => READINGS[reading].usual,
  'line-reversed': () =>
    'Contact 2 is above contact 5: the pair is reversed from the usual. Most sets do not mind; old ones with tone dialling, alarms and lift telephones may.',
  'ringer-load': ({ sum, most, isEnough }) =>
    isEnough
      ? `${Number(sum.toFixed(1))} of ${most}: all sets ring.`
      : `${Number(sum.toFixed(1))} of ${most}: too much by ${Number((sum - most).toFixed(1))}. Some sets will not ring, or ring weakly: unplug one.`,
  'ringer-limit': ({ country, most }) => `${COUNTRIES[country]}, ${most}`,

  'loss-cable': () => 'Cable',
  'loss-connectors': ({ count }) => `${count} connectors`,
  'loss-splitter': ({ ways }) => `Splitter, ${ways} ways`,

  'supply-too-low': ({ supplyV, lampV }) => `${supplyV} V is not enough for a lamp of ${lampV} V.`,
  'lamp-too-much': ({ mostA }) => `More than ${mostA * 1000} mA: most small lamps do not bear it.`,
  'resistor-too-small': ({ watt }) =>
    `${(watt * 1000).toFixed(0)} mW: a resistor of a quarter watt is too small.`,
  'lamps-hardly-light': () => 'With the supply empty and the longest cable the lamps hardly light.',
  'lamps-out-early': () => 'The lamps go out long before these cells are empty.',
};
