import type { Step, TerminationPlan } from './plan-termination';

/** A tool that is not at hand, for steps that ask for it. */
export interface ToolGap {
  readonly tool: string;
  readonly stepIds: readonly string[];
  /** False: these steps can't be done without it, and nothing before them should be cut. */
  readonly canGoOn: boolean;
  readonly sentence: string;
}

interface Lack {
  /** What does it instead; each is used only if it is at hand itself. Null is a bare hand. */
  readonly instead: readonly { readonly tool: string | null; readonly how: string }[];
  readonly otherwise: string;
}

const NOTHING = 'Nothing replaces it: fetch one before you cut anything.';

/** What to do without a tool. A tool that has no row here can't be replaced. */
const LACKS: Readonly<Record<string, Lack>> = {
  'jacket stripper': {
    instead: [
      {
        tool: 'side cutter',
        how: 'Open the jacket at its end with the side cutter, pull the rip cord back, and cut the jacket off.',
      },
    ],
    otherwise: NOTHING,
  },
  'flush cutter': {
    instead: [
      {
        tool: 'side cutter',
        how: 'Use the side cutter, its flat side to the part that stays; look at every end, they come out pointed.',
      },
    ],
    otherwise: NOTHING,
  },
  'side cutter': {
    instead: [
      {
        tool: 'flush cutter',
        how: 'Use the flush cutter for pairs and ties; spare its edge from drain wire.',
      },
    ],
    otherwise: NOTHING,
  },
  'pass-through crimper': {
    instead: [
      {
        tool: 'modular crimper',
        how: 'Crimp with the modular crimper, which has no blade: trim what stands out of the nose in the next step.',
      },
    ],
    otherwise: NOTHING,
  },
  'punch-down tool': {
    instead: [],
    otherwise:
      'Nothing replaces it: a screwdriver widens the slots for good. Fetch one before you cut anything.',
  },
  'parallel pliers': {
    instead: [
      {
        tool: null,
        how: 'Press the lid with both thumbs against a firm edge, square, if its sheet allows it.',
      },
    ],
    otherwise: NOTHING,
  },
  cloth: {
    instead: [{ tool: null, how: 'Any rag that sheds no lint will do.' }],
    otherwise: NOTHING,
  },
  'label printer': {
    instead: [{ tool: null, how: 'Write a wrap-around label by hand, and print it later.' }],
    otherwise: NOTHING,
  },
};

/**
 * What is missing for the steps that are left, and whether there is a way round it. Those without a way
 * round come first.
 */
export function toolGaps(
  plan: TerminationPlan,
  missing: ReadonlySet<string>,
  isLeft: (step: Step) => boolean = () => true,
): ToolGap[] {
  const left = plan.steps.filter(isLeft);
  const gaps = plan.tools
    .filter((tool) => missing.has(tool))
    .flatMap((tool): ToolGap[] => {
      const stepIds = left.filter((step) => step.tools.includes(tool)).map(({ id }) => id);
      if (stepIds.length === 0) return [];
      const lack = LACKS[tool];
      const way = lack?.instead.find((row) => row.tool === null || !missing.has(row.tool));
      const what = way?.how ?? lack?.otherwise ?? NOTHING;
      return [{ tool, stepIds, canGoOn: way !== undefined, sentence: `No ${tool}. ${what}` }];
    });
  return gaps.sort((a, b) => Number(a.canGoOn) - Number(b.canGoOn));
}
