import type { CordBatch, CordBatchList, CordFact } from '@near-spoke/contract/cords';
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
import type { Entry } from '../outbox/deed';
import { outboxFeature } from '../outbox/outbox';

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
    'Load facts': props<{ batchId: string }>(),
    'Facts loaded': props<{ batchId: string; facts: CordFact[] }>(),
    'Facts failed': props<{ batchId: string; refusal: Refusal }>(),
    'Fact stored': props<{ fact: CordFact }>(),
  },
});

export interface CordsState {
  readonly batches: readonly KnownBatch[];
  readonly loading: Loading;
  readonly facts: Readonly<Record<string, readonly CordFact[]>>;
  readonly factsFailed: Readonly<Record<string, boolean>>;
}

const inTime = (facts: readonly CordFact[]): CordFact[] =>
  [...new Map(facts.map((fact) => [fact.id, fact])).values()].sort(
    (a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id),
  );

const added = (batches: readonly KnownBatch[], batch: KnownBatch): KnownBatch[] =>
  batches.some(({ id }) => id === batch.id) ? [...batches] : [...batches, batch];

const initial: CordsState = { batches: [], loading: 'not-yet', facts: {}, factsFailed: {} };

/** A site's batches of cords, and what was seen of the cords of those that were opened. */
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
    on(cordsActions.factsLoaded, (state, { batchId, facts }): CordsState => ({
      ...state,
      facts: { ...state.facts, [batchId]: inTime(facts) },
      factsFailed: { ...state.factsFailed, [batchId]: false },
    })),
    on(cordsActions.factsFailed, (state, { batchId }): CordsState => ({
      ...state,
      factsFailed: { ...state.factsFailed, [batchId]: true },
    })),
    on(cordsActions.factStored, (state, { fact }): CordsState => ({
      ...state,
      facts: {
        ...state.facts,
        [fact.batchId]: inTime([...(state.facts[fact.batchId] ?? []), fact]),
      },
    })),
  ),
  extraSelectors: ({ selectBatches }) => ({
    /** Those that wait to be sent too. */
    selectShown: createSelector(selectBatches, outboxFeature.selectWaiting, (batches, waiting) =>
      waiting.reduce<readonly KnownBatch[]>(
        (all, { deed }) => (deed.kind === 'cord-batch' ? added(all, deed.batch) : all),
        batches,
      ),
    ),
  }),
});

/** What was seen of a batch's cords, oldest first, what waits to be sent too. */
export function factsOfBatch(
  state: CordsState,
  waiting: readonly Entry[],
  batchId: string,
): CordFact[] {
  const unsent = waiting.flatMap(({ deed }) =>
    deed.kind === 'cord-fact' && deed.batchId === batchId ? [deed.fact] : [],
  );
  return inTime([...(state.facts[batchId] ?? []), ...unsent]);
}
