import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store, type Action } from '@ngrx/store';
import {
  catchError,
  filter,
  from,
  map,
  merge,
  mergeMap,
  of,
  switchMap,
  take,
  type Observable,
} from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { Along } from '../device/along';
import { fresh } from '../fresh';
import { linksActions, linksFeature } from '../links/links';
import { aboutOf, type Entry } from '../outbox/deed';
import { outboxActions, outboxFeature } from '../outbox/outbox';
import { asChanged } from '../outbox/waiting-links';
import { factsActions, factsFeature } from './facts';
import { factsAlong, type About, type Kept } from './kept';

/** Links that are asked for in one request. */
const AT_ONCE = 100;
/** The shapes of facts are not needed before one is read. */
const lists = () => from(import('./lists'));

/** What is read is older than what of it was sent meanwhile: that would be undone on the screen. */
const sentAbout = (actions$: Actions, ids: readonly string[]): Observable<unknown> =>
  actions$.pipe(
    ofType(outboxActions.sent),
    filter(({ entry }) => ids.includes(aboutOf(entry.deed)?.id ?? '')),
  );

/** Facts that wait here belong to what is known from the moment that it is loaded. */
const waitingAbout = (waiting: readonly Entry[], { id }: About): Kept[] =>
  waiting.flatMap(({ deed }) => (deed.kind === 'fact' && deed.about.id === id ? [deed] : []));

/** Links whole, with the facts about them. One that waits here to be sent has no other yet. */
export const loadLinks = createEffect(
  (actions$ = inject<Actions>(Actions), store = inject(Store), along = inject(Along)) =>
    merge(
      actions$.pipe(
        ofType(factsActions.load),
        filter(({ about }) => about.of === 'link'),
        map(({ about }) => [about.id]),
      ),
      actions$.pipe(
        ofType(factsActions.loadLinks),
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
        fresh(() => along.load(siteId, linkIds), sentAbout(actions$, linkIds)).pipe(
          concatLatestFrom(() => [
            store.select(linksFeature.selectOpened),
            store.select(outboxFeature.selectWaiting),
          ]),
          mergeMap(([links, opened, waiting]): Action[] => {
            const found = new Map(links.map((row) => [row.link.id, row]));
            return linkIds.flatMap((id): Action[] => {
              const about: About = { of: 'link', id };
              const row = found.get(id);
              const unsent = waitingAbout(waiting, about);
              if (row) {
                const link = asChanged(row.link, waiting);
                return [
                  ...(link ? [linksActions.opened({ link })] : []),
                  factsActions.loaded({ about, facts: [...factsAlong(row), ...unsent] }),
                ];
              }
              return opened[id]
                ? [factsActions.loaded({ about, facts: unsent })]
                : [factsActions.missing({ about })];
            });
          }),
          catchError((refusal: Refusal) =>
            linkIds.map((id) => factsActions.loadFailed({ about: { of: 'link', id }, refusal })),
          ),
        ),
      ),
    ),
  { functional: true },
);

/** The facts about anything else. */
export const loadLists = createEffect(
  (actions$ = inject<Actions>(Actions), store = inject(Store), api = inject(Api)) =>
    actions$.pipe(
      ofType(factsActions.load),
      filter(({ about }) => about.of !== 'link'),
      mergeMap(({ about }) =>
        fresh(
          () => lists().pipe(switchMap(({ listed }) => listed(api, about))),
          sentAbout(actions$, [about.id]),
        ).pipe(
          concatLatestFrom(() => store.select(outboxFeature.selectWaiting)),
          map(([facts, waiting]) =>
            factsActions.loaded({ about, facts: [...facts, ...waitingAbout(waiting, about)] }),
          ),
          catchError((refusal: Refusal) => of(factsActions.loadFailed({ about, refusal }))),
        ),
      ),
    ),
  { functional: true },
);

/** What waits here is shown as done, and what the server took as it keeps it; what was taken back or refused is not. */
export const mirror = createEffect(
  (actions$ = inject(Actions)) =>
    merge(
      actions$.pipe(
        ofType(outboxActions.queued, outboxActions.heard, outboxActions.mended),
        mergeMap(({ entry: { deed } }) =>
          deed.kind === 'fact' ? [factsActions.added({ kept: deed })] : [],
        ),
      ),
      actions$.pipe(
        ofType(outboxActions.recalled),
        mergeMap(({ entries }) =>
          entries.flatMap(({ deed, refused }) =>
            deed.kind === 'fact' && !refused ? [factsActions.added({ kept: deed })] : [],
          ),
        ),
      ),
      actions$.pipe(
        ofType(outboxActions.takenBack, outboxActions.refused),
        mergeMap(({ entry: { deed } }) =>
          deed.kind === 'fact' ? [factsActions.takenBack({ kept: deed })] : [],
        ),
      ),
      actions$.pipe(
        ofType(outboxActions.sent),
        mergeMap(async ({ entry: { deed }, answer }) =>
          deed.kind === 'fact' ? (await import('./lists')).answered(deed, answer) : null,
        ),
        mergeMap((kept) => (kept ? [factsActions.added({ kept })] : [])),
      ),
    ),
  { functional: true },
);

/** What is shown from this device is read again when the server is back. */
export const readAgain = createEffect(
  (actions$ = inject<Actions>(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(outboxActions.back),
      concatLatestFrom(() => store.select(factsFeature.selectFactsState)),
      switchMap(([, known]) =>
        Object.values(known)
          .filter(({ loading }) => loading !== 'now')
          .map(({ about }) => factsActions.load({ about })),
      ),
    ),
  { functional: true },
);

const parts = <T>(list: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, index) =>
    list.slice(index * size, (index + 1) * size),
  );
