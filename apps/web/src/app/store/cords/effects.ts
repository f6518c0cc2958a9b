import { inject } from '@angular/core';
import { cordEndpoints, cordBatch, cordFact } from '@near-spoke/contract/cords';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import type { Action } from '@ngrx/store';
import { filter, mergeMap, switchMap } from 'rxjs';
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

export const loadFacts = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(cordsActions.loadFacts),
      mergeMap(({ batchId }) =>
        fresh(
          () => api.call(cordEndpoints.facts, { id: batchId }),
          actions$.pipe(
            ofType(cordsActions.factStored),
            filter(({ fact }) => fact.batchId === batchId),
          ),
        ).pipe(
          mapResponse({
            next: ({ facts }) => cordsActions.factsLoaded({ batchId, facts }),
            error: (refusal: Refusal) => cordsActions.factsFailed({ batchId, refusal }),
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
        if (deed.kind === 'cord-batch') {
          const batch = cordBatch.safeParse(answer);
          return batch.success ? [cordsActions.stored({ batch: batch.data })] : [];
        }
        if (deed.kind !== 'cord-fact') return [];
        const fact = cordFact.safeParse(answer);
        return fact.success ? [cordsActions.factStored({ fact: fact.data })] : [];
      }),
    ),
  { functional: true },
);
