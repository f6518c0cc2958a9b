import { inject } from '@angular/core';
import { adapterEndpoints, adapter } from '@near-spoke/contract/map';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import type { Action } from '@ngrx/store';
import { filter, map, mergeMap, switchMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { fresh } from '../fresh';
import { linksActions } from '../links/links';
import { outboxActions } from '../outbox/outbox';
import { adaptersActions } from './adapters';

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

/** What the server took becomes what it keeps; a link that an adapter is follows it. */
export const keepSent = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.sent),
      mergeMap(({ entry: { deed }, answer }): Action[] => {
        if (deed.kind === 'fact' || deed.of !== 'adapter') return [];
        if (deed.kind === 'away')
          return [adaptersActions.putAway({ id: deed.id }), linksActions.reload()];
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
      filter(({ entry: { deed } }) => deed.kind !== 'fact' && deed.of === 'adapter'),
      map(() => adaptersActions.load()),
    ),
  { functional: true },
);

export const noticeAway = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(adaptersActions.loadFailed),
      filter(({ refusal }) => refusal.away),
      map(() => outboxActions.away({})),
    ),
  { functional: true },
);

/** When the server is back, what could not be read is read. */
export const reloadWhenBack = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.back),
      map(() => adaptersActions.load()),
    ),
  { functional: true },
);
