import { inject } from '@angular/core';
import { cordBatch, cordFact } from '@near-spoke/contract/cords';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import type { Action } from '@ngrx/store';
import { filter, mergeMap, switchMap } from 'rxjs';
import type { Refusal } from '../api/api';
import { fresh } from '../fresh';
import { outboxActions } from '../outbox/outbox';
import { cordsActions } from './cords';
import { CordsApi } from './cords-api';

export const loadBatches = createEffect(
  (actions$ = inject(Actions), api = inject(CordsApi)) =>
    actions$.pipe(
      ofType(cordsActions.load),
      switchMap(({ siteId }) =>
        fresh(() => api.batches(siteId), actions$.pipe(ofType(cordsActions.stored))).pipe(
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
  (actions$ = inject(Actions), api = inject(CordsApi)) =>
    actions$.pipe(
      ofType(cordsActions.loadFacts),
      mergeMap(({ batchId }) =>
        fresh(
          () => api.facts(batchId),
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
