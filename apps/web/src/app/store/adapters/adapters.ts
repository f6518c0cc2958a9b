import type { Adapter } from '@near-spoke/contract/map';
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
import { outboxFeature } from '../outbox/outbox';
import { overlay } from '../outbox/overlay';

export const adaptersActions = createActionGroup({
  source: 'Adapters',
  events: {
    Load: emptyProps(),
    Loaded: props<{ adapters: Adapter[] }>(),
    'Load failed': props<{ refusal: Refusal }>(),
    Stored: props<{ adapter: Adapter }>(),
    'Put away': props<{ id: string }>(),
  },
});

export interface AdaptersState extends EntityState<Adapter> {
  readonly loading: Loading;
}

const store = createEntityAdapter<Adapter>();
const initial: AdaptersState = store.getInitialState({ loading: 'not-yet' });

/** The firm's adapters, those that were put away too. */
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
  ),
  extraSelectors: ({ selectAdaptersState }) => {
    const { selectAll } = store.getSelectors(selectAdaptersState);
    return {
      /** Those that wait to be sent too, as they will be. */
      selectShown: createSelector(selectAll, outboxFeature.selectWaiting, (stored, waiting) =>
        overlay(stored, waiting, 'adapter', ({ id, made }) => ({
          ...made,
          id,
          version: 1,
          away: false,
        })),
      ),
    };
  },
});
