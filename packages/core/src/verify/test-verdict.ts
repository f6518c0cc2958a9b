/** What one use of a tester says of a link; `part` is as expected, but tells of a part of the link only. */
export const TEST_VERDICTS = ['as-expected', 'part', 'differs'] as const;
export type TestVerdict = (typeof TEST_VERDICTS)[number];
