import { evidenceBy, type LinkEvidence } from '@near-spoke/contract';
import type { FactKindId, FactOf } from '@near-spoke/contract/facts';
import type { Tested } from '@near-spoke/core/record';
import { createActionGroup, createFeature, createReducer, on, props } from '@ngrx/store';
import type { Refusal } from '../api/api';
import type { Loading } from '../loading';
import { isOf, timeOf, type About, type Kept } from './kept';

export const factsActions = createActionGroup({
  source: 'Facts',
  events: {
    Load: props<{ about: About }>(),
    'Load links': props<{ linkIds: readonly string[] }>(),
    /** All facts about something, what waits here to be sent too. */
    Loaded: props<{ about: About; facts: readonly Kept[] }>(),
    'Load failed': props<{ about: About; refusal: Refusal }>(),
    /** There is no such thing. */
    Missing: props<{ about: About }>(),
    Added: props<{ kept: Kept }>(),
    'Taken back': props<{ kept: Kept }>(),
  },
});

/** What is known of the facts about one thing. */
interface Known {
  readonly about: About;
  readonly loading: Loading;
  /** In the order of their times. */
  readonly facts: readonly Kept[];
}

/** By what they are about. */
export type FactsState = Readonly<Record<string, Known>>;

const inTime = (facts: readonly Kept[]): readonly Kept[] =>
  [...new Map(facts.map((kept) => [kept.fact.id, kept])).values()].sort(
    (a, b) => timeOf(a).localeCompare(timeOf(b)) || a.fact.id.localeCompare(b.fact.id),
  );

const NOTHING: readonly Kept[] = [];

function change(state: FactsState, about: About, changes: Partial<Known>): FactsState {
  const before = state[about.id] ?? { about, loading: 'not-yet', facts: NOTHING };
  return { ...state, [about.id]: { ...before, ...changes } };
}

/** What was loaded once stays while it is asked for again. */
const mark = (state: FactsState, about: About, loading: Loading): FactsState =>
  state[about.id]?.loading === 'done' ? state : change(state, about, { loading });

const initial: FactsState = {};

/** What was done, seen and measured, with a time and an author: never changed, but taken back. */
export const factsFeature = createFeature({
  name: 'facts',
  reducer: createReducer(
    initial,
    on(factsActions.load, (state, { about }) => mark(state, about, 'now')),
    on(factsActions.loadLinks, (state, { linkIds }) =>
      linkIds.reduce((all, id) => mark(all, { of: 'link', id }, 'now'), state),
    ),
    on(factsActions.loaded, (state, { about, facts }) =>
      change(state, about, { facts: inTime(facts), loading: 'done' }),
    ),
    on(factsActions.loadFailed, (state, { about }) => mark(state, about, 'failed')),
    on(factsActions.missing, (state, { about }) => change(state, about, { loading: 'missing' })),
    on(factsActions.added, (state, { kept }) =>
      change(state, kept.about, {
        facts: inTime([...(state[kept.about.id]?.facts ?? NOTHING), kept]),
      }),
    ),
    on(factsActions.takenBack, (state, { kept: { about, fact } }) =>
      change(state, about, {
        facts: (state[about.id]?.facts ?? NOTHING).filter((kept) => kept.fact.id !== fact.id),
      }),
    ),
  ),
});

export const loadingOf = (state: FactsState, id: string): Loading =>
  state[id]?.loading ?? 'not-yet';

/** The facts of a kind about something that were not taken back, oldest first. */
export function factsOf<K extends FactKindId>(state: FactsState, id: string, kind: K): FactOf<K>[] {
  const facts = state[id]?.facts ?? NOTHING;
  const gone = new Set(facts.flatMap((kept) => (isOf(kept, 'void') ? [kept.fact.of] : [])));
  const found: FactOf<K>[] = [];
  for (const kept of facts) if (isOf(kept, kind) && !gone.has(kept.fact.id)) found.push(kept.fact);
  return found;
}

/** The facts about one link, oldest first. */
export const evidenceOf = (state: FactsState, linkId: string): LinkEvidence =>
  evidenceBy((kind) => factsOf(state, linkId, kind), factsOf(state, linkId, 'void'));

/** What of it counts for where the link stands. */
export const testedBy = ({ readings, tests }: LinkEvidence): Tested => ({
  reading: readings.at(-1) ?? null,
  tests,
});
