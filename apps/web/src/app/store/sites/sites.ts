import { inject } from '@angular/core';
import { siteEndpoints, type Problem, type Site } from '@near-spoke/contract';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { switchMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import type { Loading } from '../loading';

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
  extraSelectors: ({ selectSitesState }) => adapter.getSelectors(selectSitesState),
});

export const loadSites = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(sitesActions.load),
      switchMap(() =>
        api.call(siteEndpoints.list, {}).pipe(
          mapResponse({
            next: ({ sites }) => sitesActions.loaded({ sites }),
            error: (refusal: Refusal) => sitesActions.loadFailed({ refusal }),
          }),
        ),
      ),
    ),
  { functional: true },
);
