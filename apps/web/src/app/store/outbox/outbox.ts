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

/** Something under a key of what waits that can't be read: shown, so that it is not lost. */
export interface Unreadable {
  readonly key: string;
  readonly text: string;
}

export const outboxActions = createActionGroup({
  source: 'Outbox',
  events: {
    /** Read back what an earlier page left unsent. */
    Recalled: props<{ entries: readonly Entry[]; unreadable: readonly Unreadable[] }>(),
    /** Done on this page. */
    Queued: props<{ entry: Entry }>(),
    /** Done on another page of this browser. */
    Heard: props<{ entry: Entry }>(),
    /** It is on this device now, whatever becomes of the page. */
    Kept: props<{ id: string }>(),
    /** This device took it not: it is in this page alone. */
    'Not kept': props<{ id: string }>(),
    /** Look whether something can be sent now. */
    Wake: emptyProps(),
    /** Send at once what is held back for undo. */
    Release: emptyProps(),
    Sent: props<{ entry: Entry; answer: unknown }>(),
    Refused: props<{ entry: Entry; problem: Problem }>(),
    /** What was refused goes again, mended or as it was. */
    Mended: props<{ entry: Entry }>(),
    /** @param heard whether another page of this browser did it */
    'Taken back': props<{ entry: Entry; heard?: boolean }>(),
    /** It is not on this device any more: another page has sent it, or taken it back. */
    'Settled elsewhere': props<{ entry: Entry }>(),
    Dismissed: props<{ id: string }>(),
    /** No answer, or one that says to come again later, with what it says. */
    Away: props<{ why?: string }>(),
    Back: emptyProps(),
  },
});

export interface OutboxState extends EntityState<Entry> {
  /** The last request got no answer, or was put off. */
  readonly away: boolean;
  /** What the server said when it put things off. */
  readonly why: string;
  /** Entries that this device did not take. */
  readonly notKept: readonly string[];
  readonly unreadable: readonly Unreadable[];
}

const adapter = createEntityAdapter<Entry>({ sortComparer: (a, b) => a.id.localeCompare(b.id) });

const initial: OutboxState = adapter.getInitialState({
  away: false,
  why: '',
  notKept: [],
  unreadable: [],
});

const without = (ids: readonly string[], id: string) => ids.filter((row) => row !== id);

export const outboxFeature = createFeature({
  name: 'outbox',
  reducer: createReducer<OutboxState>(
    initial,
    on(outboxActions.recalled, (state, { entries, unreadable }) =>
      adapter.upsertMany([...entries], { ...state, unreadable }),
    ),
    on(outboxActions.queued, outboxActions.heard, outboxActions.mended, (state, { entry }) =>
      adapter.upsertOne(entry, state),
    ),
    on(outboxActions.kept, (state, { id }) => ({ ...state, notKept: without(state.notKept, id) })),
    on(outboxActions.notKept, (state, { id }) => ({
      ...state,
      notKept: [...without(state.notKept, id), id],
    })),
    on(outboxActions.release, (state) =>
      adapter.map((entry) => (entry.holdUntil > 0 ? { ...entry, holdUntil: 0 } : entry), state),
    ),
    on(outboxActions.sent, (state, { entry }) =>
      adapter.removeOne(entry.id, {
        ...state,
        away: false,
        why: '',
        notKept: without(state.notKept, entry.id),
      }),
    ),
    on(outboxActions.refused, (state, { entry, problem }) =>
      adapter.upsertOne({ ...entry, refused: problem }, { ...state, away: false, why: '' }),
    ),
    on(outboxActions.takenBack, outboxActions.settledElsewhere, (state, { entry }) =>
      adapter.removeOne(entry.id, state),
    ),
    on(outboxActions.dismissed, (state, { id }) =>
      adapter.removeOne(id, {
        ...state,
        unreadable: state.unreadable.filter(({ key }) => key !== id),
      }),
    ),
    on(outboxActions.away, (state, { why = '' }) => ({ ...state, away: true, why })),
    on(outboxActions.back, (state) => ({ ...state, away: false, why: '' })),
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
