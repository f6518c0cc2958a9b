import { inject } from '@angular/core';
import { adapterEndpoints, adapter, adapterFact } from '@near-spoke/contract/map';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom, mapResponse } from '@ngrx/operators';
import { Store, type Action } from '@ngrx/store';
import { filter, map, mergeMap, switchMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { fresh } from '../fresh';
import { linksActions } from '../links/links';
import { outboxActions } from '../outbox/outbox';
import { adaptersActions, adaptersFeature } from './adapters';

export const loadAdapters = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(adaptersActions.load),
      switchMap(() =>
        fresh(
          () => api.call(adapterEndpoints.list, {}),
          actions$.pipe(ofType(adaptersActions.stored, adaptersActions.putAway)),
        ).pipe(
          mapResponse({
            next: ({ adapters }) => adaptersActions.loaded({ adapters }),
            error: (refusal: Refusal) => adaptersActions.loadFailed({ refusal }),
          }),
        ),
      ),
    ),
  { functional: true },
);

export const loadFacts = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(adaptersActions.loadFacts),
      mergeMap(({ adapterId }) =>
        fresh(
          () => api.call(adapterEndpoints.facts, { id: adapterId }),
          actions$.pipe(
            ofType(adaptersActions.factStored),
            filter(({ fact }) => fact.adapterId === adapterId),
          ),
        ).pipe(
          mapResponse({
            next: ({ facts }) => adaptersActions.factsLoaded({ adapterId, facts }),
            error: (refusal: Refusal) => adaptersActions.factsFailed({ adapterId, refusal }),
          }),
        ),
      ),
    ),
  { functional: true },
);

/** What the server took becomes what it keeps; a link that an adapter is follows it. */
export const keepSent = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.sent),
      mergeMap(({ entry: { deed }, answer }): Action[] => {
        if (deed.kind === 'adapter-fact') {
          const fact = adapterFact.safeParse(answer);
          return fact.success ? [adaptersActions.factStored({ fact: fact.data })] : [];
        }
        if (deed.kind === 'adapter-away')
          return [adaptersActions.putAway({ id: deed.adapterId }), linksActions.reload()];
        if (!('adapterId' in deed) && deed.kind !== 'adapter-new') return [];
        const stored = adapter.safeParse(answer);
        return stored.success
          ? [adaptersActions.stored({ adapter: stored.data }), linksActions.reload()]
          : [];
      }),
    ),
  { functional: true },
);

/** After a refusal, what is shown must be what the server has. */
export const reloadRefused = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.refused),
      filter(({ entry: { deed } }) => deed.kind.startsWith('adapter-')),
      map(() => adaptersActions.load()),
    ),
  { functional: true },
);

export const noticeAway = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(adaptersActions.loadFailed, adaptersActions.factsFailed),
      filter(({ refusal }) => refusal.away),
      map(() => outboxActions.away({})),
    ),
  { functional: true },
);

/** When the server is back, what could not be read is read. */
export const reloadWhenBack = createEffect(
  (actions$ = inject(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(outboxActions.back),
      concatLatestFrom(() => store.select(adaptersFeature.selectFactsFailed)),
      mergeMap(([, failed]): Action[] => [
        adaptersActions.load(),
        ...Object.keys(failed)
          .filter((adapterId) => failed[adapterId])
          .map((adapterId) => adaptersActions.loadFacts({ adapterId })),
      ]),
    ),
  { functional: true },
);
