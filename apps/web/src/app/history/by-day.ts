import type { Found } from '@near-spoke/contract/search';

type Entry = Found['entries'][number];

/** What was done on one day, on each thing in turn; the newest first. */
export interface HistoryDay {
  readonly day: string;
  readonly things: readonly {
    readonly id: string;
    readonly about: Entry['about'];
    readonly entries: readonly Entry[];
  }[];
}

/** A day of this person's clock. */
export const dayOf = (at: string, locale: string): string =>
  new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', year: 'numeric' }).format(
    new Date(at),
  );

/** Entries by days, and within a day those about one thing that stand together. */
export function byDay(entries: readonly Entry[], locale: string): HistoryDay[] {
  const days: { day: string; things: { id: string; about: Entry['about']; entries: Entry[] }[] }[] =
    [];
  for (const entry of entries) {
    const day = dayOf(entry.at, locale);
    if (days.at(-1)?.day !== day) days.push({ day, things: [] });
    const things = days.at(-1)?.things ?? [];
    const last = things.at(-1);
    if (last?.about.id === entry.about.id) last.entries.push(entry);
    else things.push({ id: entry.id, about: entry.about, entries: [entry] });
  }
  return days;
}
