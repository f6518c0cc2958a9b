import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store, type Action } from '@ngrx/store';
import { catchError, filter, map, merge, mergeMap, take } from 'rxjs';
import type { Refusal } from '../api/api';
import { Along } from '../device/along';
import { fresh } from '../fresh';
import { linksActions, linksFeature } from '../links/links';
import { linkIdOf } from '../outbox/deed';
import { outboxActions, outboxFeature } from '../outbox/outbox';
import { asChanged } from '../outbox/waiting-links';
import { evidenceActions } from './evidence';

/** Links that are asked for in one request. */
const AT_ONCE = 100;

/** Links whole, with the facts about them. One that waits here to be sent has no other yet. */
export const loadEvidence = createEffect(
  (actions$ = inject(Actions), store = inject(Store), along = inject(Along)) =>
    merge(
      actions$.pipe(
        ofType(evidenceActions.load),
        map(({ linkId }) => [linkId]),
      ),
      actions$.pipe(
        ofType(evidenceActions.loadMany),
        mergeMap(({ linkIds }) => parts(linkIds, AT_ONCE)),
      ),
    ).pipe(
      // The site may be opened in the same breath.
      mergeMap((linkIds) =>
        store.select(linksFeature.selectSiteId).pipe(
          filter((siteId) => siteId !== ''),
          take(1),
          map((siteId) => ({ linkIds, siteId })),
        ),
      ),
      mergeMap(({ linkIds, siteId }) =>
        // What was read before something of it was sent would undo that on the screen.
        fresh(
          () => along.load(siteId, linkIds),
          actions$.pipe(
            ofType(outboxActions.sent),
            filter(({ entry }) => linkIds.includes(linkIdOf(entry.deed) ?? '')),
          ),
        ).pipe(
          concatLatestFrom(() => [
            store.select(linksFeature.selectOpened),
            store.select(outboxFeature.selectWaiting),
          ]),
          mergeMap(([links, opened, waiting]): Action[] => {
            const found = new Map(links.map((row) => [row.link.id, row]));
            return linkIds.flatMap((linkId): Action[] => {
              const row = found.get(linkId);
              if (row)
                return [
                  linksActions.opened({ link: asChanged(row.link, waiting) }),
                  evidenceActions.loaded({
                    linkId,
                    ticks: row.ticks,
                    readings: row.readings,
                    tests: row.tests,
                    // What was taken along by an earlier program has none.
                    voided: row.voided ?? [],
                  }),
                ];
              return opened[linkId]
                ? [
                    evidenceActions.loaded({
                      linkId,
                      ticks: [],
                      readings: [],
                      tests: [],
                      voided: [],
                    }),
                  ]
                : [evidenceActions.missing({ linkId })];
            });
          }),
          catchError((refusal: Refusal) =>
            linkIds.map((linkId) => evidenceActions.loadFailed({ linkId, refusal })),
          ),
        ),
      ),
    ),
  { functional: true },
);

const parts = <T>(list: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, index) =>
    list.slice(index * size, (index + 1) * size),
  );
