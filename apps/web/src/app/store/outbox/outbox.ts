import type { Problem } from '@near-spoke/contract';
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
import type { Entry } from './deed';

export const outboxActions = createActionGroup({
  source: 'Outbox',
  events: {
    /** Read back what an earlier page left unsent. */
    Recalled: props<{ entries: Entry[] }>(),
    Queued: props<{ entry: Entry }>(),
    /** Look whether something can be sent now. */
    Wake: emptyProps(),
    /** Send at once what is held back for undo. */
    Release: emptyProps(),
    Sent: props<{ entry: Entry; answer: unknown }>(),
    Refused: props<{ entry: Entry; problem: Problem }>(),
    'Taken back': props<{ entry: Entry }>(),
    Dismissed: props<{ id: string }>(),
    Away: emptyProps(),
    Back: emptyProps(),
  },
});

export interface OutboxState extends EntityState<Entry> {
  /** The last request got no answer. */
  readonly away: boolean;
}

const adapter = createEntityAdapter<Entry>({ sortComparer: (a, b) => a.id.localeCompare(b.id) });

export const outboxFeature = createFeature({
  name: 'outbox',
  reducer: createReducer<OutboxState>(
    adapter.getInitialState({ away: false }),
    on(outboxActions.recalled, (state, { entries }) => adapter.upsertMany(entries, state)),
    on(outboxActions.queued, (state, { entry }) => adapter.upsertOne(entry, state)),
    on(outboxActions.release, (state) =>
      adapter.map((entry) => (entry.holdUntil > 0 ? { ...entry, holdUntil: 0 } : entry), state),
    ),
    on(outboxActions.sent, (state, { entry }) =>
      adapter.removeOne(entry.id, { ...state, away: false }),
    ),
    on(outboxActions.refused, (state, { entry, problem }) =>
      adapter.upsertOne({ ...entry, refused: problem }, { ...state, away: false }),
    ),
    on(outboxActions.takenBack, (state, { entry }) => adapter.removeOne(entry.id, state)),
    on(outboxActions.dismissed, (state, { id }) => adapter.removeOne(id, state)),
    on(outboxActions.away, (state) => ({ ...state, away: true })),
    on(outboxActions.back, (state) => ({ ...state, away: false })),
  ),
  extraSelectors: ({ selectOutboxState }) => {
    const { selectAll } = adapter.getSelectors(selectOutboxState);
    return {
      selectAll,
      selectWaiting: createSelector(selectAll, (all) => all.filter((row) => !row.refused)),
      selectRefused: createSelector(selectAll, (all) => all.filter((row) => row.refused)),
    };
  },
});

/** The first entry that may be sent at a moment; order is kept, so a held one holds those after it. */
export function nextToSend(entries: readonly Entry[], now: number): Entry | null {
  const first = entries.find((entry) => !entry.refused);
  return first && first.holdUntil <= now ? first : null;
}
