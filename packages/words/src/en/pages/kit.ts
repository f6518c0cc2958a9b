const ends = (count: number): string => (count === 1 ? '1 end' : `${count} ends`);

/** What the page of parts and tools says of itself. */
export const KIT_PAGE = {
  title: 'Parts and tools',
  adding: 'Adding up',
  site: 'this site',
  link: 'this link',
  nothing: (what: string) => `Nothing is left to make on ${what}.`,
  bring: (count: number, what: string, time: string) =>
    `Bring this for ${ends(count)} on ${what}: about ${time} of work.`,
  time: (seconds: number) => {
    const minutes = Math.max(1, Math.round(seconds / 60));
    if (seconds >= 3600) return `${(seconds / 3600).toFixed(1)} hours`;
    return minutes === 1 ? '1 minute' : `${minutes} minutes`;
  },
  pace: (person: string) => `Times at ${person}’s pace where it is known, walking not counted.`,
  refused: (count: number) => `${count} more can’t be made as described, and are not counted.`,
  print: 'Print',
  parts: 'Parts',
  needed: 'Needed',
  withSpares: 'With spares',
  part: 'Part',
  packs: (bring: number, packs: number, pack: number) =>
    `${bring} (${packs === 1 ? '1 pack' : `${packs} packs`} of ${pack})`,
  whose: 'By whose remakes',
  everybody: 'Everybody here',
  bare: 'Bare needs, without spares.',
  spares: (share: number, failed: number, made: number, person: string) =>
    `With spares the day does not stop in ${share} of 100 cases: ${failed} of ${made} ends like these were made again${person === '' ? ' here' : ` by ${person} here`}, and one in twenty is reckoned where nothing is known. A jack that is punched again may do without another.`,
  cable: 'Cable not yet pulled',
  none: 'None.',
  unknown: (count: number) => `and ${count} of unknown length`,
  tools: 'Tools',
  cost: 'What it costs',
  whole: 'The same for the whole site',
  cantRead: 'The list can’t be read now.',
  serverAway: 'The server does not answer.',
  tryAgain: 'Try again',
};
