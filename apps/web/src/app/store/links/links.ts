import type { LinkSummary, Problem } from '@near-spoke/contract';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import {
  createActionGroup,
  createFeature,
  createReducer,
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
    Loaded: props<{ siteId: string; links: LinkSummary[] }>(),
    'Load failed': props<{ refusal: Refusal }>(),
    Stored: props<{ link: LinkSummary }>(),
    Removed: props<{ linkId: string }>(),
  },
});

interface LinksState extends EntityState<LinkSummary> {
  /** The site that is open; its links are the entities. */
  readonly siteId: string;
  readonly loading: Loading;
  readonly problem: Problem | null;
}

const adapter = createEntityAdapter<LinkSummary>();
const initial: LinksState = adapter.getInitialState({
  siteId: '',
  loading: 'not-yet',
  problem: null,
});

export const linksFeature = createFeature({
  name: 'links',
  reducer: createReducer(
    initial,
    on(linksActions.open, (state, { siteId }) =>
      siteId === state.siteId
        ? { ...state, loading: 'now' as const }
        : adapter.removeAll({ ...state, siteId, loading: 'now' as const, problem: null }),
    ),
    on(linksActions.reload, (state): LinksState => ({ ...state, loading: 'now' })),
    on(linksActions.loaded, (state, { siteId, links }) =>
      siteId === state.siteId
        ? adapter.setAll(links, { ...state, loading: 'done' as const, problem: null })
        : state,
    ),
    on(linksActions.loadFailed, (state, { refusal }): LinksState => ({
      ...state,
      loading: 'failed',
      problem: refusal.problem,
    })),
    on(linksActions.stored, (state, { link }) =>
      link.siteId === state.siteId ? adapter.upsertOne(link, state) : state,
    ),
    on(linksActions.removed, (state, { linkId }) => adapter.removeOne(linkId, state)),
  ),
  extraSelectors: ({ selectLinksState }) => adapter.getSelectors(selectLinksState),
});
