import type { FarEnd, OnRoute, PlaceKind, PlaceMessages } from '@near-spoke/core/reflect/place';
import {
  formatDistance,
  formatUncertain,
  formatWidth,
  type Uncertain,
  type UnitSystem,
} from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';
import { list } from '../list';
import { written } from '../number';

export const EVENT_NAMES: Readonly<Record<PlaceKind, string>> = {
  open: 'Unterbrechung',
  short: 'Kurzschluss',
  rise: 'Der Wellenwiderstand steigt',
  drop: 'Der Wellenwiderstand fällt',
  series: 'Widerstand im Weg',
  tap: 'Etwas querüber',
  matched: 'Nichts kommt zurück',
  hand: 'Deine Marke',
  ghost: 'Eine Wiederholung, keine Stelle',
};

/** What an event at a plug is, by its kind. */
const AT_PLUG: Readonly<Record<PlaceKind, string>> = {
  open: 'ist der Stecker offen',
  short: 'ist der Stecker kurzgeschlossen',
  rise: 'hat der Stecker, sein aufgedrehtes Paar oder was darin steckt, einen höheren Wellenwiderstand',
  drop: 'ist der Stecker gequetscht oder nass, oder was darin steckt, hat einen niedrigeren Wellenwiderstand',
  series: 'hat der Stecker einen schlechten Kontakt',
  tap: 'leckt der Stecker, oder etwas ist querüber angeschlossen',
  matched: 'passt zum Kabel, was darin steckt',
  hand: 'liegt es am Stecker',
  ghost: 'ist es keine Stelle',
};

/** What an event that is not the one said means at the far end, by what is said to be there. */
const OTHERWISE: Readonly<Record<FarEnd, string>> = {
  unsaid: 'Sagen, was am fernen Ende ist: dann wird gesagt, ob das nur dies ist.',
  open: 'Es soll offen sein, und das ist keine Unterbrechung.',
  terminated: 'Es soll seinen Abschluss haben, und ein Abschluss gibt nichts zurück.',
  short: 'Es soll kurzgeschlossen sein, und das ist kein Kurzschluss.',
};

const HOW: Readonly<Record<PlaceMessages['trace-end-or-before-why']['how'], string>> = {
  scheduled: 'nur geplant',
  drawn: 'aus der Grundrisszeichnung',
  taped: 'am Kabel entlang gemessen',
  reflected: 'mit Reflektometrie gemessen',
};

const BETTER: Readonly<Record<PlaceMessages['place-better']['measure'], string>> = {
  'known-length': 'Zuerst den Verkürzungsfaktor an einer bekannten Länge desselben Kabels messen',
  route: 'Den Weg zwischen den zwei Punkten darum noch einmal mit dem Band messen',
  averages: 'Die Kurve mit sechzehnmal so vielen Mittelungen noch einmal aufnehmen',
  'other-end':
    'Auch vom anderen Ende messen: das Verhältnis der zwei Laufzeiten ist frei vom Verkürzungsfaktor',
};

const far = (metres: number, units: UnitSystem, digits?: number): string =>
  written(formatDistance(metres, units, digits));
const within = (distanceM: Uncertain, units: UnitSystem): string =>
  written(formatUncertain(distanceM, units));
const wide = (metres: number, units: UnitSystem): string => written(formatWidth(metres, units));

function onRoute(where: OnRoute, units: UnitSystem): string {
  switch (where.at) {
    case 'wound-up':
      return `in dem Kabel, das bei ${where.point} aufgerollt ist oder herabführt`;
    case 'between':
      return `zwischen ${where.point} und ${where.other}, ${far(where.byM, units)} hinter ${where.point}`;
    case 'behind':
      return `hinter ${where.point}, ${far(where.byM, units)} davon entfernt`;
    case 'before':
      return `vor ${where.point}, ${far(where.byM, units)} davon entfernt`;
    case 'along':
      return `${far(where.byM, units)} am Kabel entlang`;
  }
}

/** A place that is followed by what has become of it. */
const SUBJECTS: typeof EVENT_NAMES = { ...EVENT_NAMES, matched: 'Angepasstes Ende' };
const place = (kind: PlaceKind, atM: number, units: UnitSystem): string =>
  `${SUBJECTS[kind]} bei ${far(atM, units)}`;

/** What a trace tells of a link. */
export const PLACES: WordsFor<PlaceMessages> = {
  'trace-at': ({ kind, distanceM }, { units }) =>
    `${EVENT_NAMES[kind]} bei ${within(distanceM, units)}.`,
  'trace-behind-end': ({ kind, distanceM }, { units }) =>
    `${EVENT_NAMES[kind]} bei ${within(distanceM, units)}, hinter dem fernen Ende.`,
  'trace-near-plug': ({ kind, distanceM, withinM }, { units }) =>
    `${EVENT_NAMES[kind]} am nahen Ende, ${within(distanceM, units)}: der Stecker hier oder die ${wide(withinM, units)} dahinter.`,
  'trace-near-plug-why': ({ kind }) =>
    `Liegt es dort, ${AT_PLUG[kind]}. Das nahe Ende neu machen, bevor etwas geöffnet wird.`,
  'trace-known-end': ({ kind, distanceM }, { units }) =>
    `${EVENT_NAMES[kind]} bei ${within(distanceM, units)}: das Ende, das du als bekannt genommen hast.`,
  'trace-known-end-why': () =>
    'Der Maßstab kommt von eben diesem Ende, ein Schnitt davor sähe also gleich aus. Ein Verkürzungsfaktor, der anderswo an diesem Kabel gemessen ist, würde es zeigen.',
  'trace-whole': ({ distanceM }, { units }) =>
    `Das Kabel ist heil bis zu seinem fernen Ende, ${within(distanceM, units)}.`,
  'trace-whole-why': ({ withinM }, { units }) =>
    `Es zeigt, was dort sein soll. Was in den letzten ${wide(withinM, units)} liegt, ist davon nicht zu unterscheiden.`,
  'trace-end-or-before': ({ kind, distanceM, withinM }, { units }) =>
    `${EVENT_NAMES[kind]} bei ${within(distanceM, units)}: das ferne Ende, wie es sein soll, oder bis zu ${wide(withinM, units)} davor.`,
  'trace-end-or-before-why': ({ how, withinM }, { units }) =>
    `Die Länge ist ${HOW[how]}: ein Schnitt in den letzten ${wide(withinM, units)} sähe gleich aus. Das Kabel mit dem Band messen, oder auch vom anderen Ende messen.`,
  'trace-far-plug': ({ kind, distanceM, withinM }, { units }) =>
    `${EVENT_NAMES[kind]} am fernen Ende, ${within(distanceM, units)}: der Stecker oder die ${wide(withinM, units)} davor.`,
  'trace-far-plug-why': ({ kind, farEnd }) =>
    `${OTHERWISE[farEnd]}${farEnd === 'unsaid' ? '' : ` Liegt es dort, ${AT_PLUG[kind]}.`}`,

  'place-on-route': ({ where, openM, woundM, wayM, isWoundUp, spanM }, { units }) => {
    const told = (metres: number) => far(metres, units);
    const open =
      woundM === 0
        ? `${told(openM)} am Weg öffnen`
        : isWoundUp
          ? `${told(woundM)} dieses Kabels durchsehen, bevor etwas geöffnet wird`
          : `${told(wayM)} am Weg öffnen und die ${told(woundM)} durchsehen, die dort aufgerollt sind`;
    return `Es liegt ${onRoute(where, units)}. Um es mit 95 % darin zu haben, ${open}: von ${told(spanM[0])} bis ${told(spanM[1])} Kabel.`;
  },
  'place-behind-end': ({ atM, lengthM }, { units }) =>
    `${far(atM, units)} liegt hinter dem fernen Ende bei ${far(lengthM, units)}: der Verkürzungsfaktor oder die Länge ist falsch. Nichts öffnen.`,
  'place-better': ({ measure, openM, nowM }, { units }) =>
    `${BETTER[measure]}: dann genügten ${far(openM, units)} statt ${far(nowM, units)}.`,
  'place-too-long': ({ endM, lengthM, place }, { units }) => {
    const told = (metres: number) => far(metres, units);
    const right = place
      ? ` Stimmt die Länge, sind ${told(place.atM)} in Wahrheit ${told(place.wouldBeM)} und der Verkürzungsfaktor ${written(place.velocityFactor.toFixed(3))}.`
      : '';
    return `Das Ende zeigt sich bei ${told(endM)}, und diese Strecke soll ${told(lengthM)} lang sein: die Länge oder der Verkürzungsfaktor ist falsch, oder die Kurve ist von einem anderen Kabel.${right} Herausfinden, was davon, bevor etwas geöffnet wird.`;
  },
  'place-by-known-end': ({ fromM, to, isEnd, velocityFactor }, { units }) =>
    `Das ist das bekannte Ende: ${isEnd ? `${far(fromM, units)} sind` : `aus ${far(fromM, units)} werden`} ${within(to, units)}, und der Verkürzungsfaktor ist ${written(velocityFactor.toFixed(4))}.`,
  'place-and-map': ({ kind, contacts, atM, lengthM, where, connector }, { units }) => {
    const what = `${kind === 'open' ? 'Die Unterbrechung' : 'Der Kurzschluss'} an Kontakt ${contacts.join(' und ')}`;
    const at = `${far(atM, units, 1)} von ${far(lengthM, units, 1)}`;
    switch (where) {
      case 'near-end':
        return `${what} liegt bei ${at}: am nahen Ende, ${connector}. Das neu machen.`;
      case 'beyond':
        return `${what} scheint bei ${at} zu liegen, hinter dem fernen Ende: die Länge oder der Verkürzungsfaktor ist falsch.`;
      case 'far-end':
        return `${what} liegt bei ${at}: am fernen Ende, ${connector}. Das neu machen, bevor etwas geöffnet wird.`;
      case 'route':
        return `${what} liegt bei ${at}, unterwegs: kein Stecker ist schuld.`;
    }
  },
  'moved-new': ({ kind, atM }, { units }) => `${place(kind, atM, units)} war nicht da.`,
  'moved-gone': ({ kind, atM }, { units }) => `${place(kind, atM, units)} ist nicht mehr da.`,
  'moved-not': ({ kind, atM, byM }, { units }) =>
    `${place(kind, atM, units)} ist, wo es war, soweit diese Kurven es sagen können (${within(byM, units)}).`,
  'moved-by': ({ kind, atM, byM, isFurther }, { units }) =>
    `${place(kind, atM, units)} hat sich um ${within(byM, units)} verschoben, ${isFurther ? 'weiter weg' : 'näher'}.`,
  'since-changed': ({ at }, { units }) =>
    `Die frühere von dieser abgezogen lässt etwas bei ${list(at.map((one) => written(formatUncertain(one, units))))}.`,
  'since-alike': () => 'Die frühere von dieser abgezogen lässt nichts übrig.',
  'since-unlike': () =>
    'Was gesendet wurde, ist nicht gleich: die zwei lassen sich nicht voneinander abziehen.',
};
