import { SPANS, MONTHS } from './spans';

/** What a search asks for: words, all of which must be there, and when it was done. */
export interface Sought {
  /** In lower case. */
  readonly words: readonly string[];
  /** Instants in ms; null where no day was named. Up to, not with, the second one. */
  readonly from: number | null;
  readonly until: number | null;
}

/** Signs alone are no word. */
const IS_TOLD = /[\p{L}\p{N}]/u;
/** More words than these are not looked for. */
const MOST_WORDS = 8;

interface Day {
  readonly year: number;
  /** From 0. */
  readonly month: number;
  readonly day: number;
}
interface Span {
  readonly from: Day;
  readonly until: Day;
}

/**
 * A search as a person types it: "splice last year", "K05 2026-05-04", "tech 2 november 2025".
 *
 * @param now ms
 * @param offsetMin how far the person's clock is before UTC, minutes
 */
export function soughtOf(text: string, now: number, offsetMin = 0): Sought {
  const today = dayAt(now + offsetMin * 60_000);
  const words = text
    .normalize('NFC')
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => IS_TOLD.test(word));
  const left: string[] = [];
  let span: Span | null = null;
  for (let at = 0; at < words.length;) {
    const found = READERS.map((read) => read(words.slice(at), today)).find((read) => read !== null);
    if (found && !span) {
      span = found.span;
      at += found.taken;
    } else {
      left.push(words[at] ?? '');
      at += 1;
    }
  }
  const instant = ({ year, month, day }: Day): number =>
    Date.UTC(year, month, day) - offsetMin * 60_000;
  return {
    words: left.slice(0, MOST_WORDS),
    from: span && instant(span.from),
    until: span && instant(span.until),
  };
}

/** What the first of some words say of a day, and how many they are. */
type Reader = (
  words: readonly string[],
  today: Day,
) => { readonly span: Span; readonly taken: number } | null;

const READERS: readonly Reader[] = [phrase, monthByName, isoDay, germanDay];

function phrase(words: readonly string[], { year, month, day }: Day) {
  for (const { said, unit, back } of SPANS) {
    const wanted = said.split(' ');
    if (!wanted.every((word, n) => words[n] === word)) continue;
    const span = {
      year: () => years(year - back),
      month: () => months(year, month - back),
      day: () => days(year, month, day - back),
      week: () => days(year, month, day - weekday(year, month, day) - 7 * back, 7),
    }[unit]();
    return { span, taken: wanted.length };
  }
  return null;
}

/** "november 2025". A month alone may be a name: it is none. */
function monthByName([name = '', year = '']: readonly string[]) {
  const month = MONTHS[name];
  return month === undefined || !IS_YEAR.test(year)
    ? null
    : { span: months(Number(year), month), taken: 2 };
}

const IS_YEAR = /^(19|20)\d\d$/;

/** "2025", "2025-11", "2025-11-03". */
function isoDay([word = '']: readonly string[]) {
  const [, year, month, day] = /^((?:19|20)\d\d)(?:-(\d\d))?(?:-(\d\d))?$/.exec(word) ?? [];
  if (year === undefined) return null;
  if (month === undefined) return { span: years(Number(year)), taken: 1 };
  if (day === undefined)
    return isMonth(month) ? { span: months(Number(year), Number(month) - 1), taken: 1 } : null;
  return realDay(Number(year), Number(month) - 1, Number(day));
}

/** "3.11.2025". */
function germanDay([word = '']: readonly string[]) {
  const [, day, month, year] = /^(\d\d?)\.(\d\d?)\.((?:19|20)\d\d)$/.exec(word) ?? [];
  return year === undefined ? null : realDay(Number(year), Number(month) - 1, Number(day));
}

const isMonth = (text: string): boolean => Number(text) >= 1 && Number(text) <= 12;

function realDay(year: number, month: number, day: number) {
  const read = dayAt(Date.UTC(year, month, day));
  return read.month === month && read.day === day
    ? { span: days(year, month, day), taken: 1 }
    : null;
}

function dayAt(ms: number): Day {
  const date = new Date(ms);
  return { year: date.getUTCFullYear(), month: date.getUTCMonth(), day: date.getUTCDate() };
}

/** From Monday, 0. */
const weekday = (year: number, month: number, day: number): number =>
  (new Date(Date.UTC(year, month, day)).getUTCDay() + 6) % 7;

const years = (year: number): Span => ({
  from: { year, month: 0, day: 1 },
  until: { year: year + 1, month: 0, day: 1 },
});
const months = (year: number, month: number): Span => ({
  from: { year, month, day: 1 },
  until: { year, month: month + 1, day: 1 },
});
const days = (year: number, month: number, day: number, count = 1): Span => ({
  from: { year, month, day },
  until: { year, month, day: day + count },
});
