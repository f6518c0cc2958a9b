import { rowsOfParts, type Part } from '@near-spoke/contract';
import { catalogueOf } from '@near-spoke/core/catalogue';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  on,
  props,
} from '@ngrx/store';
import { outboxFeature } from '../outbox/outbox';
import { overlay } from '../outbox/overlay';

export const partsActions = createActionGroup({
  source: 'Parts',
  events: {
    Loaded: props<{ parts: Part[] }>(),
    Stored: props<{ part: Part }>(),
  },
});

const adapter = createEntityAdapter<Part>();
const initial: EntityState<Part> = adapter.getInitialState();

/** Cables and connectors of one's own; they come with the links that may name them. */
export const partsFeature = createFeature({
  name: 'parts',
  reducer: createReducer(
    initial,
    on(partsActions.loaded, (state, { parts }) => adapter.setAll(parts, state)),
    on(partsActions.stored, (state, { part }) => adapter.upsertOne(part, state)),
  ),
  extraSelectors: ({ selectPartsState }) => {
    const { selectAll: selectStored } = adapter.getSelectors(selectPartsState);
    /** Those that wait to be sent too, as they will be. */
    const selectAll = createSelector(
      selectStored,
      outboxFeature.selectWaiting,
      (stored, waiting): Part[] =>
        overlay(stored, waiting, 'part', ({ id, made }) => ({
          ...made,
          id,
          version: 1,
          away: false,
        })),
    );
    return {
      selectAll,
      selectCatalogue: createSelector(selectAll, (parts) => catalogueOf(rowsOfParts(parts))),
    };
  },
});
