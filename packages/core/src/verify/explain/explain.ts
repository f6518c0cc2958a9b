import type { Fault, Place } from '../fault';
import type { Bench } from '../circuit/bench';
import type { Seen } from './agree';
import { consistency } from './consistency';
import { hypothesesOf, type Hypothesis } from './hypotheses';
import { likelihoodOfLooks } from './look';
import { allows, marksOf, tellsPlaces, unmarked, type Marks } from './marks';
import type { Prior } from './prior';

/** One full account of what was seen: which faults, each at one place. */
export interface Candidate {
  readonly faults: readonly Fault[];
  readonly probability: number;
}

/** Faults that would show just what was seen, wherever along the link they are. */
export interface Explanation {
  /** Where a fault's place is not told, its end is 'either'. */
  readonly faults: readonly Fault[];
  readonly probability: number;
  /** Of each fault: how likely it is at each place, shares of one. */
  readonly places: readonly (readonly { readonly at: Place; readonly share: number }[])[];
}

export interface Explained {
  /** The likeliest first. */
  readonly explanations: readonly Explanation[];
  /** The same by places, the likeliest first: what a next test may tell apart. */
  readonly candidates: readonly Candidate[];
  /** Sets of faults that explain what was seen, and how many faults they may have. */
  readonly count: number;
  readonly upTo: number;
  /** Whether larger sets were left out because there was no more time for them. */
  readonly cutShort: boolean;
}

export interface ExplainOptions {
  readonly prior: Prior;
  /** Most faults at once. */
  readonly upTo: number;
  /** Explanations that are told. */
  readonly most: number;
  /** Whether there is no more time: what was found until then is told. */
  readonly isOver?: () => boolean;
  /** Whether so much time has gone that what was found by then is enough. */
  readonly isEnough?: () => boolean;
}

/** Links with more single faults than this are searched for two at once only. */
const MANY = 170;
/** And with more than this without marks, which take longer to make than they save. */
const TOO_MANY_TO_MARK = 1500;
const CANDIDATES = 400;
/** Work after which sets of three are given up: some seconds. */
const EFFORT = 1_200_000;

/**
 * Every set of up to three faults that agrees with all that was seen, ranked by how likely it is.
 *
 * Sets are ruled out by marks first (see marksOf); what is left is made and observed. Where too little
 * was seen for that to be quick, or time runs out, smaller sets are searched, and `upTo` says so.
 * Probabilities are shares among the sets found: of faults outside this list nothing is said.
 */
export function explain(seen: readonly Seen[], bench: Bench, options: ExplainOptions): Explained {
  const all = hypothesesOf(bench.wiring, options.prior);
  const most = all.length > MANY ? Math.min(options.upTo, 2) : options.upTo;
  const { of, differs } = all.length > TOO_MANY_TO_MARK ? unmarked(all) : marksOf(all, seen, bench);
  const sensitive = seen.some(({ trial }) => tellsPlaces(trial));
  const consistent = consistency(seen, bench);
  const looks = likelihoodOfLooks(seen);
  const likelihood = (faults: readonly Fault[]) => (consistent.of(faults) ? looks(faults) : 0);
  let found: Found[] = [];
  let upTo = 0;
  let over = false;
  for (let size = 0; size <= most && !over; size += 1) {
    const more: Found[] = [];
    for (const indices of setsOf(all, of, differs, size)) {
      // Single faults are always gone through: without them there is no answer at all. Where fewer explain
      // it, more at once are much less likely: they are worth little time.
      over =
        size > 1 &&
        ((size > 2 && consistent.effort() > EFFORT) ||
          options.isOver?.() === true ||
          (found.length > 0 && options.isEnough?.() === true));
      if (over) break;
      const rows = indices.map((index) => all[index] as Hypothesis);
      const each = sensitive || meet(rows);
      const marks = indices.map((index) => of[index] as Marks);
      const weight = weigh(rows, each ? likelihood : null, marks, differs);
      if (weight > 0 && (each || consistent.of(rows.map(firstOf))))
        more.push({ rows, weight, each });
    }
    // What a search that was cut short found is told only where there is nothing else.
    if (over && found.length > 0) break;
    found = [...found, ...more];
    if (!over) upTo = size;
  }
  found.sort((a, b) => b.weight - a.weight);
  const whole = found.reduce((sum, { weight }) => sum + weight, 0);
  const variants = ({ rows, each }: Found) =>
    variantsOf(rows).flatMap(({ faults, probability }) => {
      const share = each ? likelihood(faults) : 1;
      return share > 0 ? [{ faults, probability: probability * share }] : [];
    });
  return {
    explanations: found.slice(0, options.most).map((row) => tell(row, variants(row), whole)),
    candidates: found
      .slice(0, CANDIDATES)
      .flatMap(variants)
      .sort((a, b) => b.probability - a.probability)
      .slice(0, CANDIDATES)
      .map(({ faults, probability }) => ({ faults, probability: probability / whole })),
    count: found.length,
    upTo,
    cutShort: over,
  };
}

interface Found {
  readonly rows: readonly Hypothesis[];
  /** Expected number on one link. */
  readonly weight: number;
  /** Whether it matters where each fault is. */
  readonly each: boolean;
}

const firstOf = ({ places }: Hypothesis): Fault =>
  (places[0] as Hypothesis['places'][number]).fault;

/** How many links have this set, over all places that agree with what was seen. */
function weigh(
  rows: readonly Hypothesis[],
  likelihood: ((faults: readonly Fault[]) => number) | null,
  marks: readonly Marks[],
  differs: number,
): number {
  const faults: Fault[] = [];
  const here = marks.map(({ touches, shows, showsApart }) => ({ touches, shows, showsApart }));
  const from = (index: number, weight: number, after: number): number => {
    const row = rows[index];
    if (!row)
      return likelihood === null ? weight : allows(here, differs) ? weight * likelihood(faults) : 0;
    const again = rows[index - 1] === row;
    let sum = 0;
    for (let place = again ? after + 1 : 0; place < row.places.length; place += 1) {
      const { fault, share } = row.places[place] as Hypothesis['places'][number];
      faults[index] = fault;
      Object.assign(here[index] ?? {}, marks[index]?.showsAt[place]);
      sum += from(index + 1, weight * row.rate * share, place);
    }
    return sum;
  };
  return from(0, 1, -1);
}

const placesIn = (row: Hypothesis | undefined): number =>
  new Set(row?.places.map(({ at }) => at)).size;

/** Sets of hypotheses that the marks allow, one of them twice where it can be at two places. */
function* setsOf(
  all: readonly Hypothesis[],
  of: readonly Marks[],
  differs: number,
  size: number,
): Generator<number[]> {
  function* grow(chosen: number[], rows: Marks[]): Generator<number[]> {
    if (chosen.length === size) {
      if (allows(rows, differs)) yield [...chosen];
      return;
    }
    const last = chosen.at(-1) ?? 0;
    for (let index = last; index < all.length; index += 1) {
      const again = chosen.filter((other) => other === index).length;
      // The same at two places is two faults; what is nowhere in particular is there once.
      if (again > 0 && again >= placesIn(all[index])) continue;
      chosen.push(index);
      rows.push(of[index] as Marks);
      yield* grow(chosen, rows);
      chosen.pop();
      rows.pop();
    }
  }
  yield* grow([], []);
}

/** Whether two of a set name a contact in common: then it can matter where each is. */
function meet(rows: readonly Hypothesis[]): boolean {
  return rows.some((row, index) =>
    rows
      .slice(index + 1)
      .some(
        (other) =>
          row.near.some((contact) => other.near.includes(contact)) ||
          row.far.some((contact) => other.far.includes(contact)),
      ),
  );
}

/** A set with every choice of places, two of one kind at different ones. */
function variantsOf(rows: readonly Hypothesis[]): Candidate[] {
  const rate = rows.reduce((product, row) => product * row.rate, 1);
  let variants: Candidate[] = [{ faults: [], probability: rate }];
  rows.forEach((row, index) => {
    variants = variants.flatMap(({ faults, probability }) =>
      row.places.flatMap(({ fault, share }, place) => {
        const same = rows[index - 1] === row ? faults[index - 1]?.end : undefined;
        const after = row.places.findIndex((other) => other.at === same);
        return place > after || same === undefined
          ? [{ faults: [...faults, fault], probability: probability * share }]
          : [];
      }),
    );
  });
  return variants;
}

function tell({ rows, weight }: Found, variants: readonly Candidate[], whole: number): Explanation {
  const places = rows.map((row, index) =>
    row.places.flatMap(({ at }) => {
      const here = variants.filter(({ faults }) => faults[index]?.end === at);
      const share = here.reduce((sum, { probability }) => sum + probability, 0) / weight;
      return at === 'either' || share === 0 ? [] : [{ at, share }];
    }),
  );
  return {
    faults: rows.map(({ kind, near, far, pairs }, index) => {
      const [only, another] = places[index] ?? [];
      return { kind, near, far, pairs, end: only && !another ? only.at : 'either' };
    }),
    probability: weight / whole,
    places,
  };
}
