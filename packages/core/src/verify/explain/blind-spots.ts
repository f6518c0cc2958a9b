import { wireContacts, type Wiring } from '../../link';
import type { Bench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { FAULT_KINDS, type Fault, type FaultKind } from '../fault';
import { observe } from '../observe';
import { procedureOf, testersFor, type Tester, type TesterId, type Trial } from '../testers';
import { looksGood, type Seen } from './agree';
import { consistency } from './consistency';
import { goesByJoints } from './goes-by-joints';
import { hypothesesOf } from './hypotheses';
import { NO_EXPERIENCE, priorOf } from './prior';

/** Of one kind of fault on one link: how many of its instances a tester class lets pass. */
export interface BlindSpot {
  readonly tester: TesterId;
  readonly kind: FaultKind;
  /** Single faults of this kind that were tried: all that the link can have, by contacts and place, or a share. */
  readonly of: number;
  readonly missed: number;
}

export interface BlindSpots {
  readonly spots: readonly BlindSpot[];
  /** Whether the link has so many contacts that of each kind only a share was tried. */
  readonly sampled: boolean;
  /** The testers that together miss least and take the least time, with what they still miss. */
  readonly cheapest: {
    readonly testers: readonly TesterId[];
    readonly minutes: number;
    readonly missed: readonly FaultKind[];
  };
}

/** Of every kind of fault that a link can have: how many of its instances pass a set of trials. */
export function missedOf(trials: readonly Trial[], bench: Bench): Omit<BlindSpot, 'tester'>[] {
  const { wiring } = bench;
  const good = madeWith(wiring, []);
  const plain = trials.map((trial): Seen => ({ trial, shown: observe(trial, good, bench) }));
  // What goes by joints alone is worked out once for each way in which contacts can be joined.
  const joints = plain.filter((seen) => goesByJoints(seen.trial));
  const others = plain.filter((seen) => !joints.includes(seen));
  const jointsLookGood = consistency(joints, bench).of;
  const faults = faultsTried(wiring);
  return FAULT_KINDS.flatMap((kind) => {
    const all = faults.get(kind) ?? [];
    const missed = all.filter((fault) => {
      if (!jointsLookGood([fault])) return false;
      const made = madeWith(wiring, [fault]);
      return others.every(({ trial, shown }) => looksGood(shown, observe(trial, made, bench)));
    });
    return all.length > 0 ? [{ kind, of: all.length, missed: missed.length }] : [];
  });
}

/** Kinds of which at least one instance would pass all of these trials. */
export const kindsUnseen = (trials: readonly Trial[], bench: Bench): readonly FaultKind[] =>
  missedOf(trials, bench)
    .filter(({ missed }) => missed > 0)
    .map(({ kind }) => kind);

/** Conductors up to which every single fault is tried. */
const ALL_TRIED = 9;
/** Of links with more, some of each kind: fewer, the more each of them costs to try. */
const triedOf = (wiring: Wiring): number =>
  Math.max(8, Math.round(300 / wireContacts(wiring.near).length));

const isSampled = (wiring: Wiring): boolean => wireContacts(wiring.near).length > ALL_TRIED;

/** The single faults of a link by kind; of one with many contacts a share of each kind, evenly taken. */
function faultsTried(wiring: Wiring): ReadonlyMap<FaultKind, readonly Fault[]> {
  const byKind = new Map<FaultKind, Fault[]>();
  for (const { kind, places } of hypothesesOf(wiring, priorOf(NO_EXPERIENCE)))
    byKind.set(kind, [
      ...(byKind.get(kind) ?? []),
      // What is nowhere in particular is one fault, in whichever way it came about.
      ...places.filter(({ at }, index) => at !== 'either' || index === 0).map(({ fault }) => fault),
    ]);
  if (!isSampled(wiring)) return byKind;
  const tried = triedOf(wiring);
  return new Map(
    [...byKind].map(([kind, all]) => {
      const step = Math.max(1, all.length / tried);
      const count = Math.min(all.length, tried);
      return [
        kind,
        Array.from({ length: count }, (_, index) => all[Math.floor(index * step)] as Fault),
      ];
    }),
  );
}

/** For every tester class and kind of fault, what would pass on this very link. Computed, one by one. */
export function blindSpots(bench: Bench): BlindSpots {
  const classes = testersFor(bench.wiring);
  const spots = classes.flatMap((row) =>
    missedOf(procedureOf(row, bench.wiring), bench).map((spot) => ({ tester: row.id, ...spot })),
  );
  const kinds = FAULT_KINDS.filter((kind) => spots.some((spot) => spot.kind === kind));
  return {
    spots,
    sampled: isSampled(bench.wiring),
    cheapest: cheapestOf(classes, kinds, spots),
  };
}

function cheapestOf(
  classes: readonly Tester[],
  kinds: readonly FaultKind[],
  spots: readonly BlindSpot[],
): BlindSpots['cheapest'] {
  const sees = (row: Tester, kind: FaultKind) =>
    spots.some((spot) => spot.tester === row.id && spot.kind === kind && spot.missed === 0);
  let best: BlindSpots['cheapest'] | null = null;
  for (let set = 1; set < 1 << classes.length; set += 1) {
    const testers = classes.filter((_, index) => set & (1 << index));
    const missed = kinds.filter((kind) => !testers.some((row) => sees(row, kind)));
    const minutes = testers.reduce((sum, row) => sum + row.minutes, 0);
    if (
      !best ||
      missed.length < best.missed.length ||
      (missed.length === best.missed.length && minutes < best.minutes - 1e-9)
    )
      best = { testers: testers.map(({ id }) => id), minutes, missed };
  }
  return best ?? { testers: [], minutes: 0, missed: kinds };
}
