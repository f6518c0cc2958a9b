import { inject } from '@angular/core';
import { cableFactEndpoints, cableFact } from '@near-spoke/contract/reflect';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import { filter, mergeMap, switchMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { fresh } from '../fresh';
import { outboxActions } from '../outbox/outbox';
import { cablesActions } from './cables';

export const loadFacts = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(cablesActions.load),
      switchMap(({ siteId }) =>
        fresh(
          () => api.call(cableFactEndpoints.list, { id: siteId }),
          actions$.pipe(
            ofType(cablesActions.stored),
            filter(({ fact }) => fact.siteId === siteId),
          ),
        ).pipe(
          mapResponse({
            next: ({ facts }) => cablesActions.loaded({ siteId, facts }),
            error: (refusal: Refusal) => cablesActions.loadFailed({ siteId, refusal }),
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
      mergeMap(({ entry: { deed }, answer }) => {
        if (deed.kind !== 'cable-fact') return [];
        const fact = cableFact.safeParse(answer);
        return fact.success ? [cablesActions.stored({ fact: fact.data })] : [];
      }),
    ),
  { functional: true },
);
