const reels = (count: number): string => (count === 1 ? '1 reel' : `${count} reels`);

/** What the page of reels says of itself. */
export const REELS_PAGE = {
  title: 'Reels',
  none: 'No reel is kept yet.',
  whyNone:
    'Each that comes is named, and what is cut from it is counted: cuts are planned with it.',
  sentence: (count: number, length: string) => `${reels(count)}, ${length} to count on.`,
  disagree: (names: string) => `${names}: label and reflectometry do not agree.`,
  whyDisagree:
    'Cuts are planned with the smaller of the two. Was a cut not noted, or the velocity factor wrong?',
  add: (name: string) => (name === '' ? 'Add it' : `Add ${name}`),
  addTitle: 'A reel that came',
  taken: (name: string) =>
    `${name} is there already: another name, or it comes anew with what its label says.`,
  fields: { name: 'Name', length: 'Length', mark: 'Mark' },
  hints: {
    name: 'as you write it on the box',
    length: 'as its label has it',
    mark: 'on the jacket, at the loose end',
  },
  cable: 'Cable',
  marks: 'Marks run, as it comes off',
  up: 'Up',
  down: 'Down',
  list: 'What is there',
  left: (length: string) => `${length} to count on`,
  leftUnknown: 'nobody knows what is left',
  ofLabel: (got: string, cut: string) => `${got} by its label, ${cut} cut off.`,
  read: (length: string, when: string) =>
    `Reflectometry, ${when}: ${length}, less what was cut since.`,
  mark: (mark: string) => `At its loose end: ${mark}.`,
  doubt: 'These do not agree.',
  gone: 'of no use any more',
  cut: (length: string, label: string, marks: string) =>
    `${length} for ${label}${marks && `, ${marks}`}`,
  elsewhere: 'something else',
  between: (from: string, to: string) => `${from} to ${to}`,
  takeBack: 'Take back',
  tookBack: 'Cut taken back',
  useUp: 'No use any more',
  printLabel: 'Label',
  labelSaved: (name: string) => `${name} is saved with your downloads.`,
  failed: 'The label could not be made.',
  deed: {
    got: (name: string) => `New reel ${name}`,
    cut: (label: string, name: string) => `${label} cut from ${name}`,
    gone: (name: string) => `${name} of no use any more`,
  },
  cutNow: 'Cut',
  cutTitle: (label: string, name: string) => `${label} from ${name}`,
  cutLength: 'Cut off',
  cutMark: 'Mark at the cut',
  cutHint: 'as it was cut; what is left is planned anew',
  markHint: (mark: string) => `${mark} as planned`,
  cutDone: 'It is cut',
  cancel: 'Not yet',
};
