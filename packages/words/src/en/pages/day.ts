const links = (count: number): string => (count === 1 ? '1 link' : `${count} links`);
const minutes = (count: number): string => {
  const whole = Math.round(count);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
};

/** What the page of a day's order says of itself. */
export const DAY_PAGE = {
  title: 'Day',
  planning: 'Working out an order',
  minutes,
  sentence: (first: string, linkCount: number, total: number) =>
    `Begin at ${first}: ${links(linkCount)} in ${minutes(total)}.`,
  nothing: 'Nothing is left to make or to test here.',
  tooShort: 'No link is done in so little time.',
  saved: (by: number) =>
    by < 1
      ? 'As quick as in the order of the list.'
      : `${minutes(by)} less than in the order of the list.`,
  proven: 'No order is quicker.',
  bound: (least: number) => `No order takes less than ${minutes(least)}.`,
  again: 'Plan again',
  later: (count: number) =>
    `${count} more ${count === 1 ? 'link is' : 'links are'} for another day.`,
  faults: (labels: string) =>
    `Not in it, as nobody knows how long a repair takes: ${labels}. Verify says what to do.`,
  unfit: (labels: string) => `Not in it, as an end does not fit: ${labels}.`,
  shut: (labels: string) =>
    `Not in it, as there is no room for it in the times of its place: ${labels}.`,
  strange: (places: string) => `No end is at ${places}: its times count for nothing.`,
  unknown: (count: number, walk: string) =>
    `${links(count)} without a length: ${walk} are reckoned for such a walk.`,
  walks: (speed: string) =>
    `Walks are as long as the cables between the places, or as a floor plan has it, at ${speed} a minute with stairs and doors.`,
  remotes: (count: number, have: number | null) =>
    count === 1
      ? 'Leave the tester’s remote at the far end when that is made: then the test takes no further walk.'
      : have === null || have >= count
        ? `${count} links are tested from their near ends: leave a numbered remote at each far end as it is made. With fewer remotes than that, say how many there are.`
        : `${count} links are tested from their near ends, ${have} at a time: number the remotes.`,
  left: 'To fetch the last remotes is not in it.',
  person: (number: number) => `Person ${number}`,
  at: (time: string, walk: number, wait: number) => {
    const before = [
      walk < 0.5 ? '' : `a walk of ${minutes(walk)}`,
      wait < 0.5 ? '' : `a wait of ${minutes(wait)}`,
    ].filter(Boolean);
    return before.length === 0 ? time : `${time}, after ${before.join(' and ')}`;
  },
  ends: 'Make',
  tests: 'Test',
  put: 'Put a remote for',
  fetch: 'Fetch the remote of',
  outdoors: 'A cable here runs outdoors: its end must be made dry.',
  fromHere: 'Plan from here',
  carry: 'Carry',
  noTools: 'Only testers.',
  cantPlan: 'This can’t be worked out now.',
  serverAway: 'The server does not answer.',
  tryAgain: 'Try again',
  given: 'Given',
  people: 'People',
  one: 'One',
  two: 'Two',
  where: 'Of',
  everywhere: 'All hubs',
  fields: {
    begin: 'Begins at',
    hours: 'Time there is',
    walk: 'Walked in a minute',
    test: 'A test takes',
    remotes: 'Remotes there are',
  },
  hints: {
    begin: 'now, if empty',
    hours: 'from then on',
    walk: 'with stairs and doors',
    test: 'usually',
    remotes: 'enough, if empty',
  },
  badClock: 'A time of day, such as 8:30.',
  limits: 'What limits it: times, and tools of which there is one',
  onlyOne: 'Of these there is one',
  tester: 'tester',
  times: 'When something can be done',
  timesHint: 'Where several times are said of a place, all have to hold.',
  addTime: 'Add a time',
  takeOut: 'Take out',
  bars: { in: 'Let in', off: 'Off', dry: 'Dry' },
  bar: 'What it is',
  place: 'Place',
  everyPlace: 'Everywhere',
  from: 'From',
  to: 'To',
  off: 'Off is what is switched off, locked and proven dead by whoever may do that here, before a hand goes in.',
  dry: 'Dry counts for ends outdoors alone.',
  own: (person: string) => `Steps take as long as they took ${person}, where that is known.`,
};
