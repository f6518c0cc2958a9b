import { inject } from '@angular/core';
import { site, siteEndpoints, type Problem, type Site } from '@near-spoke/contract';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { filter, map, mergeMap, switchMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { fresh } from '../fresh';
import type { Loading } from '../loading';
import { outboxActions, outboxFeature } from '../outbox/outbox';
import { overlay } from '../outbox/overlay';

export const sitesActions = createActionGroup({
  source: 'Sites',
  events: {
    Load: emptyProps(),
    Loaded: props<{ sites: Site[] }>(),
    'Load failed': props<{ refusal: Refusal }>(),
    Stored: props<{ site: Site }>(),
  },
});

interface SitesState extends EntityState<Site> {
  readonly loading: Loading;
  readonly problem: Problem | null;
}

const adapter = createEntityAdapter<Site>({
  sortComparer: (a, b) => a.createdAt.localeCompare(b.createdAt),
});
const initial: SitesState = adapter.getInitialState({ loading: 'not-yet', problem: null });

export const sitesFeature = createFeature({
  name: 'sites',
  reducer: createReducer(
    initial,
    on(sitesActions.load, (state): SitesState => ({ ...state, loading: 'now' })),
    on(sitesActions.loaded, (state, { sites }) =>
      adapter.setAll(sites, { ...state, loading: 'done' as const, problem: null }),
    ),
    on(sitesActions.loadFailed, (state, { refusal }): SitesState => ({
      ...state,
      loading: 'failed',
      problem: refusal.problem,
    })),
    on(sitesActions.stored, (state, { site }) => adapter.upsertOne(site, state)),
  ),
  extraSelectors: ({ selectSitesState }) => {
    const { selectAll: selectStored } = adapter.getSelectors(selectSitesState);
    /** Those that wait to be sent too, as they will be. */
    const selectAll = createSelector(
      selectStored,
      outboxFeature.selectWaiting,
      (stored, waiting): Site[] =>
        overlay(stored, waiting, 'site', ({ id, made }) => ({
          ...made,
          id,
          version: 1,
          createdAt: '',
        })),
    );
    return {
      selectAll,
      selectEntities: createSelector(
        selectAll,
        (sites): Readonly<Record<string, Site | undefined>> =>
          Object.fromEntries(sites.map((row) => [row.id, row])),
      ),
    };
  },
});

export const loadSites = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(sitesActions.load),
      switchMap(() =>
        fresh(
          () => api.call(siteEndpoints.list, {}),
          actions$.pipe(ofType(sitesActions.stored)),
        ).pipe(
          mapResponse({
            next: ({ sites }) => sitesActions.loaded({ sites }),
            error: (refusal: Refusal) => sitesActions.loadFailed({ refusal }),
          }),
        ),
      ),
    ),
  { functional: true },
);

/** What the server took becomes what it keeps. */
export const keepSentSites = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.sent),
      mergeMap(({ entry: { deed }, answer }) => {
        if (deed.kind === 'fact' || deed.of !== 'site') return [];
        const stored = site.safeParse(answer);
        return stored.success ? [sitesActions.stored({ site: stored.data })] : [];
      }),
    ),
  { functional: true },
);

/** After a refusal, what is shown must be what the server has. */
export const reloadRefusedSites = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.refused),
      filter(({ entry: { deed } }) => deed.kind !== 'fact' && deed.of === 'site'),
      map(() => sitesActions.load()),
    ),
  { functional: true },
);
