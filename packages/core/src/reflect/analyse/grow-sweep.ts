import { beyondRange } from './beyond-range';
import { NEAR_THE_PORT, type FirstEcho } from './first-echo';
import type { Fit } from './fit-guess';
import type { Guess } from './guess';
import type { Checkpoint } from './grow';
import type { Prior } from './parameter';
import { plainly } from './plainly';
import type { Reflection } from './sweep-points';
import {
  isFit,
  LEAST_FITS,
  lower,
  reachOf,
  sweepSearch,
  type Candidate,
  type SweepSearch,
} from './sweep-search';

export interface GrownSweep extends Pick<SweepSearch, 'resolutionS' | 'refit' | 'leftBy'> {
  readonly fit: Fit;
  /** Longest delay, there and back, that the spacing of the points can tell; so often as what was found needs it. */
  readonly rangeS: number;
}

const MOST_CHANGES = 6;

/**
 * Explains a reflection over frequency: the first great echo that is left in the transformed residual is
 * supposed to be a change, all are fitted together in the frequencies, and so on. What goes to and fro
 * between changes comes later than each of them, so that they are found first.
 */
export function growSweep(
  sweep: Reflection,
  start: Guess,
  prior: Prior,
  checkpoint: Checkpoint,
): GrownSweep {
  const search = sweepSearch(sweep, prior);
  const growFrom = (first: Fit, told: Checkpoint, from?: number): Fit => {
    let now = first;
    for (let round = 0; round < MOST_CHANGES && search.left() > 0; round += 1) {
      told(round / MOST_CHANGES);
      const next = search.nextOf(now, from);
      if (!next) break;
      now = next;
    }
    return now;
  };
  // What follows has no share of its own of what is told.
  const further = () => checkpoint(1);
  const plain = search.fitted(start);
  const grown = growFrom(plain, checkpoint);
  const branched = withBranch(plain, grown, search, (first) => growFrom(first, further));
  const nearThePort = () => {
    search.allow(LEAST_FITS);
    return growFrom(plain, further, NEAR_THE_PORT);
  };
  const near =
    search.isOff(branched) || !isFit(branched) ? lower(nearThePort(), branched) : branched;
  // Of a line that was measured through, the far port is known.
  const fit =
    start.line.changes.length > 0
      ? near
      : beyondRange(plain, near, prior, search, (first) => growFrom(first, further));
  const { resolutionS, rangeS, refit, leftBy } = search;
  return { fit, rangeS: reachOf(fit.guess, rangeS), resolutionS, refit, leftBy };
}

/** Where much is left over, the first echo may be of a short branch, whose two ends look like one. */
function withBranch(
  plain: Fit,
  grown: Fit,
  search: SweepSearch,
  growFrom: (first: Fit) => Fit,
): Fit {
  const first = search.isOff(grown) ? search.leftBy(plain) : null;
  if (!first) return grown;
  return branches(first).reduce((best, branch) => {
    const placed = search.left() > 0 ? search.placed(plain.guess, branch, first) : null;
    const other = placed ? growFrom(search.fitted(placed)) : best;
    return plainly(other) < plainly(best) ? other : best;
  }, grown);
}

/** Branches that are too short for their two ends to be told apart, in resolutions. */
const SHORT_BRANCHES = [0.25, 0.5, 0.9, 1.4];

/** A short branch where the first echo was seen: of its two ends together it has a place in their middle. */
const branches = ({ delayS, withinS }: FirstEcho): Candidate[] =>
  SHORT_BRANCHES.map((share) => ({
    before: [],
    place: 0,
    change: {
      kind: 'tap',
      delayS: delayS - (share * withinS) / 2,
      size: 0,
      stubS: share * withinS,
    },
  }));
