import { digest, type Cases } from './digest';

const MOST_MS = 120_000;

/**
 * Each case is told as it was written down. One that differs was meant to: look at it, and write it down by
 * `npm run told`.
 */
export function asWritten(cases: Cases, written: Readonly<Record<string, string>>): void {
  for (const [name, tell] of Object.entries(cases))
    it(name, () => expect(digest(tell())).toBe(written[name] ?? 'not written down'), MOST_MS);

  it('and nothing that is told no more', () =>
    expect(Object.keys(written)).toEqual(Object.keys(cases)));
}
