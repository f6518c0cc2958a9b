import type { CordBatch, CordBatchList } from '@near-spoke/contract/cords';
import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  on,
  props,
} from '@ngrx/store';
import type { Refusal } from '../api/api';
import type { Loading } from '../loading';
import { outboxFeature } from '../outbox/outbox';
import { overlay } from '../outbox/overlay';

/** A batch with what the server counted; null while it was not asked. */
export type KnownBatch = CordBatch &
  Partial<Pick<CordBatchList['batches'][number], 'passed' | 'failed'>>;

export const cordsActions = createActionGroup({
  source: 'Cords',
  events: {
    Load: props<{ siteId: string }>(),
    Loaded: props<{ siteId: string; batches: KnownBatch[] }>(),
    'Load failed': props<{ refusal: Refusal }>(),
    Stored: props<{ batch: KnownBatch }>(),
  },
});

export interface CordsState {
  readonly batches: readonly KnownBatch[];
  readonly loading: Loading;
}

const added = (batches: readonly KnownBatch[], batch: KnownBatch): KnownBatch[] =>
  batches.some(({ id }) => id === batch.id) ? [...batches] : [...batches, batch];

const initial: CordsState = { batches: [], loading: 'not-yet' };

/** A site's batches of cords. */
export const cordsFeature = createFeature({
  name: 'cords',
  reducer: createReducer(
    initial,
    on(cordsActions.load, (state): CordsState => ({
      ...state,
      loading: state.loading === 'done' ? 'done' : 'now',
    })),
    on(cordsActions.loaded, (state, { siteId, batches }): CordsState => ({
      ...state,
      batches: [...state.batches.filter((batch) => batch.siteId !== siteId), ...batches],
      loading: 'done',
    })),
    on(cordsActions.loadFailed, (state): CordsState => ({
      ...state,
      loading: state.loading === 'done' ? 'done' : 'failed',
    })),
    on(cordsActions.stored, (state, { batch }): CordsState => ({
      ...state,
      batches: added(state.batches, batch),
    })),
  ),
  extraSelectors: ({ selectBatches }) => ({
    /** Those that wait to be sent too. */
    selectShown: createSelector(selectBatches, outboxFeature.selectWaiting, (batches, waiting) =>
      overlay<'batch', KnownBatch>(batches, waiting, 'batch', ({ id, siteId, made }) => ({
        ...made,
        id,
        siteId,
        version: 1,
        createdAt: '',
      })),
    ),
  }),
});
