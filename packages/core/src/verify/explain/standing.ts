import type { Bench } from '../circuit/bench';
import { PLACES, type Place } from '../fault';
import { asTold, keyOf } from '../shown';
import { keyOfTrial, type Trial } from '../testers';
import { looksGood, type Seen } from './agree';
import { madeAnew, type Happened } from './done';
import { stretchesOf } from './follow';
import { observerOf } from './observer';

/** How far the mending of a link has come. */
export interface Standing {
  /** What was seen since anything was done to it. */
  readonly seen: readonly Seen[];
  /** Whether something was mended and nothing was seen since. */
  readonly toProve: boolean;
  /** Whether all that was seen since is as of a good link. */
  readonly good: boolean;
  /** Where something was mended, what was seen since is as it was before, and nobody has looked there. */
  readonly failed: ReadonlySet<Place>;
  /** Where something was mended, and something else is seen since. */
  readonly changed: ReadonlySet<Place>;
  /** How often each place was made anew since the whole link was. */
  readonly remakes: Readonly<Record<Place, number>>;
  /** How often the whole link was made anew. */
  readonly replacements: number;
  /** A trial that was made before and has been made only once since. */
  readonly once: Trial | null;
}

export function standingOf(history: readonly Happened[], bench: Bench): Standing {
  const stretches = stretchesOf(history);
  const last = stretches.at(-1) ?? stretches[0];
  const before = stretches.at(-2);
  const { show } = observerOf(bench);
  const isGood = ({ trial, shown }: Seen) => looksGood(asTold(show(trial, []), shown), shown);
  const anew = last.done.flatMap(madeAnew);
  const good = last.seen.length > 0 && last.seen.every(isGood);
  const alike = ({ trial }: Seen) => keyOfTrial({ ...trial, moved: null });
  // Something else is seen than before: what was done has changed something.
  const changed = last.seen.some((now) =>
    before?.seen.some(
      (then) => alike(then) === alike(now) && keyOf(then.shown) !== keyOf(now.shown),
    ),
  );
  const remakes: Record<Place, number> = { near: 0, cable: 0, far: 0 };
  let replacements = 0;
  for (const done of stretches.flatMap((stretch) => stretch.done)) {
    const places = madeAnew(done);
    const whole = places.length === PLACES.length;
    if (whole) replacements += 1;
    for (const place of PLACES)
      if (whole) remakes[place] = 0;
      else if (places.includes(place)) remakes[place] += 1;
  }
  const counts = new Map<string, number>();
  for (const { trial } of last.seen) {
    const key = keyOfTrial(trial);
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  return {
    seen: last.seen,
    toProve: last.done.some(({ action }) => action !== 'looked') && last.seen.length === 0,
    good,
    failed: new Set(
      !good && !changed && last.seen.length > 0
        ? anew.filter((place) => !last.seen.some((one) => looksAt(one, place)))
        : [],
    ),
    changed: new Set(!good && changed ? anew : []),
    remakes,
    replacements,
    once: last.seen.find(({ trial }) => counts.get(keyOfTrial(trial)) === 1)?.trial ?? null,
  };
}

const looksAt = ({ trial }: Seen, place: Place): boolean =>
  trial.tester === 'look' && trial.end === place;
