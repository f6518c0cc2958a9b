const cords = (count: number): string => (count === 1 ? '1 cord' : `${count} cords`);

/** What the page of prices, and of making or buying, says of itself. */
export const COSTS_PAGE = {
  title: 'Costs',
  which: 'What is reckoned',
  kinds: { cord: 'A cord', left: 'What is left here' },
  left: (link: string | null, ends: number, hasCable: boolean, cost: string) =>
    `What is left${link === null ? '' : ` of ${link}`} costs ${cost}: ${[
      ...(ends > 0 ? [ends === 1 ? '1 end' : `${ends} ends`] : []),
      ...(hasCable ? ['cable'] : []),
    ].join(' and ')}.`,
  leftNothing: (link: string | null) =>
    `Nothing is left to make ${link === null ? 'here' : `of ${link}`}.`,
  ofLink: (label: string) => `What of ${label}`,
  ofSite: 'What is left of the whole site',
  bothEnds: 'Both ends',
  leftMinutes: (minutes: string) => `${minutes} of work, with what is made again.`,
  leftUnknown: (count: number) =>
    `${count === 1 ? '1 cable' : `${count} cables`} without a length: not counted.`,
  leftRefused: (count: number) =>
    `${count === 1 ? '1 end' : `${count} ends`} whose parts do not fit: not counted.`,
  leftTakes: 'It takes',
  asking: 'Reckoning',
  make: (made: string, count: number, bought: string) =>
    `Make them: ${made} each in a batch of ${count}, ${bought} bought.`,
  buy: (bought: string, made: string, count: number) =>
    `Buy them: ${bought} each, ${made} made in a batch of ${count}.`,
  close: (made: string, bought: string) => `Nothing between them: ${made} made, ${bought} bought.`,
  breakEven: (count: number) =>
    `With the tools bought for them, making pays from ${cords(count)} on.`,
  never: 'Made ones never pay for their tools.',
  fails: (share: string) => `${share} have an end that is made again, by the remakes of this site.`,
  unpriced: (names: string) => `Without a price, and not counted: ${names}.`,
  cantServe: 'This can’t be reckoned.',
  cantRead: 'A number is missing, or can’t be read.',
  serverAway: 'The server does not answer.',
  tryAgain: 'Try again',
  cord: 'The cord',
  near: 'One end',
  far: 'The other',
  cable: 'Cable',
  fields: {
    length: 'Length',
    count: 'How many',
    bought: 'One bought costs',
    wage: 'An hour costs',
    tools: 'Tools cost',
    uses: 'They last for',
  },
  hints: {
    length: 'of each',
    count: 'in one batch',
    bought: 'as the shop has it',
    wage: 'with all that hangs on it',
    tools: 'none: they are there',
    uses: 'cords',
  },
  parts: 'One made takes',
  piece: (count: string) => `${count} ×`,
  noPrice: 'no price',
  work: 'Work',
  minutes: (minutes: string) => `${minutes} min`,
  list: 'Price list',
  listHint:
    'CSV with part or name, price, pack, currency, date. One for the firm; a new one takes the place of the one before.',
  from: (count: number, when: string) =>
    `${count === 1 ? '1 price' : `${count} prices`}, brought in ${when}.`,
  noList: 'No list was brought in yet.',
  unknown: (names: string) => `Nothing of the catalogue, and not counted: ${names}.`,
  bring: 'Bring a list in',
  template: 'Parts of this site as a list to fill in',
  refused: 'The list was not taken; the one before stays.',
  cell: (line: number, reason: string) => `Line ${line}: ${reason}`,
};
