import { pairAt, type Wiring } from '../../link';
import type { Bench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import type { Fault, Place } from '../fault';
import { changes } from '../faults';
import type { Seen } from './agree';
import { consistency } from './consistency';
import type { Done } from '../done';
import { isDone, lookFoundNothing, madeAnew, mendedBy, type Happened } from './done';
import { explain, type Candidate, type Explained, type ExplainOptions } from './explain';
import { hypothesesOf } from './hypotheses';
import { likelihoodOfLooks } from './look';

/** What was seen of a link between two things that were done to it. */
export interface Stretch {
  /** What was done just before. */
  readonly done: readonly Done[];
  readonly seen: readonly Seen[];
}

/** A history in stretches; what was done before the first reading stands in the first. */
export function stretchesOf(history: readonly Happened[]): readonly [Stretch, ...Stretch[]] {
  const all: [{ done: Done[]; seen: Seen[] }, ...{ done: Done[]; seen: Seen[] }[]] = [
    { done: [], seen: [] },
  ];
  for (const row of history) {
    const last = all.at(-1) ?? all[0];
    if (!isDone(row)) last.seen.push(row);
    else if (last.seen.length === 0) last.done.push(row.done);
    else all.push({ done: [row.done], seen: [] });
  }
  return all;
}

/** Accounts that are followed from one stretch to the next. */
const FOLLOWED = 400;
/** Of these, the likeliest are also thought of with one new fault where something was made anew. */
const FOLLOWED_ANEW = 40;

/**
 * Every account of the link as it is now, by what was seen before and after each thing that was done to
 * it: what is where hands were is mostly gone, what is elsewhere stays, and a new end can be faulty too.
 *
 * Where no account fits what was seen before and after, what was seen last is explained alone.
 */
export function follow(
  history: readonly Happened[],
  bench: Bench,
  options: ExplainOptions,
): Explained {
  const [first, ...rest] = stretchesOf(history);
  const before = explain(first.seen, bench, {
    ...options,
    upTo: first.seen.length === 0 ? Math.min(1, options.upTo) : options.upTo,
  });
  // What was mended before anything was seen tells nothing of what was seen; a look does.
  const looked = first.done.filter(({ action }) => action === 'looked');
  if (rest.length === 0 && looked.length === 0) return before;
  let cutShort = before.cutShort;
  let candidates = weighed(
    before.candidates.map(({ faults, probability }) => ({
      faults,
      probability: looked.reduce(
        (share, done) => share * lookFoundNothing(done, faults),
        probability,
      ),
    })),
  );
  for (const stretch of rest) {
    const followed = afterDone(candidates, stretch.done, bench.wiring);
    const fitting = fittingOf(followed, stretch, bench, options);
    if (fitting.length > 0) {
      candidates = fitting;
      continue;
    }
    const alone = explain(stretch.seen, bench, options);
    cutShort ||= alone.cutShort;
    candidates = weighed(
      alone.candidates.map((row) => ({
        ...row,
        probability:
          row.probability *
          row.faults.reduce(
            (share, fault) =>
              stretch.done.reduce((left, done) => left * (1 - mendedBy(done, fault)), share),
            1,
          ),
      })),
    );
  }
  const explanations = explanationsOf(candidates);
  return {
    explanations: explanations.slice(0, options.most),
    candidates,
    count: explanations.length,
    upTo: before.upTo,
    cutShort,
  };
}

/** Accounts as they are after something was done: each with what it mended, and without. */
function afterDone(
  candidates: readonly Candidate[],
  done: readonly Done[],
  wiring: Wiring,
): readonly Candidate[] {
  return done.reduce<readonly Candidate[]>(
    (rows, one) =>
      merged(
        rows.flatMap(({ faults, probability }) =>
          mending(faults, one, wiring).map((row) => ({
            faults: row.faults,
            probability: probability * row.probability * lookFoundNothing(one, faults),
          })),
        ),
      ).slice(0, FOLLOWED),
    candidates,
  );
}

/** What an action can make of a set of faults: of each, whether it went. */
function mending(faults: readonly Fault[], done: Done, wiring: Wiring): readonly Candidate[] {
  let sets: Candidate[] = [{ faults: [], probability: 1 }];
  for (const fault of faults) {
    const away = mendedBy(done, fault);
    const half = splitLeft(fault, done, wiring);
    const ways: readonly (readonly [Fault | null, number])[] = half
      ? [
          [half, 0.9],
          [fault, 0.1],
        ]
      : away > 0
        ? [
            [null, away],
            [fault, 1 - away],
          ]
        : [[fault, 1]];
    sets = sets.flatMap(({ faults: set, probability }) =>
      ways.map(([left, share]) => ({
        faults: left ? [...set, left] : set,
        probability: probability * share,
      })),
    );
  }
  return sets;
}

/** A split pair is the same slip at both ends: one that is made right leaves a miswire at the other. */
function splitLeft(fault: Fault, { action, end }: Done, wiring: Wiring): Fault | null {
  if (
    !changes(fault, 'is-exchanged') ||
    end === 'cable' ||
    (action !== 'remade' && action !== 'replaced')
  )
    return null;
  const other: Place = end === 'near' ? 'far' : 'near';
  const made = madeWith(wiring, [fault]);
  const moved = wiring[other === 'far' ? 'far' : 'near'].contacts.filter(
    ({ contact, core }) =>
      core !== null && made.cores[other === 'far' ? 'far' : 'near'].get(contact) !== core,
  );
  const contactOf = (side: 'near' | 'far', core: string | null) =>
    wiring[side].contacts.find((row) => row.core === core)?.contact;
  const [a, b] = moved.map(({ core }) => core);
  const near = [a, b].flatMap((core) => contactOf('near', core ?? null) ?? []);
  const far = [b, a].flatMap((core) => contactOf('far', core ?? null) ?? []);
  if (near.length !== 2 || far.length !== 2) return null;
  const pairs = [...new Set(near.flatMap((name) => pairAt(wiring.near, name)?.number ?? []))];
  return { kind: 'miswire', near, far, pairs: pairs.sort((x, y) => x - y), end: other };
}

/** Accounts that agree with what was seen next, also with a new fault of what was made anew. */
function fittingOf(
  candidates: readonly Candidate[],
  { done, seen }: Stretch,
  bench: Bench,
  { prior, isOver }: ExplainOptions,
): readonly Candidate[] {
  const { of } = consistency(seen, bench);
  const looks = likelihoodOfLooks(seen);
  const likelihood = (faults: readonly Fault[]) => (of(faults) ? looks(faults) : 0);
  const anew = new Set(done.flatMap(madeAnew));
  const fresh = hypothesesOf(bench.wiring, prior).flatMap(({ rate, places }) =>
    places.flatMap(({ at, share, fault }) =>
      at !== 'either' && anew.has(at) ? [{ fault, rate: rate * share }] : [],
    ),
  );
  const rows = candidates.map(({ faults, probability }) => ({
    faults,
    probability: probability * likelihood(faults),
  }));
  if (seen.length > 0)
    for (const { faults, probability } of candidates.slice(0, FOLLOWED_ANEW)) {
      if (isOver?.()) break;
      for (const { fault, rate } of fresh)
        if (!faults.includes(fault))
          rows.push({
            faults: [...faults, fault],
            probability: probability * rate * likelihood([...faults, fault]),
          });
    }
  return weighed(merged(rows.filter(({ probability }) => probability > 0)).slice(0, FOLLOWED));
}

function weighed(rows: readonly Candidate[]): readonly Candidate[] {
  const whole = rows.reduce((sum, { probability }) => sum + probability, 0);
  return rows.map(({ faults, probability }) => ({ faults, probability: probability / whole }));
}

const nameOf = ({ kind, near, far, end }: Fault): string =>
  `${kind} ${near.join('+')}>${far.join('+')} ${end}`;
/** The same, wherever it is, and whichever conductors of two pairs are exchanged. */
const anywhere = (fault: Fault): string =>
  nameOf({
    ...fault,
    end: 'either',
    ...(changes(fault, 'is-exchanged') ? { near: [...fault.near].sort(), far: [] } : {}),
  });

/** Accounts that are the same, as one; the likeliest first. */
function merged(rows: readonly Candidate[]): Candidate[] {
  const found = new Map<string, Candidate>();
  for (const { faults, probability } of rows) {
    const key = faults.map(nameOf).sort().join('&');
    const same = found.get(key);
    found.set(key, {
      faults: same?.faults ?? faults,
      probability: probability + (same?.probability ?? 0),
    });
  }
  return [...found.values()].sort((a, b) => b.probability - a.probability);
}

/** Accounts that differ only in where their faults are, as one. */
function explanationsOf(candidates: readonly Candidate[]): Explained['explanations'] {
  const groups = new Map<
    string,
    { readonly faults: readonly Fault[]; readonly probability: number }[]
  >();
  for (const { faults, probability } of candidates) {
    const sorted = [...faults].sort((a, b) => (anywhere(a) < anywhere(b) ? -1 : 1));
    const key = sorted.map(anywhere).join('&');
    const rows = groups.get(key) ?? [];
    groups.set(key, rows);
    rows.push({ faults: sorted, probability });
  }
  return [...groups.values()]
    .map((rows) => {
      const probability = rows.reduce((sum, row) => sum + row.probability, 0);
      const places = (rows[0]?.faults ?? []).map((_, index) =>
        (['near', 'cable', 'far'] as const).flatMap((at) => {
          const share = rows.reduce(
            (sum, row) => sum + (row.faults[index]?.end === at ? row.probability : 0),
            0,
          );
          return share > 0 ? [{ at, share: share / probability }] : [];
        }),
      );
      return {
        faults: (rows[0]?.faults ?? []).map((fault, index): Fault => {
          const [only, another] = places[index] ?? [];
          return { ...fault, end: only && !another ? only.at : 'either' };
        }),
        probability,
        places,
      };
    })
    .sort((a, b) => b.probability - a.probability);
}
