import type { Message } from '../message';
import { tell } from './messages';

/** A tool that is not at hand, for steps that ask for it. */
export interface ToolGap {
  readonly tool: string;
  readonly stepIds: readonly string[];
  /** False: these steps can't be done without it, and nothing before them should be cut. */
  readonly canGoOn: boolean;
  readonly sentence: Message;
  /** What does it instead; null where a bare hand does. */
  readonly instead: string | null;
}

/** What does a tool's work, each only if it is at hand itself; null is a bare hand. One without a row can't be replaced. */
const INSTEAD: Readonly<Record<string, readonly (string | null)[]>> = {
  'jacket stripper': ['side cutter'],
  'flush cutter': ['side cutter'],
  'side cutter': ['flush cutter'],
  'cable cutter': ['side cutter'],
  'two-blade coax stripper': ['coax stripper', 'knife'],
  'coax stripper': ['knife'],
  'pass-through crimper': ['modular crimper'],
  'pin crimp die': ['soldering iron'],
  'parallel pliers': [null],
  'flat pliers': [null],
  'wire stripper': ['knife'],
  'ribbon press': ['bench vice'],
  cloth: [null],
  'label printer': [null],
};

interface ToolStep {
  readonly id: string;
  readonly tools: readonly string[];
}

/**
 * What is missing for the steps that are left, and whether there is a way round it. Those without a way
 * round come first.
 *
 * @param has whether a tool is at hand.
 */
export function toolGaps<T extends ToolStep>(
  steps: readonly T[],
  has: (tool: string) => boolean,
  isLeft: (step: T) => boolean = () => true,
): ToolGap[] {
  const left = steps.filter(isLeft);
  const wanted = [...new Set(left.flatMap((step) => step.tools))];
  const gaps = wanted
    .filter((tool) => !has(tool))
    .map((tool): ToolGap => {
      const instead = INSTEAD[tool]?.find((other) => other === null || has(other));
      return {
        tool,
        stepIds: left.filter((step) => step.tools.includes(tool)).map(({ id }) => id),
        canGoOn: instead !== undefined,
        sentence: tell('tool-gap', { tool, ...(instead === undefined ? {} : { instead }) }),
        instead: instead ?? null,
      };
    });
  return gaps.sort((a, b) => Number(a.canGoOn) - Number(b.canGoOn));
}
