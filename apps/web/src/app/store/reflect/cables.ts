import type { CableFact } from '@near-spoke/contract/reflect';
import { createActionGroup, createFeature, createReducer, on, props } from '@ngrx/store';
import type { Refusal } from '../api/api';
import type { Loading } from '../loading';
import type { Entry } from '../outbox/deed';

export const cablesActions = createActionGroup({
  source: 'Cables',
  events: {
    Load: props<{ siteId: string }>(),
    Loaded: props<{ siteId: string; facts: CableFact[] }>(),
    'Load failed': props<{ siteId: string; refusal: Refusal }>(),
    Stored: props<{ fact: CableFact }>(),
  },
});

export interface CablesState {
  /** By site. */
  readonly facts: Readonly<Record<string, readonly CableFact[]>>;
  readonly loading: Readonly<Record<string, Loading>>;
}

const inTime = (facts: readonly CableFact[]): CableFact[] =>
  [...new Map(facts.map((fact) => [fact.id, fact])).values()].sort(
    (a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id),
  );

const initial: CablesState = { facts: {}, loading: {} };

/** What was measured of the cables and reels of the sites that were opened. */
export const cablesFeature = createFeature({
  name: 'cables',
  reducer: createReducer(
    initial,
    on(cablesActions.load, (state, { siteId }): CablesState => ({
      ...state,
      loading: {
        ...state.loading,
        [siteId]: state.loading[siteId] === 'done' ? 'done' : 'now',
      },
    })),
    on(cablesActions.loaded, (state, { siteId, facts }): CablesState => ({
      facts: { ...state.facts, [siteId]: inTime(facts) },
      loading: { ...state.loading, [siteId]: 'done' },
    })),
    on(cablesActions.loadFailed, (state, { siteId }): CablesState => ({
      ...state,
      loading: {
        ...state.loading,
        [siteId]: state.loading[siteId] === 'done' ? 'done' : 'failed',
      },
    })),
    on(cablesActions.stored, (state, { fact }): CablesState => ({
      ...state,
      facts: {
        ...state.facts,
        [fact.siteId]: inTime([...(state.facts[fact.siteId] ?? []), fact]),
      },
    })),
  ),
});

/** What was measured at a site, oldest first, what waits to be sent too. */
export function cableFactsOf(
  { facts }: CablesState,
  waiting: readonly Entry[],
  siteId: string,
): CableFact[] {
  const unsent = waiting.flatMap(({ deed }) =>
    deed.kind === 'cable-fact' && deed.fact.siteId === siteId ? [deed.fact] : [],
  );
  return inTime([...(facts[siteId] ?? []), ...unsent]);
}
