import { compareContacts, type Contact } from '../../catalogue';
import { conductorGraph, joinedGroups, sameReading } from '../../link';
import type { Bench } from '../circuit/bench';
import type { Electrics } from '../circuit/link-circuit';
import type { Made } from '../circuit/made';
import { splitPairsOf } from '../circuit/under-test';
import { observe } from '../observe';
import { asTold, keyOf, ohmsOf, type Shown } from '../shown';
import type { Trial } from '../testers';

/** A trial, and what it showed. */
export interface Seen {
  readonly trial: Trial;
  readonly shown: Shown;
}

/** How far a measured resistance may be from the expected one: of the value, and ohm besides. Generic. */
const OHM_SHARE = 0.15;
const OHM_BESIDE = 0.5;

/** What a poor joint, another metal and water can be, least and most. Generic. */
const RANGES: readonly Partial<Electrics>[] = [
  { poorOhm: 1.5, otherMetal: 1.35, leakOhm: 1000 },
  { poorOhm: 2000, otherMetal: 1.75, leakOhm: 9e6 },
];

/** Whether a link that was made like this would have shown it. */
export function agrees({ trial, shown }: Seen, made: Made, bench: Bench): boolean {
  const measured = ohmsOf(shown);
  if (measured) {
    const [least, most] = RANGES.map((range) =>
      ohmsOf(observe(trial, made, { ...bench, electrics: { ...bench.electrics, ...range } })),
    );
    return measured.every((ohm, index) => within(ohm, least?.[index], most?.[index]));
  }
  const there = observe(trial, made, bench);
  if (shown.method === 'nets' && there.method === 'nets')
    return sameReading(there.nets, shown.nets) && pairingOf(shown, made, bench);
  return keyOf(asTold(there, shown)) === keyOf(shown);
}

/**
 * Whether the pairs that a tester calls split are so; their nets agree already. Testers name split
 * pairs for certain only where order and continuity are good.
 */
export function pairingOf(shown: Shown, made: Made, bench: Bench): boolean {
  if (shown.method !== 'nets' || shown.splitPairs === null) return true;
  const names = (pairs: readonly (readonly [Contact, Contact])[]) =>
    pairs.map((pair) => [...pair].sort(compareContacts).join('-')).sort();
  const has = names(splitPairsOf(made, shown.nets, bench.wiring));
  const told = names(shown.splitPairs);
  return sameReading(shown.nets, goodNets(bench))
    ? has.join() === told.join()
    : told.every((pair) => has.includes(pair));
}

/**
 * What of a trial can be counted on: which pairs are split is told for certain only where order and
 * continuity are good.
 */
export function countedOn(shown: Shown, bench: Bench): Shown {
  return shown.method === 'nets' &&
    shown.splitPairs !== null &&
    !sameReading(shown.nets, goodNets(bench))
    ? { ...shown, splitPairs: [] }
    : shown;
}

const goodNets = ({ wiring }: Bench) => joinedGroups(conductorGraph(wiring));

function within(
  ohm: number | null,
  least: number | null | undefined,
  most: number | null | undefined,
): boolean {
  // What may be as much as nobody can tell from open has no upper end.
  if (ohm === null) return most === null;
  if (least === null || least === undefined || most === undefined) return false;
  return ohm >= least - slack(least) && (most === null || ohm <= most + slack(most));
}

const slack = (value: number) => value * OHM_SHARE + OHM_BESIDE;

/** Whether a resistance is what was expected, as near as that is known. */
export const withinTolerance = (ohm: number | null, expected: number | null): boolean =>
  within(ohm, expected, expected);

/** Whether a link that shows one thing can be told from a good one that shows the other. */
export function looksGood(plain: Shown, there: Shown): boolean {
  const [before, after] = [ohmsOf(plain), ohmsOf(there)];
  return before && after
    ? before.every((ohm, index) => withinTolerance(after[index] ?? null, ohm))
    : keyOf(plain) === keyOf(there);
}
