import { FAULT_KINDS } from '@near-spoke/core/closed-sets';
import { verifyMessage } from '@near-spoke/core/verify';
import type { Tell } from '@near-spoke/words';

/** Shorter ones begin too many names. */
const LEAST_LETTERS = 4;

/** Kinds of faults that a word begins the name of, in the language of who searches: they are kept under their kinds. */
export function meaningsOf(word: string, tell: Tell): readonly string[] {
  if (word.length < LEAST_LETTERS) return [];
  return FAULT_KINDS.filter((kind) =>
    [verifyMessage('fault-title', { kind }), verifyMessage('fault-several', { kind })]
      .flatMap((name) =>
        tell(name)
          .toLowerCase()
          .split(/[^\p{L}]+/u),
      )
      .some((part) => part.startsWith(word)),
  );
}
