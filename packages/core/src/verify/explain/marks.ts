import { pairAt, type Wiring } from '../../link';
import type { Bench } from '../circuit/bench';
import { asTold, type Shown } from '../shown';
import { classOf, type Item, type Trial } from '../testers';
import type { Seen } from './agree';
import type { Hypothesis } from './hypotheses';
import { byChance } from './goes-by-joints';
import { observerOf } from './observer';
import { changes } from '../faults';

const ANY = '*';
/** Bits that a mask holds; more owners share them, which only prunes less. */
const BITS = 30;

const itemsOf = ({ trial, shown }: Seen, { wiring }: Bench): readonly Item[] =>
  classOf(trial).items?.(trial, shown, wiring) ?? [];

/** A hypothesis in bits: what it can change, and what it alone does change. */
export interface Marks {
  readonly touches: number;
  /** Of contacts, wherever it is: no other fault can hide it there unless it touches the same contact. */
  readonly shows: number;
  /** Of all, wherever it is: while no other fault touches anything that this one does. */
  readonly showsApart: number;
  /** At each of its places: both. */
  readonly showsAt: readonly { readonly shows: number; readonly showsApart: number }[];
}

/** Whether a trial shows also where a fault is. */
export const tellsPlaces = (trial: Trial): boolean =>
  trial.moved !== null || classOf(trial).tellsPlaces;

/** Whether the marks allow that a set of faults is behind what was seen. */
export function allows(
  rows: readonly Pick<Marks, 'touches' | 'shows' | 'showsApart'>[],
  differs: number,
): boolean {
  let [any, several, lone] = [0, 0, 0];
  for (const { touches } of rows) {
    several |= any & touches;
    any |= touches;
  }
  for (const { touches, shows, showsApart } of rows)
    lone |= (touches & shows & ~several) | ((touches & several) === 0 ? showsApart : 0);
  return (lone & ~differs) === 0 && (differs & ~any) === 0;
}

export interface Marked {
  readonly of: readonly Marks[];
  /** What differs from a good link in what was seen. */
  readonly differs: number;
}

/**
 * The readings and every hypothesis as bits. A set of faults can't be behind the readings when an item
 * that just one of them touches would differ but did not, or when one differs that none touches. Of
 * what is told by pairs or lamps, a fault that meets no other in the set must show all that it alone
 * shows: through a chain of faults such an item can come right again.
 */
export function marksOf(
  hypotheses: readonly Hypothesis[],
  seen: readonly Seen[],
  bench: Bench,
): Marked {
  const bits = new Map<string, number>();
  const bit = (key: string) => {
    if (!bits.has(key)) bits.set(key, bits.size % BITS);
    return 1 << (bits.get(key) as number);
  };
  const { show } = observerOf(bench);
  const changed = (trial: Trial, index: number, one: Shown, other: Shown): Map<string, Item> => {
    const [before, after] = [one, other].map(
      (shown) => new Map(keyed(itemsOf({ trial, shown }, bench), index)),
    );
    const found = new Map<string, Item>();
    for (const [from, to] of [
      [before, after],
      [after, before],
    ])
      for (const [key, item] of from ?? [])
        if (to?.get(key)?.value !== item.value) found.set(key, item);
    return found;
  };
  const owners = new Map<string, readonly string[]>();
  const mask = (items: Map<string, Item>) => {
    let all = 0;
    for (const [key, { tags }] of items) {
      owners.set(key, tags);
      all |= bit(key);
    }
    return all;
  };
  let differs = 0;
  const shown = hypotheses.map(({ places }) => places.map(() => ({ shows: 0, showsApart: 0 })));
  seen.forEach(({ trial, shown: told }, index) => {
    const plain = asTold(show(trial, []), told);
    differs |= mask(changed(trial, index, plain, told));
    hypotheses.forEach(({ places }, at) => {
      const seenAt = places.map(({ fault }, place) =>
        place > 0 && !tellsPlaces(trial)
          ? null
          : changed(trial, index, plain, asTold(show(trial, [fault]), told)),
      );
      places.forEach((_, place) => {
        const row = shown[at]?.[place];
        const items = seenAt[place] ?? seenAt[0];
        if (!row || !items) return;
        const [all, ofContacts] = [
          mask(items),
          mask(new Map([...items].filter(([, { ofContact }]) => ofContact))),
        ];
        const one = hypotheses[at];
        if (byChance(trial) && one && changes(one, 'opens-when-moved')) return;
        row.showsApart |= all;
        row.shows |= ofContacts;
      });
    });
  });
  return {
    differs,
    of: hypotheses.map((hypothesis, at) => {
      const tags = tagsOf(hypothesis, bench.wiring);
      let touches = 0;
      for (const [key, names] of owners)
        if (hypothesis.near.length === 0 || names.some((name) => name === ANY || tags.has(name)))
          touches |= bit(key);
      const showsAt = shown[at] ?? [];
      return {
        touches,
        showsAt,
        shows: showsAt.reduce((all, { shows }) => all & shows, ~0),
        showsApart: showsAt.reduce((all, { showsApart }) => all & showsApart, ~0),
      };
    }),
  };
}

/** No marks at all: nothing is ruled out by them. */
export const unmarked = (hypotheses: readonly Hypothesis[]): Marked => ({
  differs: 0,
  of: hypotheses.map(({ places }) => ({
    touches: 0,
    shows: 0,
    showsApart: 0,
    showsAt: places.map(() => ({ shows: 0, showsApart: 0 })),
  })),
});

const keyed = (items: readonly Item[], index: number) =>
  items.map((item): [string, Item] => [`${index} ${item.tags.join()}`, item]);

function tagsOf({ near, far, pairs }: Hypothesis, wiring: Wiring): ReadonlySet<string> {
  return new Set([
    ...near.map((contact) => `n:${contact}`),
    ...far.map((contact) => `f:${contact}`),
    ...pairs.map((number) => `p:${number}`),
    ...near.flatMap((contact) => {
      const pair = pairAt(wiring.near, contact);
      return pair ? [`p:${pair.number}`] : [];
    }),
  ]);
}
