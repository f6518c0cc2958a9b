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
  later: (count: number) => `${links(count)} more ${count === 1 ? 'is' : 'are'} for another day.`,
  faults: (labels: string) =>
    `Not in it, as nobody knows how long a repair takes: ${labels}. Verify says what to do.`,
  unfit: (labels: string) => `Not in it, as an end does not fit: ${labels}.`,
  unknown: (count: number, walk: string) =>
    `${links(count)} without a length: ${walk} are reckoned for such a walk.`,
  walks: (speed: string) =>
    `Walks are as long as the cables between the places, or as a floor plan has it, at ${speed} a minute with stairs and doors.`,
  remotes: (count: number) =>
    count === 1
      ? 'Leave the tester’s remote at the far end when that is made: then the test takes no further walk.'
      : `${count} links are tested from their near ends: leave a numbered remote at each far end as it is made. With fewer remotes than that, take those tests in turns.`,
  person: (number: number) => `Person ${number}`,
  at: (time: string, walk: number) =>
    walk < 0.5 ? time : `${time}, after a walk of ${minutes(walk)}`,
  ends: 'Make',
  tests: 'Test',
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
  fields: { hours: 'Time there is', walk: 'Walked in a minute', test: 'A test takes' },
  hints: { hours: 'from now on', walk: 'with stairs and doors', test: 'usually' },
  own: (person: string) => `Steps take as long as they took ${person}, where that is known.`,
};
