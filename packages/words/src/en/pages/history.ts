const entries = (count: number): string => (count === 1 ? '1 entry' : `${count} entries`);

/** What the page of all that was done says of itself. */
export const HISTORY_PAGE = {
  title: 'History',
  dates: 'en-GB',
  find: 'Find by link, place, part, fault, person or day',
  hint: 'splice last year; K05 2026-05; tech 2 yesterday',
  here: 'This site',
  everywhere: 'All sites',
  looking: 'Looking',
  found: (count: number, more: boolean, newest: string, oldest: string) =>
    newest === oldest
      ? `${entries(count)}${more ? ' so far' : ''}, of ${newest}.`
      : `${entries(count)}${more ? ' so far' : ''}, from ${newest} back to ${oldest}.`,
  nothing: 'Nothing was done here yet.',
  nothingSought: (sought: string) => `No entry has all of “${sought}”.`,
  whyNothing: 'Every word must be there, as it begins; a day is 2026-05-04, 2026-05 or last week.',
  whole: 'That is all there is.',
  earlier: 'Show earlier ones',
  together: 'Ticks of one end, one right after the other, are told together.',
  ofLink: (label: string) => `Of ${label} alone`,
  ofAll: 'Of all links',
  links: 'Links',
  taken: 'taken back',
  open: 'Open',
  by: (who: string, device: string) => (device === '' ? who : `${who} on ${device}`),
  cantServe: 'This can’t be looked up now.',
  serverAway: 'The server does not answer.',
  tryAgain: 'Try again',
};
