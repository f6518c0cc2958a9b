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
    const { selectAll } = adapter.getSelectors(selectPartsState);
    return {
      selectAll,
      selectCatalogue: createSelector(selectAll, (parts) => catalogueOf(rowsOfParts(parts))),
    };
  },
});
