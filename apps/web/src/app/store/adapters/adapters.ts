import type { Adapter, AdapterFact } from '@near-spoke/contract/map';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Refusal } from '../api/api';
import type { Loading } from '../loading';
import type { Entry } from '../outbox/deed';
import { outboxFeature } from '../outbox/outbox';

export const adaptersActions = createActionGroup({
  source: 'Adapters',
  events: {
    Load: emptyProps(),
    Loaded: props<{ adapters: Adapter[] }>(),
    'Load failed': props<{ refusal: Refusal }>(),
    Stored: props<{ adapter: Adapter }>(),
    'Put away': props<{ id: string }>(),
    'Load facts': props<{ adapterId: string }>(),
    'Facts loaded': props<{ adapterId: string; facts: AdapterFact[] }>(),
    'Facts failed': props<{ adapterId: string; refusal: Refusal }>(),
    'Fact stored': props<{ fact: AdapterFact }>(),
  },
});

export interface AdaptersState extends EntityState<Adapter> {
  readonly loading: Loading;
  readonly facts: Readonly<Record<string, readonly AdapterFact[]>>;
  readonly factsFailed: Readonly<Record<string, boolean>>;
}

const store = createEntityAdapter<Adapter>();
const initial: AdaptersState = store.getInitialState({
  loading: 'not-yet',
  facts: {},
  factsFailed: {},
});

const inTime = (facts: readonly AdapterFact[]): AdapterFact[] =>
  [...new Map(facts.map((fact) => [fact.id, fact])).values()].sort(
    (a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id),
  );

/** What waits to be sent is shown as done already. */
function withWaiting(kept: readonly Adapter[], waiting: readonly Entry[]): Adapter[] {
  const all = new Map(kept.map((adapter) => [adapter.id, adapter]));
  for (const { deed } of waiting) {
    if (deed.kind === 'adapter-new') all.set(deed.adapter.id, deed.adapter);
    const current = 'adapterId' in deed ? all.get(deed.adapterId) : undefined;
    if (!current) continue;
    if (deed.kind === 'adapter-change') {
      const { version: _, ...changes } = deed.patch;
      const version = current.version + 1;
      all.set(current.id, { ...current, ...(changes as Partial<Adapter>), version });
    }
    if (deed.kind === 'adapter-away')
      all.set(current.id, { ...current, away: true, version: current.version + 1 });
    if (deed.kind === 'adapter-back')
      all.set(current.id, { ...current, away: false, version: current.version + 1 });
  }
  return [...all.values()];
}

/** The firm's adapters, and what was measured on those that were opened. */
export const adaptersFeature = createFeature({
  name: 'adapters',
  reducer: createReducer(
    initial,
    on(adaptersActions.load, (state): AdaptersState => ({
      ...state,
      loading: state.loading === 'done' ? 'done' : 'now',
    })),
    on(adaptersActions.loaded, (state, { adapters }) =>
      store.setAll(adapters, { ...state, loading: 'done' as const }),
    ),
    on(adaptersActions.loadFailed, (state): AdaptersState => ({
      ...state,
      loading: state.loading === 'done' ? 'done' : 'failed',
    })),
    on(adaptersActions.stored, (state, { adapter }) => store.upsertOne(adapter, state)),
    on(adaptersActions.putAway, (state, { id }) => {
      const kept = state.entities[id];
      return kept
        ? store.upsertOne({ ...kept, away: true, version: kept.version + 1 }, state)
        : state;
    }),
    on(adaptersActions.factsLoaded, (state, { adapterId, facts }) => ({
      ...state,
      facts: { ...state.facts, [adapterId]: inTime(facts) },
      factsFailed: { ...state.factsFailed, [adapterId]: false },
    })),
    on(adaptersActions.factsFailed, (state, { adapterId }) => ({
      ...state,
      factsFailed: { ...state.factsFailed, [adapterId]: true },
    })),
    on(adaptersActions.factStored, (state, { fact }) => {
      const { adapterId } = fact;
      const facts = inTime([...(state.facts[adapterId] ?? []), fact]);
      return { ...state, facts: { ...state.facts, [adapterId]: facts } };
    }),
  ),
  extraSelectors: ({ selectAdaptersState }) => {
    const { selectAll } = store.getSelectors(selectAdaptersState);
    return {
      selectShown: createSelector(selectAll, outboxFeature.selectWaiting, withWaiting),
    };
  },
});

/** Facts of one adapter, those that wait to be sent too. */
export function factsOfAdapter(
  state: AdaptersState,
  waiting: readonly Entry[],
  adapterId: string,
): AdapterFact[] {
  const unsent = waiting.flatMap(({ deed }) =>
    deed.kind === 'adapter-fact' && deed.adapterId === adapterId ? [deed.fact] : [],
  );
  return inTime([...(state.facts[adapterId] ?? []), ...unsent]);
}
