import type { Change } from './guess';

/** Kinds that a change may turn out to be once something is found behind it. */
const KINDS_OF = {
  up: ['step', 'series'],
  down: ['step', 'shunt'],
} as const;

/** An end that was taken for all may be a joint that gives back nearly as much. */
const MOST_OF_A_JOINT = 0.9;

/** What a change between two others may be. */
export const INNER_KINDS = ['step', 'series', 'shunt'] as const;

/** What one behind all others may be, the likelier first. */
export const LAST_KINDS = ['end', 'step'] as const;

/** The changes so far in each kind that the last of them can be, once something lies behind it. */
export function kindsBefore(changes: readonly Change[]): readonly (readonly Change[])[] {
  const last = changes.at(-1);
  return last ? ofKinds(last).map((one) => [...changes.slice(0, -1), one]) : [[]];
}

/** A branch of the same cable throws a third back, upside down: noise and loss blur it to about this. */
const LIKE_A_TAP = { least: -0.5, most: -0.15 };

/** Each change that can be one as a branch whose open end is what was seen at a delay. */
export function asTaps(changes: readonly Change[], delayS: number): (readonly Change[])[] {
  return changes.flatMap((change, index) =>
    likeATap(change) && delayS > change.delayS
      ? [changes.with(index, { ...change, kind: 'tap', stubS: delayS - change.delayS })]
      : [],
  );
}

const likeATap = ({ kind, size }: Change): boolean =>
  kind !== 'tap' && size > LIKE_A_TAP.least && size < LIKE_A_TAP.most;

/** A change that goes down and one behind it that goes up, as one branch. */
export function pairsAsTaps(changes: readonly Change[]): (readonly Change[])[] {
  return changes.flatMap((change, index) =>
    changes
      .slice(index + 1)
      .flatMap((open, gap) =>
        likeATap(change) && open.size > 0.1
          ? asTaps([change], open.delayS).map((tap) =>
              changes.toSpliced(index + 1 + gap, 1).toSpliced(index, 1, ...tap),
            )
          : [],
      ),
  );
}

/** How many of the last changes are supposed anew. */
const ANEW = 3;

/** All that the changes so far may be instead: other kinds, or a branch where one goes down and one up. */
export function supposedAnew(changes: readonly Change[]): (readonly Change[])[] {
  const from = Math.max(0, changes.length - ANEW);
  const kinds = changes
    .slice(from)
    .reduce<readonly (readonly Change[])[]>(
      (lists, change) => lists.flatMap((list) => ofKinds(change).map((one) => [...list, one])),
      [changes.slice(0, from)],
    );
  return [...pairsAsTaps(changes), ...kinds];
}

/** A change in each kind that looks like it, while something lies behind it. */
export function ofKinds(change: Change): Change[] {
  if (change.kind === 'tap') return [change];
  const size = Math.max(-MOST_OF_A_JOINT, Math.min(MOST_OF_A_JOINT, change.size));
  return KINDS_OF[change.size > 0 ? 'up' : 'down'].map((kind) => ({ ...change, kind, size }));
}

/**
 * A branch and an open end behind it may change places: nothing that is measured tells which is which. The
 * shorter of the two is the branch.
 */
export function shorterBranch(changes: readonly Change[]): readonly Change[] {
  const [tap, end] = changes.slice(-2);
  if (!tap || end?.kind !== 'end' || tap.kind !== 'tap' || end.size < 0.9) return changes;
  const rest = end.delayS - tap.delayS;
  if (tap.stubS <= rest) return changes;
  return [
    ...changes.slice(0, -2),
    { ...tap, stubS: rest },
    { ...end, delayS: tap.delayS + tap.stubS },
  ];
}

/** An end that lies within this share of a branch's length behind it stands where the branch begins. */
const AT_THE_BRANCH = 0.02;

/**
 * An open branch where a resistance ends the line is the line itself, with the resistance across: the same to
 * the last figure, and told as what it rather is.
 */
export function branchAsLine(changes: readonly Change[]): readonly Change[] {
  const [tap, end] = changes.slice(-2);
  if (tap?.kind !== 'tap' || end?.kind !== 'end' || Math.abs(end.size) > MOST_OF_A_JOINT)
    return changes;
  if (end.delayS - tap.delayS > AT_THE_BRANCH * tap.stubS) return changes;
  // R is (1 + size) / (1 − size) times the line's impedance; across it, −1 / (2 R + 1) comes back.
  const across = -(1 - end.size) / (3 + end.size);
  return [
    ...changes.slice(0, -2),
    { kind: 'shunt', delayS: tap.delayS, size: across, stubS: 0 },
    { kind: 'end', delayS: tap.delayS + tap.stubS, size: 1, stubS: 0 },
  ];
}

/** The last change as the end of the line, and those before it in every kind that they may be. */
export function asEnds(changes: readonly Change[]): (readonly Change[])[] {
  const last = changes.at(-1);
  if (!last || last.kind === 'tap') return [];
  const end: Change = { ...last, kind: 'end' };
  return supposedAnew(changes.slice(0, -1)).map((before) => [...before, end]);
}
