import { compareContacts, type Contact } from '../../catalogue';
import { canonicalReading, conductorGraph, joinedGroups, sameReading } from '../../link';
import type { Electrics } from '../circuit/link-circuit';
import { splitPairsOf, type LampStep } from '../circuit/observe';
import { observe, type Bench, type Shown, type Trial } from '../circuit/trial';
import type { Made } from '../circuit/made';

/** A trial, and what it showed. */
export interface Seen {
  readonly trial: Trial;
  readonly shown: Shown;
}

/** How far a measured resistance may be from the expected one: of the value, and ohm besides. Generic. */
const OHM_SHARE = 0.15;
const OHM_BESIDE = 0.5;

/** What a poor joint and another metal can be, least and most. Generic. */
const RANGES: readonly Partial<Electrics>[] = [
  { poorOhm: 1.5, otherMetal: 1.35 },
  { poorOhm: 2000, otherMetal: 1.75 },
];

/** Whether a link that was made like this would have shown it. */
export function agrees({ trial, shown }: Seen, made: Made, bench: Bench): boolean {
  if (shown.method === 'ohms' || shown.method === 'trio') {
    const [least, most] = RANGES.map((range) => {
      const there = observe(trial, made, { ...bench, electrics: { ...bench.electrics, ...range } });
      return ohmsOf(there);
    });
    return ohmsOf(shown).every((ohm, index) => within(ohm, least?.[index], most?.[index]));
  }
  const there = observe(trial, made, bench);
  if (shown.method === 'nets' && there.method === 'nets')
    return sameReading(there.nets, shown.nets) && pairingOf(shown, made, bench);
  return spell(asTold(there, shown)) === spell(shown);
}

/** Of what would be shown, the part that was told: a reading need not name every step or pair. */
export function asTold(there: Shown, told: Shown): Shown {
  if (there.method === 'lamps' && told.method === 'lamps') {
    const steps = new Set(told.steps.map(({ step }) => step));
    return { ...there, steps: there.steps.filter(({ step }) => steps.has(step)) };
  }
  if (there.method === 'lengths' && told.method === 'lengths') {
    const pairs = new Set(told.pairs.map(({ pair }) => pair));
    return { ...there, pairs: there.pairs.filter(({ pair }) => pairs.has(pair)) };
  }
  if (there.method === 'colours' && told.method === 'colours')
    return {
      ...there,
      cores: new Map([...there.cores].filter(([contact]) => told.cores.has(contact))),
      // Whether something is to be seen is a matter of chance: it is weighed, not compared.
      ...(told.flaws ? { flaws: told.flaws } : {}),
    };
  return there;
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

/** The resistances that a trial showed. */
export const ohmsOf = (shown: Shown): readonly (number | null)[] =>
  shown.method === 'ohms' ? [shown.ohm] : shown.method === 'trio' ? shown.ohms : [];

function within(
  ohm: number | null,
  least: number | null | undefined,
  most: number | null | undefined,
): boolean {
  if (ohm === null) return least === null && most === null;
  if (least === null || most === null || least === undefined || most === undefined) return false;
  return ohm >= least - slack(least) && ohm <= most + slack(most);
}

const slack = (value: number) => value * OHM_SHARE + OHM_BESIDE;

/** Whether a resistance is what was expected, as near as that is known. */
export const withinTolerance = (ohm: number | null, expected: number | null): boolean =>
  within(ohm, expected, expected);

/** One way of writing what the lamps of a step showed. */
export const spellStep = ({ step, lit, dim }: LampStep): string =>
  `${step}:${[...lit].sort().join('+')};${[...dim].sort().join('+')}`;

/** One way of writing what was shown, so that equal things are equal text. */
export function spell(shown: Shown): string {
  switch (shown.method) {
    case 'colours':
      return [...shown.cores]
        .map(([contact, core]) => `${contact}=${core}`)
        .sort()
        .concat(shown.flaws ? [`flaws ${[...shown.flaws].sort().join('+')}`] : [])
        .join();
    case 'nets':
      return `${JSON.stringify(canonicalReading(shown.nets))}${(shown.splitPairs ?? [])
        .map((pair) => pair.join('-'))
        .sort()
        .join()}`;
    case 'lengths':
      return shown.pairs
        .map(({ pair, place, shows }) => `${pair}${place}${shows}`)
        .sort()
        .join();
    case 'lamps':
      return shown.steps.map(spellStep).sort().join('|');
    case 'tone':
      return [...shown.heard].sort().join();
    case 'ohms':
    case 'trio':
      return ohmsOf(shown)
        .map((ohm) => (ohm === null ? 'open' : ohm.toPrecision(2)))
        .join();
    case 'beep':
      return shown.beeps ? 'beeps' : 'silent';
  }
}

/** Whether a link that shows one thing can be told from a good one that shows the other. */
export function looksGood(plain: Shown, there: Shown): boolean {
  if (plain.method !== 'ohms' && plain.method !== 'trio') return spell(plain) === spell(there);
  const [before, after] = [ohmsOf(plain), ohmsOf(there)];
  return before.every((ohm, index) => withinTolerance(after[index] ?? null, ohm));
}
