import type { seeded } from './seeded';

/** What gets into files, or takes the place of what was there. */
const MARKS = ['', ',', ';', '\n', '-', 'e', '9', 'NaN', '\u0000', '#', '\t', '1e999'];
/** Letters that are lost at a place, at most. */
const LOST = 5;

/** A text with some places damaged, at least one. */
export function damaged(text: string, random: ReturnType<typeof seeded>, most: number): string {
  let out = text;
  for (let change = random.below(most); change >= 0; change -= 1) {
    const at = random.below(out.length);
    out = out.slice(0, at) + random.pick(MARKS) + out.slice(at + random.below(LOST + 1));
  }
  return out;
}
