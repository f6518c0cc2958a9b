import { ANY_DIE } from './die';

/** A tool that is not at hand, for steps that ask for it. */
export interface ToolGap {
  readonly tool: string;
  readonly stepIds: readonly string[];
  /** False: these steps can't be done without it, and nothing before them should be cut. */
  readonly canGoOn: boolean;
  readonly sentence: string;
  /** What does it instead; null where a bare hand does. */
  readonly instead: string | null;
}

interface Lack {
  readonly tool: RegExp;
  /** What does it instead; each is used only if it is at hand itself. Null is a bare hand. */
  readonly instead: readonly { readonly tool: string | null; readonly how: string }[];
  readonly otherwise?: string;
}

const NOTHING = 'Nothing replaces it: fetch one before you cut anything.';

/** What to do without a tool. A tool that has no row here can't be replaced. */
const LACKS: readonly Lack[] = [
  {
    tool: /^jacket stripper$/,
    instead: [
      {
        tool: 'side cutter',
        how: 'Open the jacket at its end with the side cutter, pull the rip cord back, and cut the jacket off.',
      },
    ],
  },
  {
    tool: /^flush cutter$/,
    instead: [
      {
        tool: 'side cutter',
        how: 'Use the side cutter, its flat side to the part that stays; look at every end, they come out pointed.',
      },
    ],
  },
  {
    tool: /^side cutter$/,
    instead: [
      {
        tool: 'flush cutter',
        how: 'Use the flush cutter for pairs and ties; spare its edge from drain wire.',
      },
    ],
  },
  {
    tool: /^cable cutter$/,
    instead: [
      {
        tool: 'side cutter',
        how: 'Cut it long with the side cutter, then trim it square and round it with two fingers.',
      },
    ],
  },
  {
    tool: /^two-blade coax stripper$/,
    instead: [
      {
        tool: 'coax stripper',
        how: 'Make the two cuts one after the other: the jacket first, then to the centre, and leave the braid between them whole.',
      },
      {
        tool: 'knife',
        how: 'Work layer by layer instead, under a still blade: choose that way for this link, so that steps and drawing follow it.',
      },
    ],
  },
  {
    tool: /^coax stripper$/,
    instead: [
      {
        tool: 'knife',
        how: 'Roll the cable under a still blade, as deep as the layer and no deeper; look for nicks twice.',
      },
    ],
  },
  {
    tool: /^pass-through crimper$/,
    instead: [
      {
        tool: 'modular crimper',
        how: 'Crimp with the modular crimper, which has no blade: trim what stands out of the nose in the next step.',
      },
    ],
  },
  {
    tool: ANY_DIE,
    instead: [],
    otherwise:
      'Nothing replaces it: another size crushes the dielectric or holds nothing. Stop here, before the first cut, and fetch the die that the connector’s sheet names.',
  },
  {
    tool: /^pin crimp die$/,
    instead: [
      {
        tool: 'soldering iron',
        how: 'Solder the pin instead, if its sheet allows it: through its window, with rosin-cored solder, none on the outside.',
      },
    ],
  },
  {
    tool: /^compression tool$/,
    instead: [],
    otherwise:
      'Nothing replaces it: pliers press one side only. Fetch it, with the head for this connector, before you cut anything.',
  },
  {
    tool: /^(punch-down|block punch) tool$/,
    instead: [],
    otherwise:
      'Nothing replaces it: a screwdriver widens the slots for good. Fetch one before you cut anything.',
  },
  {
    tool: /^insertion tool$/,
    instead: [],
    otherwise:
      'Nothing replaces it: a screwdriver opens the slot for good. Fetch one before you cut anything.',
  },
  {
    tool: /^parallel pliers$/,
    instead: [
      {
        tool: null,
        how: 'Press with both thumbs against a firm edge, square, if the part’s sheet allows it.',
      },
    ],
  },
  {
    tool: /^flat pliers$/,
    instead: [
      { tool: null, how: 'Do it with thumb and finger, slowly, and look that it is even.' },
    ],
  },
  {
    tool: /^wire stripper$/,
    instead: [
      {
        tool: 'knife',
        how: 'Pull the core along a still blade, lightly, all round; look for nicks.',
      },
    ],
  },
  {
    tool: /^ribbon press$/,
    instead: [
      {
        tool: 'bench vice',
        how: 'Press it in a bench vice with smooth jaws, straight and slowly, a flat bar on each side.',
      },
    ],
  },
  { tool: /^cloth$/, instead: [{ tool: null, how: 'Any rag that sheds no lint will do.' }] },
  {
    tool: /^label printer$/,
    instead: [{ tool: null, how: 'Write a wrap-around label by hand, and print it later.' }],
  },
];

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
      const lack = LACKS.find((row) => row.tool.test(tool));
      const way = lack?.instead.find((row) => row.tool === null || has(row.tool));
      const what = way?.how ?? lack?.otherwise ?? NOTHING;
      return {
        tool,
        stepIds: left.filter((step) => step.tools.includes(tool)).map(({ id }) => id),
        canGoOn: way !== undefined,
        sentence: `No ${tool}. ${what}`,
        instead: way?.tool ?? null,
      };
    });
  return gaps.sort((a, b) => Number(a.canGoOn) - Number(b.canGoOn));
}
