import { inject } from '@angular/core';
import { summariseLink } from '@near-spoke/core/record';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store } from '@ngrx/store';
import { catchError, concat, filter, forkJoin, map, of, switchMap } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { evidenceActions, evidenceFeature, factsOf, testedBy } from '../evidence/evidence';
import { fresh } from '../fresh';
import { selectJob } from '../job';
import { outboxActions } from '../outbox/outbox';
import { partsActions } from '../parts/parts';
import { linksActions, linksFeature } from './links';

export const loadLinks = createEffect(
  (actions$ = inject(Actions), store = inject(Store), api = inject(Api)) =>
    actions$.pipe(
      ofType(linksActions.open, linksActions.reload),
      concatLatestFrom(() => store.select(linksFeature.selectSiteId)),
      filter(([, siteId]) => siteId !== ''),
      switchMap(([, siteId]) =>
        // The parts first: links may name them.
        fresh(
          () => forkJoin([api.parts(), api.links(siteId)]),
          actions$.pipe(ofType(linksActions.stored, linksActions.removed, outboxActions.sent)),
        ).pipe(
          switchMap(([{ parts }, { links }]) =>
            concat(of(partsActions.loaded({ parts })), of(linksActions.loaded({ siteId, links }))),
          ),
          catchError((refusal: Refusal) => of(linksActions.loadFailed({ refusal }))),
        ),
      ),
    ),
  { functional: true },
);

/** A link stands anew, at once, when a fact about it is added here: the list need not ask the server. */
export const restandLink = createEffect(
  (actions$ = inject(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(evidenceActions.loaded, evidenceActions.added, evidenceActions.takenBack),
      concatLatestFrom(() => [
        store.select(linksFeature.selectEntities),
        store.select(evidenceFeature.selectEvidenceState),
        store.select(selectJob),
      ]),
      map(([{ linkId }, entities, evidence, job]) => {
        const link = entities[linkId];
        const facts = factsOf(evidence, linkId);
        if (!link || evidence.loading[linkId] !== 'done') return null;
        return linksActions.stored({
          link: summariseLink(link, facts.ticks, testedBy(facts), job),
        });
      }),
      filter((action) => action !== null),
    ),
  { functional: true },
);
