import { inject } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import { linkSummary } from '@near-spoke/contract';
import { Actions, ROOT_EFFECTS_INIT, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store, type Action } from '@ngrx/store';
import {
  EMPTY,
  catchError,
  concatMap,
  filter,
  from,
  fromEvent,
  interval,
  map,
  merge,
  mergeMap,
  of,
  switchMap,
  tap,
} from 'rxjs';
import { Device } from '../device/device';
import { factsActions } from '../facts/facts';
import { linksActions } from '../links/links';
import { sitesActions } from '../sites/sites';
import { aboutOf, type Deed } from './deed';
import { dropEntry, keepEntry, recallEntries } from './entry-store';
import { outboxActions, outboxFeature } from './outbox';
import { Sender } from './sender';
import { Tabs } from './tabs';
import { asChanged } from './waiting-links';

const LOOK_EVERY_MS = 1000;

export const recall = createEffect(
  (actions$ = inject(Actions), device = inject(Device)) =>
    actions$.pipe(
      ofType(ROOT_EFFECTS_INIT),
      switchMap(() => recallEntries()),
      map((recalled) => outboxActions.recalled(recalled)),
      catchError(() => {
        device.full.set(true);
        return EMPTY;
      }),
    ),
  { functional: true },
);

/** What is done is on this device before it is sent, and said to be kept only once it is. */
export const keep = createEffect(
  (actions$ = inject(Actions), tabs = inject(Tabs)) =>
    actions$.pipe(
      ofType(outboxActions.queued, outboxActions.mended),
      concatMap(({ entry }) =>
        from(keepEntry(entry)).pipe(
          map(() => {
            tabs.tell({ kind: 'queued', entry });
            return outboxActions.kept({ id: entry.id });
          }),
          catchError(() => of(outboxActions.notKept({ id: entry.id }))),
        ),
      ),
    ),
  { functional: true },
);

export const drop = createEffect(
  (actions$ = inject(Actions), tabs = inject(Tabs)) =>
    merge(
      actions$.pipe(
        ofType(outboxActions.takenBack),
        tap(({ entry, heard }) => {
          if (!heard) tabs.tell({ kind: 'gone', entry });
        }),
        map(({ entry }) => entry.id),
      ),
      actions$.pipe(
        ofType(outboxActions.dismissed),
        map(({ id }) => id),
      ),
    ).pipe(mergeMap((id) => from(dropEntry(id)).pipe(catchError(() => EMPTY)))),
  { functional: true, dispatch: false },
);

/** What the other pages of this browser did stands here too. */
export const hear = createEffect(
  (tabs = inject(Tabs)) =>
    tabs.heard.pipe(
      map((told): Action => {
        const { entry } = told;
        switch (told.kind) {
          case 'queued':
            return outboxActions.heard({ entry });
          case 'sent':
            return outboxActions.sent({ entry, answer: told.answer });
          case 'refused':
            return outboxActions.refused({ entry, problem: told.problem });
          case 'gone':
            return outboxActions.takenBack({ entry, heard: true });
        }
      }),
    ),
  { functional: true },
);

/** Looks again now and then, and when the network comes back, while something waits or is away. */
export const wake = createEffect(
  (store = inject(Store)) =>
    interval(LOOK_EVERY_MS).pipe(
      concatLatestFrom(() => store.select(outboxFeature.selectOutboxState)),
      filter(([, state]) => state.away || state.ids.length > 0),
      map(() => outboxActions.wake()),
    ),
  { functional: true },
);

export const send = createEffect(
  (actions$ = inject(Actions), sender = inject(Sender)) =>
    merge(
      actions$.pipe(
        ofType(
          outboxActions.recalled,
          outboxActions.kept,
          outboxActions.notKept,
          outboxActions.wake,
        ),
        map(() => false),
      ),
      merge(fromEvent(window, 'online'), actions$.pipe(ofType(outboxActions.release))).pipe(
        map(() => true),
      ),
    ).pipe(mergeMap((atOnce) => sender.turn(atOnce))),
  { functional: true, dispatch: false },
);

/**
 * A link that waits to be put away is gone, whatever is answered of what was done before; one that was refused or
 * settled elsewhere is asked for again.
 */
export const mirrorLinks = createEffect(
  (actions$ = inject(Actions), store = inject(Store)) =>
    merge(
      actions$.pipe(
        ofType(outboxActions.queued, outboxActions.heard, outboxActions.mended),
        mergeMap(({ entry: { deed } }) =>
          deed.kind === 'away' && deed.of === 'link'
            ? [linksActions.removed({ linkId: deed.id })]
            : [],
        ),
      ),
      actions$.pipe(
        ofType(outboxActions.takenBack),
        // A fact is taken back where it is shown: nothing has to be asked.
        mergeMap(({ entry: { deed } }) => (deed.kind === 'fact' ? [] : askedAgain(deed))),
      ),
      // What became of it, the server knows: it may have been done by somebody else already.
      actions$.pipe(
        ofType(outboxActions.refused, outboxActions.settledElsewhere),
        mergeMap(({ entry: { deed } }) => askedAgain(deed)),
      ),
      actions$.pipe(
        ofType(outboxActions.sent),
        concatLatestFrom(() => store.select(outboxFeature.selectWaiting)),
        mergeMap(([{ answer }, waiting]) => {
          const sent = linkSummary.safeParse(answer);
          const link = sent.success ? asChanged(sent.data, waiting) : null;
          return link ? of(linksActions.stored({ link })) : EMPTY;
        }),
      ),
    ),
  { functional: true },
);

/** What stands of something, as the server has it. */
function askedAgain(deed: Deed): Action[] {
  const about = aboutOf(deed);
  if (about === null) return [];
  return about.of === 'link'
    ? [factsActions.load({ about }), linksActions.reload()]
    : [factsActions.load({ about })];
}

/**
 * A load without an answer says that the server is away, and so does one that this device answered for it; when
 * it is back, loads are done again.
 */
export const noticeAway = createEffect(
  (actions$ = inject(Actions), device = inject(Device)) =>
    merge(
      actions$.pipe(
        ofType(sitesActions.loadFailed, linksActions.loadFailed, factsActions.loadFailed),
        filter(({ refusal }) => refusal.away),
      ),
      toObservable(device.shownAt).pipe(filter((at) => at !== null)),
    ).pipe(map(() => outboxActions.away({}))),
  { functional: true },
);

export const reloadWhenBack = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.back),
      mergeMap(() => [sitesActions.load(), linksActions.reload()]),
    ),
  { functional: true },
);
