import { list } from '../list';

const boxes = (count: number): string => (count === 1 ? '1 box' : `${count} boxes`);
const runs = (count: number): string => (count === 1 ? '1 run' : `${count} runs`);

/** What the page of reels and cuts says of itself. */
export const CUTS_PAGE = {
  title: 'Cuts',
  adding: 'Laying out runs',
  buy: (bought: readonly { readonly count: number; readonly length: string }[], runCount: number) =>
    `Buy ${list(bought.map(({ count, length }) => `${boxes(count)} of ${length}`))} for ${runs(runCount)}.`,
  enough: (runCount: number) => `What is there is enough for ${runs(runCount)}.`,
  nothing: 'No cable is left to pull.',
  whyNothing: 'Every link has an end that is begun, or no length yet.',
  counted: (slack: string) => `Each run with ${slack} for its two ends.`,
  waste: (length: string) => `${length} are left over and too short to be of use.`,
  noWaste: 'What is left over is long enough to be of use.',
  least: (length: string) => `Proven: no way leaves less than ${length}.`,
  best: 'No way leaves less.',
  unproven: 'A better way was not looked for to the end.',
  cantServe: 'This can’t be worked out now.',
  serverAway: 'The server does not answer.',
  tryAgain: 'Try again',
  print: 'Print',
  given: 'Given',
  fields: {
    box: 'A new box has',
    slack: 'For both ends of a run',
    rest: 'Of use from',
  },
  hints: {
    box: 'nothing: none can be bought',
    slack: 'beside its length',
    rest: 'what is left of a reel',
  },
  begun: 'Begun reels',
  begunHint: (cable: string) => `of ${cable}; several with ; between`,
  toBuy: (count: number) => (count === 0 ? 'none to buy' : `buy ${boxes(count)}`),
  cantRead: (text: string) => `${text} is no length.`,
  ownBox: 'Its box has',
  ownBoxHint: 'as above, if empty',
  newBox: (number: number) => `New box ${number}`,
  begunReel: (number: number) => `Begun reel ${number}`,
  left: (length: string, rest: string) => `${length}, ${rest} left`,
  from: 'From',
  to: 'To',
  run: 'Run',
  ends: 'Between',
  unknown: (count: number) =>
    `${count === 1 ? '1 link' : `${count} links`} without a length ${count === 1 ? 'is' : 'are'} not counted.`,
  tooLong: (label: string, needs: string) => `${label} needs ${needs}: no reel or box is as long.`,
  noRoom: (label: string, needs: string) => `${label} needs ${needs}: nothing is left for it.`,
};
