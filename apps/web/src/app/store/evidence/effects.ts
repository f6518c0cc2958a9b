import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { mapResponse } from '@ngrx/operators';
import { forkJoin, mergeMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { evidenceActions } from './evidence';

export const loadEvidence = createEffect(
  (actions$ = inject(Actions), api = inject(Api)) =>
    actions$.pipe(
      ofType(evidenceActions.load),
      mergeMap(({ linkId }) =>
        forkJoin([api.ticks(linkId), api.readings(linkId), api.tests(linkId)]).pipe(
          mapResponse({
            next: ([{ ticks }, { readings }, { tests }]) =>
              evidenceActions.loaded({ linkId, ticks, readings, tests }),
            error: (refusal: Refusal) => evidenceActions.loadFailed({ linkId, refusal }),
          }),
        ),
      ),
    ),
  { functional: true },
);
