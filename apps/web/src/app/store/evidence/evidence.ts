import type { Reading, Tick } from '@near-spoke/contract';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createActionGroup, createFeature, createReducer, on, props } from '@ngrx/store';
import type { Refusal } from '../api/api';
import type { Loading } from '../loading';

/** What was done and seen on a link: facts with a time and an author, never changed. */
export type Fact =
  | { readonly kind: 'tick'; readonly tick: Tick }
  | { readonly kind: 'reading'; readonly reading: Reading };

export const evidenceActions = createActionGroup({
  source: 'Evidence',
  events: {
    Load: props<{ linkId: string }>(),
    Loaded: props<{ linkId: string; ticks: Tick[]; readings: Reading[] }>(),
    'Load failed': props<{ linkId: string; refusal: Refusal }>(),
    Added: props<{ linkId: string; fact: Fact }>(),
    'Taken back': props<{ linkId: string; id: string }>(),
  },
});

export interface EvidenceState {
  readonly ticks: EntityState<Tick>;
  readonly readings: EntityState<Reading>;
  readonly loading: Readonly<Record<string, Loading>>;
}

const ticks = createEntityAdapter<Tick>();
const readings = createEntityAdapter<Reading>();

const initial: EvidenceState = {
  ticks: ticks.getInitialState(),
  readings: readings.getInitialState(),
  loading: {},
};

const mark = (state: EvidenceState, linkId: string, loading: Loading): EvidenceState => ({
  ...state,
  loading: { ...state.loading, [linkId]: loading },
});

export const evidenceFeature = createFeature({
  name: 'evidence',
  reducer: createReducer(
    initial,
    on(evidenceActions.load, (state, { linkId }) =>
      state.loading[linkId] === 'done' ? state : mark(state, linkId, 'now'),
    ),
    on(evidenceActions.loaded, (state, action) =>
      mark(
        {
          ...state,
          ticks: ticks.upsertMany(action.ticks, state.ticks),
          readings: readings.upsertMany(action.readings, state.readings),
        },
        action.linkId,
        'done',
      ),
    ),
    on(evidenceActions.loadFailed, (state, { linkId }) =>
      state.loading[linkId] === 'done' ? state : mark(state, linkId, 'failed'),
    ),
    on(evidenceActions.added, (state, { fact }): EvidenceState =>
      fact.kind === 'tick'
        ? { ...state, ticks: ticks.upsertOne(fact.tick, state.ticks) }
        : { ...state, readings: readings.upsertOne(fact.reading, state.readings) },
    ),
    on(evidenceActions.takenBack, (state, { id }): EvidenceState => ({
      ...state,
      ticks: ticks.removeOne(id, state.ticks),
      readings: readings.removeOne(id, state.readings),
    })),
  ),
});

/** The facts about one link, oldest first. */
export function factsOf(
  state: EvidenceState,
  linkId: string,
): { readonly ticks: readonly Tick[]; readonly readings: readonly Reading[] } {
  const of = <T extends { linkId: string }>({ entities }: EntityState<T>): T[] =>
    Object.values(entities).filter((fact): fact is T => fact?.linkId === linkId);
  return {
    ticks: of(state.ticks).sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id)),
    readings: of(state.readings).sort(
      (a, b) => a.takenAt.localeCompare(b.takenAt) || a.id.localeCompare(b.id),
    ),
  };
}
