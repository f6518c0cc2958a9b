import type { Contradiction } from './in-reach';
import type { Ties, WalkPlan } from './walk-plan';

/** Which cores beep with each other, as they were found; cores of the far end by tags that hang on them. */
export interface WalkReadings {
  readonly far: Ties | null;
  readonly near: Ties | null;
}

export interface Walked {
  /** What to tie or find out next: at the far end, back at the near end, or nothing. */
  readonly next: 'read-far' | 'read-near' | 'done' | 'repair';
  /** How to tie the far cores, once it is known which beep together. */
  readonly farTies: Ties | null;
  /** Near core and far tag. */
  readonly labels: readonly { readonly near: number; readonly far: number }[];
  readonly contradictions: readonly Contradiction[];
  /** Cores that no tie went through: their labels are right, their continuity is not proven. */
  readonly unproven: readonly number[];
}

const NOTHING: Walked = {
  next: 'read-far',
  farTies: null,
  labels: [],
  contradictions: [],
  unproven: [],
};

/** The return that two cores need, as a member of a group: it is 0 at both ends. */
export const RETURN = 0;

/**
 * What the readings of a walk tell: first how to tie the far end, then which core is which. Groups that
 * are not of the sizes that were tied are a contradiction, with every single open or short that explains
 * them.
 */
export function readWalk(plan: WalkPlan, { far, near }: WalkReadings): Walked {
  if (plan.cores === 1)
    return { ...NOTHING, next: 'done', labels: [{ near: 1, far: 1 }], unproven: [1] };
  if (!far) return NOTHING;
  if (plan.needsReturn) return withReturn(far);
  const atFar = misread(plan.nearTies, far, 'far', plan.cores);
  if (atFar.length > 0) return { ...NOTHING, next: 'repair', contradictions: atFar };
  const farTies = tieFar(plan, far);
  if (!near) return { ...NOTHING, next: 'read-near', farTies };
  const atNear = misread(farTies, near, 'near', plan.cores);
  const labels = atNear.length > 0 ? null : match(plan.nearTies, near, far, farTies);
  if (!labels)
    return {
      ...NOTHING,
      next: 'repair',
      farTies,
      contradictions: atNear.length > 0 ? atNear : [IMPOSSIBLE],
    };
  const alone = (ties: Ties, core: number) =>
    ties.some((group) => group.length === 1 && group[0] === core);
  return {
    next: 'done',
    farTies,
    labels,
    contradictions: [],
    unproven: labels.flatMap(({ near: core }) =>
      alone(plan.nearTies, core) && alone(near, core) ? [core] : [],
    ),
  };
}

const IMPOSSIBLE: Contradiction = {
  kind: 'impossible',
  near: [],
  far: [],
  sentence:
    'No order of the cores gives these readings, with or without one fault: read both ends again.',
};

function withReturn(far: Ties): Walked {
  const group = far.find((members) => members.includes(RETURN)) ?? [];
  const [one, ...more] = group.filter((core) => core !== RETURN);
  if (one === undefined || more.length > 0)
    return {
      ...NOTHING,
      next: 'repair',
      contradictions: [
        {
          kind: more.length > 0 ? 'short' : 'open',
          near: ['1'],
          far: group.filter((core) => core !== RETURN).map(String),
          sentence:
            more.length > 0
              ? 'Both cores beep with the return: they touch, or one of them touches it.'
              : 'No core beeps with the return: core 1 or the return is open.',
        },
      ],
    };
  return {
    ...NOTHING,
    next: 'done',
    labels: [
      { near: 1, far: one },
      { near: 2, far: 3 - one },
    ],
    unproven: [2],
  };
}

/** How to tie the far end: by sizes, each core of a size to another one; or as a chain of pairs. */
function tieFar(plan: WalkPlan, far: Ties): Ties {
  if (plan.farSizes.size === 0) return chain(far);
  const bySize = new Map<number, number[]>();
  for (const group of far)
    bySize.set(
      group.length,
      [...(bySize.get(group.length) ?? []), ...group].sort((a, b) => a - b),
    );
  const wanted = new Map<number, number[]>();
  for (const [size, cores] of [...bySize].sort(([a], [b]) => a - b))
    cores.forEach((core, index) => {
      const to = plan.farSizes.get(size)?.[index] ?? 1;
      wanted.set(to, [...(wanted.get(to) ?? []), core]);
    });
  return [...wanted]
    .sort(([a], [b]) => a - b)
    .flatMap(([size, cores]) =>
      Array.from({ length: cores.length / size }, (_, index) =>
        cores.slice(index * size, (index + 1) * size),
      ),
    );
}

function chain(far: Ties): Ties {
  const flat = [...far].sort((a, b) => a.length - b.length).flat();
  return Array.from({ length: Math.ceil(flat.length / 2) }, (_, i) => flat.slice(2 * i, 2 * i + 2));
}

const sizesOf = (ties: Ties): number[] => ties.map(({ length }) => length).sort((a, b) => a - b);
const same = (a: readonly number[], b: readonly number[]) => a.join() === b.join();

/** What is wrong with groups that were read, against the ties that were made at the other end. */
function misread(tied: Ties, read: Ties, end: 'near' | 'far', cores: number): Contradiction[] {
  const members = read.flat();
  if (members.length !== cores || new Set(members).size !== cores)
    return [
      {
        kind: 'impossible',
        near: [],
        far: [],
        sentence: `Every ${end} core stands once: ${cores} are needed, ${members.length} were given.`,
      },
    ];
  const [made, found] = [sizesOf(tied), sizesOf(read)];
  if (same(made, found)) return [];
  const explained = [...opens(tied, found), ...shorts(tied, found)];
  const told = `Tied in groups of ${made.join(', ')}; found groups of ${found.join(', ')}.`;
  const other = end === 'far' ? 'near' : 'far';
  return explained.length > 0
    ? explained.map(({ kind, suspects }) => ({
        kind,
        near: other === 'near' ? suspects.map(String) : [],
        far: other === 'far' ? suspects.map(String) : [],
        sentence: `${told} ${
          kind === 'open'
            ? `One of the ${other} cores ${suspects.join(', ')} is open, or its tie does not hold.`
            : `Two of the ${other} cores ${suspects.join(', ')}, from different ties, touch.`
        }`,
      }))
    : [
        {
          kind: 'impossible',
          near: [],
          far: [],
          sentence: `${told} More than one fault: look at every tie, then read again.`,
        },
      ];
}

interface Explained {
  readonly kind: 'open' | 'short';
  readonly suspects: readonly number[];
}

/** Ties of one size can't be told apart from the other end, so all of them are suspects. */
const coresIn = (tied: Ties, sizes: readonly number[]): number[] =>
  tied.filter(({ length }) => sizes.includes(length)).flat();

const without = (sizes: readonly number[], gone: readonly number[]): number[] => {
  const left = [...sizes];
  for (const size of gone) left.splice(left.indexOf(size), 1);
  return left;
};

const sorted = (sizes: readonly number[]) => [...sizes].sort((a, b) => a - b);

function opens(tied: Ties, found: readonly number[]): Explained[] {
  const sizes = sizesOf(tied);
  return [...new Set(sizes)].flatMap((size): Explained[] =>
    size > 1 && same(sorted([...without(sizes, [size]), size - 1, 1]), found)
      ? [{ kind: 'open', suspects: coresIn(tied, [size]) }]
      : [],
  );
}

function shorts(tied: Ties, found: readonly number[]): Explained[] {
  const sizes = sizesOf(tied);
  const kinds = [...new Set(sizes)];
  return kinds.flatMap((a) =>
    kinds.flatMap((b): Explained[] => {
      if (a > b || (a === b && sizes.filter((size) => size === a).length < 2)) return [];
      return same(sorted([...without(sizes, [a, b]), a + b]), found)
        ? [{ kind: 'short', suspects: coresIn(tied, [a, b]) }]
        : [];
    }),
  );
}

/** One end of the cable: which cores are tied or beep together, by each of the two ways of tying. */
type Grouped = readonly [Ties, Ties];

/**
 * Each core's colour by the sizes of its two groups, refined by the colours of those it is grouped with,
 * until no more can be told apart. Both ends share their colours' numbers, so that equal means alike.
 */
function colours(ends: readonly Grouped[]): Map<number, number>[] {
  const mates = ends.map((ties) =>
    ties.map((groups) => new Map(groups.flatMap((group) => group.map((core) => [core, group])))),
  );
  let now = mates.map(([first]) => new Map([...(first?.keys() ?? [])].map((core) => [core, 0])));
  for (let kinds = 0; ;) {
    const numbers = new Map<string, number>();
    const next = now.map((colour, end) => {
      const seen = (core: number, groups: ReadonlyMap<number, readonly number[]> | undefined) =>
        (groups?.get(core) ?? []).map((mate) => colour.get(mate) ?? 0).sort((a, b) => a - b);
      return new Map(
        [...colour].map(([core, own]) => {
          const name = [own, ...(mates[end] ?? []).map((groups) => seen(core, groups).join())].join(
            ';',
          );
          const number = numbers.get(name) ?? numbers.size;
          numbers.set(name, number);
          return [core, number];
        }),
      );
    });
    now = next;
    if (numbers.size === kinds) return now;
    kinds = numbers.size;
  }
}

function match(nearTies: Ties, nearRead: Ties, farRead: Ties, farTies: Ties) {
  const [near, far] = colours([
    [nearTies, nearRead],
    [farRead, farTies],
  ]);
  const byColour = new Map([...(far ?? [])].map(([core, colour]) => [colour, core]));
  const labels = [...(near ?? [])].flatMap(([core, colour]) => {
    const found = byColour.get(colour);
    return found === undefined ? [] : [{ near: core, far: found }];
  });
  const whole = new Set(near?.values()).size === near?.size && labels.length === near.size;
  return whole ? labels.sort((x, y) => x.near - y.near) : null;
}
