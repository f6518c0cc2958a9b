/** A time that is named by what day it is now. */
interface SpanName {
  readonly said: string;
  readonly unit: 'year' | 'month' | 'week' | 'day';
  /** How many of those before the one that it is now. */
  readonly back: number;
}

/** As people type them, in every language that is spoken here. */
export const SPANS: readonly SpanName[] = [
  { said: 'this year', unit: 'year', back: 0 },
  { said: 'last year', unit: 'year', back: 1 },
  { said: 'this month', unit: 'month', back: 0 },
  { said: 'last month', unit: 'month', back: 1 },
  { said: 'this week', unit: 'week', back: 0 },
  { said: 'last week', unit: 'week', back: 1 },
  { said: 'today', unit: 'day', back: 0 },
  { said: 'yesterday', unit: 'day', back: 1 },
  { said: 'dieses jahr', unit: 'year', back: 0 },
  { said: 'letztes jahr', unit: 'year', back: 1 },
  { said: 'dieser monat', unit: 'month', back: 0 },
  { said: 'letzter monat', unit: 'month', back: 1 },
  { said: 'letzten monat', unit: 'month', back: 1 },
  { said: 'diese woche', unit: 'week', back: 0 },
  { said: 'letzte woche', unit: 'week', back: 1 },
  { said: 'heute', unit: 'day', back: 0 },
  { said: 'gestern', unit: 'day', back: 1 },
];

const NAMES = [
  ['january', 'januar', 'jan'],
  ['february', 'februar', 'feb'],
  ['march', 'märz', 'mar'],
  ['april', 'apr'],
  ['may', 'mai'],
  ['june', 'juni', 'jun'],
  ['july', 'juli', 'jul'],
  ['august', 'aug'],
  ['september', 'sep'],
  ['october', 'oktober', 'oct', 'okt'],
  ['november', 'nov'],
  ['december', 'dezember', 'dec', 'dez'],
];

/** Numbers of months from 0, by their names. */
export const MONTHS: Readonly<Record<string, number | undefined>> = Object.fromEntries(
  NAMES.flatMap((names, month) => names.map((name) => [name, month])),
);
