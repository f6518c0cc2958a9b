import type { Message } from '@near-spoke/core/message';
import type { StepWords, WordsOfStep } from './step-words';
import type { Tell } from './tell';

/** "Trim it {exposed} from the jacket" with its places filled in. */
export const fill = (text: string, values: Readonly<Record<string, Message>>, tell: Tell): string =>
  text.replace(/\{(\w+)\}/g, (_, name: string) => {
    const value = values[name];
    return value ? tell(value) : '';
  });

/** @throws where a step has no words */
export function wordsOf(steps: StepWords, step: string): WordsOfStep {
  const found = steps[step];
  if (!found) throw new Error(`The step “${step}” has no words`);
  return found;
}

/** A step in a few words: the first clause of what to do, as far as nothing is filled in. */
export const firstClause = (instruction: string, stop: RegExp): string =>
  (instruction.replace(stop, '').split(/[.,:;{]/)[0] ?? '').trim();
