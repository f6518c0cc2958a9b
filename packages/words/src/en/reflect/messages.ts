import type { FarEnd, OnRoute, PlaceKind, PlaceMessages } from '@near-spoke/core/reflect/place';
import {
  formatDistance,
  formatUncertain,
  formatWidth,
  type UnitSystem,
} from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';
import { list } from '../list';

export const EVENT_NAMES: Readonly<Record<PlaceKind, string>> = {
  open: 'Open',
  short: 'Short',
  rise: 'Impedance rises',
  drop: 'Impedance drops',
  series: 'Resistance in the way',
  tap: 'Something across',
  matched: 'Nothing comes back',
  hand: 'Your mark',
  ghost: 'A repeat, no place',
};

/** What an event at a plug is, by its kind. */
const AT_PLUG: Readonly<Record<PlaceKind, string>> = {
  open: 'the plug is open',
  short: 'the plug is shorted',
  rise: 'the plug, its untwisted pair or what is plugged in has a higher impedance',
  drop: 'the plug is squeezed or wet, or what is plugged in has a lower impedance',
  series: 'the plug has a poor joint',
  tap: 'the plug leaks, or something is joined across it',
  matched: 'what is plugged in matches the cable',
  hand: 'it lies at the plug',
  ghost: 'it is no place',
};

/** What an event that is not the one said means at the far end, by what is said to be there. */
const OTHERWISE: Readonly<Record<FarEnd, string>> = {
  unsaid: 'Say what is on the far end: then it is told whether this is just that.',
  open: 'It is said to hang open, and this is not an open.',
  terminated: 'It is said to have its terminator, and a terminator gives nothing back.',
  short: 'It is said to be shorted, and this is not a short.',
};

const HOW: Readonly<Record<PlaceMessages['trace-end-or-before-why']['how'], string>> = {
  scheduled: 'only scheduled',
  drawn: 'taken from the plan drawing',
  taped: 'taped',
  reflected: 'measured by reflectometry',
};

const BETTER: Readonly<Record<PlaceMessages['place-better']['measure'], string>> = {
  'known-length': 'Measure the velocity factor on a known length of the same cable first',
  route: 'Lay a tape along the route once more, between the two points around it',
  averages: 'Take the trace again with sixteen times the averages',
  'other-end':
    'Measure from the other end too: the ratio of the two delays is free of the velocity factor',
};

function onRoute(where: OnRoute, units: UnitSystem): string {
  const by = (metres: number) => formatDistance(metres, units);
  switch (where.at) {
    case 'wound-up':
      return `in the cable that is wound up or drops at ${where.point}`;
    case 'between':
      return `between ${where.point} and ${where.other}, ${by(where.byM)} behind ${where.point}`;
    case 'behind':
      return `behind ${where.point}, ${by(where.byM)} from it`;
    case 'before':
      return `before ${where.point}, ${by(where.byM)} short of it`;
    case 'along':
      return `${by(where.byM)} along the cable`;
  }
}

/** A place that is followed by what has become of it. */
const SUBJECTS: typeof EVENT_NAMES = { ...EVENT_NAMES, matched: 'Matched end' };
const place = (kind: PlaceKind, atM: number, units: UnitSystem): string =>
  `${SUBJECTS[kind]} at ${formatDistance(atM, units)}`;

/** What a trace tells of a link. */
export const PLACES: WordsFor<PlaceMessages> = {
  'trace-at': ({ kind, distanceM }, { units }) =>
    `${EVENT_NAMES[kind]} at ${formatUncertain(distanceM, units)}.`,
  'trace-behind-end': ({ kind, distanceM }, { units }) =>
    `${EVENT_NAMES[kind]} at ${formatUncertain(distanceM, units)}, behind the far end.`,
  'trace-near-plug': ({ kind, distanceM, withinM }, { units }) =>
    `${EVENT_NAMES[kind]} at the near end, ${formatUncertain(distanceM, units)}: the plug here, or the ${formatWidth(withinM, units)} behind it.`,
  'trace-near-plug-why': ({ kind }) =>
    `If it is there, ${AT_PLUG[kind]}. Remake the near end before anything is opened.`,
  'trace-known-end': ({ kind, distanceM }, { units }) =>
    `${EVENT_NAMES[kind]} at ${formatUncertain(distanceM, units)}: the end that you took as known.`,
  'trace-known-end-why': () =>
    'The scale was taken from this very end, so a cut before it would look the same. A velocity factor that was measured elsewhere on this cable would tell.',
  'trace-whole': ({ distanceM }, { units }) =>
    `The cable is whole to its far end, ${formatUncertain(distanceM, units)}.`,
  'trace-whole-why': ({ withinM }, { units }) =>
    `It shows what you say is there. What lies in the last ${formatWidth(withinM, units)} can’t be told from it.`,
  'trace-end-or-before': ({ kind, distanceM, withinM }, { units }) =>
    `${EVENT_NAMES[kind]} at ${formatUncertain(distanceM, units)}: the far end as you say it is, or up to ${formatWidth(withinM, units)} before it.`,
  'trace-end-or-before-why': ({ how, withinM }, { units }) =>
    `The length is ${HOW[how]}: a cut in the last ${formatWidth(withinM, units)} would look the same. Tape the cable, or measure from the other end too.`,
  'trace-far-plug': ({ kind, distanceM, withinM }, { units }) =>
    `${EVENT_NAMES[kind]} at the far end, ${formatUncertain(distanceM, units)}: the plug, or the ${formatWidth(withinM, units)} before it.`,
  'trace-far-plug-why': ({ kind, farEnd }) =>
    `${OTHERWISE[farEnd]}${farEnd === 'unsaid' ? '' : ` If it is there, ${AT_PLUG[kind]}.`}`,

  'place-on-route': ({ where, openM, woundM, wayM, isWoundUp, spanM }, { units }) => {
    const told = (metres: number) => formatDistance(metres, units);
    const open =
      woundM === 0
        ? `open ${told(openM)} along the way`
        : isWoundUp
          ? `look through ${told(woundM)} of that cable before anything is opened`
          : `open ${told(wayM)} along the way and look through the ${told(woundM)} wound up there`;
    return `It lies ${onRoute(where, units)}. To have it within for 95 %, ${open}: from ${told(spanM[0])} to ${told(spanM[1])} of cable.`;
  },
  'place-behind-end': ({ atM, lengthM }, { units }) =>
    `${formatDistance(atM, units)} is behind the far end at ${formatDistance(lengthM, units)}: the velocity factor or the length is wrong. Open nothing.`,
  'place-better': ({ measure, openM, nowM }, { units }) =>
    `${BETTER[measure]}: then ${formatDistance(openM, units)} would do instead of ${formatDistance(nowM, units)}.`,
  'place-too-long': ({ endM, lengthM, place }, { units }) => {
    const told = (metres: number) => formatDistance(metres, units);
    const right = place
      ? ` If the length is right, ${told(place.atM)} is ${told(place.wouldBeM)} and the velocity factor ${place.velocityFactor.toFixed(3)}.`
      : '';
    return `The end shows at ${told(endM)}, and this link is told as ${told(lengthM)} long: the length or the velocity factor is wrong, or the trace is of another cable.${right} Find out which before anything is opened.`;
  },
  'place-by-known-end': ({ fromM, to, isEnd, velocityFactor }, { units }) =>
    `This is the known end: ${formatDistance(fromM, units)} ${isEnd ? 'is' : 'becomes'} ${formatUncertain(to, units)}, and the velocity factor ${velocityFactor.toFixed(4)}.`,
  'place-and-map': ({ kind, contacts, atM, lengthM, where, connector }, { units }) => {
    const what = `${kind === 'open' ? 'The open' : 'The short'} on contact${contacts.length > 1 ? 's' : ''} ${contacts.join(' and ')}`;
    const at = `${formatDistance(atM, units, 1)} of ${formatDistance(lengthM, units, 1)}`;
    switch (where) {
      case 'near-end':
        return `${what} lies at ${at}: it is the near end’s ${connector}. Remake that.`;
      case 'beyond':
        return `${what} seems to lie at ${at}, behind the far end: the length or the velocity factor is wrong.`;
      case 'far-end':
        return `${what} lies at ${at}: it is the far end’s ${connector}. Remake that before anything is opened.`;
      case 'route':
        return `${what} lies at ${at}, on the way: no plug is to blame.`;
    }
  },
  'moved-new': ({ kind, atM }, { units }) => `${place(kind, atM, units)} was not there.`,
  'moved-gone': ({ kind, atM }, { units }) => `${place(kind, atM, units)} is not there any more.`,
  'moved-not': ({ kind, atM, byM }, { units }) =>
    `${place(kind, atM, units)} is where it was, as far as these traces can tell (${formatUncertain(byM, units)}).`,
  'moved-by': ({ kind, atM, byM, isFurther }, { units }) =>
    `${place(kind, atM, units)} has moved by ${formatUncertain(byM, units)}, ${isFurther ? 'further away' : 'nearer'}.`,
  'since-changed': ({ at }, { units }) =>
    `The earlier one taken out of this one leaves something at ${list(at.map((one) => formatUncertain(one, units)))}.`,
  'since-alike': () => 'The earlier one taken out of this one leaves nothing.',
  'since-unlike': () =>
    'The launches of the two are not alike: they can’t be taken out of each other.',
};
