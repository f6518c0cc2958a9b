import { Injector, inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store } from '@ngrx/store';
import { EMPTY, catchError, debounceTime, filter, interval, map, switchMap } from 'rxjs';
import { linksActions, linksFeature } from '../links/links';
import { outboxFeature } from '../outbox/outbox';
import { Device } from './device';

/** What a person looks at comes first, ms. */
const AFTER_MS = 2000;
const AGAIN_MS = 5 * 60_000;

/** The site that is open is taken along, whenever its list has come from the server. */
export const takeAlong = createEffect(
  (
    actions$ = inject(Actions),
    store = inject(Store),
    injector = inject(Injector),
    device = inject(Device),
  ) =>
    actions$.pipe(
      ofType(linksActions.loaded),
      filter(({ last }) => last && device.shownAt() === null),
      debounceTime(AFTER_MS),
      concatLatestFrom(() => store.select(linksFeature.selectAll)),
      switchMap(async ([{ siteId }, rows]) => {
        const { TakeAlong } = await import('./take-along');
        await injector.get(TakeAlong).run(siteId, rows);
      }),
      // The server has gone meanwhile, or this device is full: the next time.
      catchError((_error: unknown, caught) => caught),
    ),
  { functional: true, dispatch: false },
);

/** While it is looked at and the server is there, it is kept up to date. */
export const bringUp = createEffect(
  (store = inject(Store)) =>
    interval(AGAIN_MS).pipe(
      concatLatestFrom(() => store.select(outboxFeature.selectAway)),
      filter(([, away]) => !away && document.visibilityState === 'visible'),
      map(() => linksActions.reload()),
      catchError(() => EMPTY),
    ),
  { functional: true },
);
