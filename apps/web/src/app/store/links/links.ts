import type { LinkRow, LinkSummary, Problem } from '@near-spoke/contract';
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

export const linksActions = createActionGroup({
  source: 'Links',
  events: {
    Open: props<{ siteId: string }>(),
    Reload: emptyProps(),
    /** A page of the list; the first one begins it anew. */
    Loaded: props<{
      siteId: string;
      rows: readonly LinkRow[];
      total: number;
      first: boolean;
      last: boolean;
    }>(),
    'Load failed': props<{ refusal: Refusal }>(),
    /** Read whole. */
    Opened: props<{ link: LinkSummary }>(),
    /** Changed here, or by the server after what was sent. */
    Stored: props<{ link: LinkSummary }>(),
    Removed: props<{ linkId: string }>(),
  },
});

export interface LinksState {
  /** The site that is open. */
  readonly siteId: string;
  /** Its links in short, in the order of the schedule. */
  readonly rows: EntityState<LinkRow>;
  /** Those that were opened, whole. */
  readonly whole: EntityState<LinkSummary>;
  /** Links that the site has, of which the rest is still coming. */
  readonly total: number;
  readonly loading: Loading;
  /** Whether all rows are here. */
  readonly complete: boolean;
  /** Those that have come of a list that is read anew. */
  readonly coming: readonly string[];
  readonly problem: Problem | null;
}

const rows = createEntityAdapter<LinkRow>();
const whole = createEntityAdapter<LinkSummary>();

const initial: LinksState = {
  siteId: '',
  rows: rows.getInitialState(),
  whole: whole.getInitialState(),
  total: 0,
  loading: 'not-yet',
  complete: false,
  coming: [],
  problem: null,
};

/** A link as the list has it. */
const rowOf = (link: LinkSummary, before: LinkRow | undefined): LinkRow => ({
  id: link.id,
  label: link.label,
  hub: link.hub,
  near: link.near,
  far: link.far,
  cable: link.cable,
  lengthM: link.lengthM,
  note: link.note,
  state: link.state,
  ends: link.ends,
  next: link.next,
  stamp: before?.stamp ?? 0,
});

/** A list that was whole stays in sight until the new one is; then what is not in it any more goes. */
const onlyThose = (state: EntityState<LinkRow>, ids: readonly string[]): EntityState<LinkRow> => {
  const wanted = new Set(ids);
  const gone = (state.ids as string[]).filter((id) => !wanted.has(id));
  const left = gone.length > 0 ? rows.removeMany(gone, state) : state;
  // In the order of the schedule, whatever was stored first.
  return { ...left, ids: [...ids] };
};

export const linksFeature = createFeature({
  name: 'links',
  reducer: createReducer(
    initial,
    on(linksActions.open, (state, { siteId }): LinksState =>
      siteId === state.siteId
        ? { ...state, loading: 'now' }
        : { ...initial, siteId, loading: 'now' },
    ),
    on(linksActions.reload, (state): LinksState => ({ ...state, loading: 'now' })),
    on(linksActions.loaded, (state, page): LinksState => {
      if (page.siteId !== state.siteId) return state;
      const list = [...page.rows];
      const coming = [...(page.first ? [] : state.coming), ...list.map(({ id }) => id)];
      return {
        ...state,
        rows: page.last
          ? onlyThose(rows.upsertMany(list, state.rows), coming)
          : rows.upsertMany(list, state.rows),
        coming: page.last ? [] : coming,
        total: page.total,
        loading: 'done',
        complete: page.last || state.complete,
        problem: null,
      };
    }),
    on(linksActions.loadFailed, (state, { refusal }): LinksState => ({
      ...state,
      loading: 'failed',
      problem: refusal.problem,
    })),
    on(linksActions.stored, linksActions.opened, (state, { link }): LinksState => {
      if (link.siteId !== state.siteId) return state;
      const before = state.rows.entities[link.id];
      return {
        ...state,
        rows: rows.upsertOne(rowOf(link, before), state.rows),
        whole: whole.upsertOne(link, state.whole),
        total: before ? state.total : state.total + 1,
      };
    }),
    on(linksActions.removed, (state, { linkId }): LinksState => ({
      ...state,
      rows: rows.removeOne(linkId, state.rows),
      whole: whole.removeOne(linkId, state.whole),
      total: state.rows.entities[linkId] ? state.total - 1 : state.total,
    })),
  ),
  extraSelectors: ({ selectRows, selectWhole }) => {
    const ofRows = rows.getSelectors();
    return {
      selectAll: createSelector(selectRows, ofRows.selectAll),
      /** By id, in short. */
      selectEntities: createSelector(selectRows, ofRows.selectEntities),
      /** By id, whole: those that were opened. */
      selectOpened: createSelector(selectWhole, ({ entities }) => entities),
    };
  },
});
