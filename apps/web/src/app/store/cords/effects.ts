import { inject } from '@angular/core';
import { cordEndpoints, cordBatch } from '@near-spoke/contract/cords';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import type { Action } from '@ngrx/store';
import { mergeMap, switchMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { fresh } from '../fresh';
import { outboxActions } from '../outbox/outbox';
import { cordsActions } from './cords';

export const loadBatches = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(cordsActions.load),
      switchMap(({ siteId }) =>
        fresh(
          () => api.call(cordEndpoints.list, { id: siteId }),
          actions$.pipe(ofType(cordsActions.stored)),
        ).pipe(
          mapResponse({
            next: ({ batches }) => cordsActions.loaded({ siteId, batches }),
            error: (refusal: Refusal) => cordsActions.loadFailed({ refusal }),
          }),
        ),
      ),
    ),
  { functional: true },
);

/** What the server took becomes what it keeps. */
export const keepSent = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.sent),
      mergeMap(({ entry: { deed }, answer }): Action[] => {
        if (deed.kind !== 'make' || deed.of !== 'batch') return [];
        const batch = cordBatch.safeParse(answer);
        return batch.success ? [cordsActions.stored({ batch: batch.data })] : [];
      }),
    ),
  { functional: true },
);
