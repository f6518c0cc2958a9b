import type { End } from '@near-spoke/core/link';

/** What the pages say of themselves, around what testing a link tells. */
export const VERIFY_PAGE = {
  chooseTester: 'Choose the tester in your hand.',
  chooseWhy:
    'A result counts for what that tester can see. Make sure first that nothing feeds power or ringing voltage into this cable.',
  keepIf: 'Keep this reading if it is what the tester shows.',
  keepWhy: 'It is diagnosed at once, and can be taken back for a few seconds.',
  keep: 'Keep this reading',
  testAndEnter: 'Test the link and enter what the tester shows.',
  liveStaysOn: 'What feeds the line stays on. Plug this tester in at the far end only.',
  nothingFeeds: 'Make sure first that nothing feeds power or ringing voltage into this cable.',
  notRead: (problem: string) => `What is typed can’t be read. ${problem}`,
  nothingYet: 'Nothing is entered yet.',
  allGood: (key: string) => `Nothing is entered yet. All good: ${key}.`,

  proven: 'This link is proven. Print its record.',
  openRecord: 'Open the record',
  pairingTest: 'Enter a pairing test',
  wireMap: 'Enter a wire map',
  testAgain: 'Test again',
  below: 'What explains it, and what next, stands below.',

  verdicts: { pass: 'Good', fail: 'Fault', unproven: 'Proven in part' },
  wrong: 'What is wrong',
  toDo: 'What to do',
  notWhere: 'This test does not tell where along the cable a fault lies.',
  cantTell: 'What this test can’t tell',
  ends: { near: 'Near end', far: 'Far end' },
  remake: (end: End) => `Remake the ${end} end`,
  tests: (count: number) => (count === 1 ? 'One test' : `${count} tests`),

  explains: 'What explains it',
  nothingWrong: 'Nothing is wrong.',
  notWorkedOut: 'This could not be worked out here. The result above stands.',
  workingOut: 'Working out what explains it…',
  next: 'What next',
  shows: 'What it shows',
  bits: (bits: string) => `Expected to tell ${bits} bits about where to mend.`,
  since: 'Since then',
  takeBack: 'Take the last one back',
  somethingElse: 'Something else was done',
  wasDone: 'What was done',
  atHand: 'What is at hand',
  testersAtHand: 'Testers at hand',
  walk: 'Walk to the other end',
  whereYouStand: 'Where you stand',
  stand: { near: 'I stand near', far: 'I stand far' },
  places: { near: 'near end', cable: 'along the cable', far: 'far end' },
  atPlaces: { near: 'At the near end.', cable: 'Along the cable.', far: 'At the far end.' },
  lessLikely: (rest: number, upTo: number, own: number) => {
    const most = ['one', 'one', 'two', 'three'][upTo] ?? 'three';
    const rates = own > 0 ? `generic, refined by ${own} links of your own` : 'generic';
    return `${rest} less likely accounts of up to ${most} fault${upTo < 2 ? '' : 's'} also agree. Shares are among these; their rates are ${rates}.`;
  },
  proveIt: (tester: string) => `Then prove it: ${tester}.`,
  noProof: 'No tester at hand shows such a fault: a pass would prove nothing of it.',
  mended: 'What is advised is mended',
  lastAnswer: 'Take the last answer back',
} as const;
