import { inject } from '@angular/core';
import { linkSummary } from '@near-spoke/contract';
import { Actions, ROOT_EFFECTS_INIT, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store, type Action } from '@ngrx/store';
import {
  EMPTY,
  exhaustMap,
  filter,
  firstValueFrom,
  from,
  map,
  merge,
  mergeMap,
  fromEvent,
  interval,
  of,
  tap,
} from 'rxjs';
import { Api, isRefusal } from '../api/api';
import { evidenceActions } from '../evidence/evidence';
import { linksActions } from '../links/links';
import { sitesActions } from '../sites/sites';
import { linkIdOf, sendingOf, type Entry } from './deed';
import { dropEntry, keepEntry, recallEntries } from './keep-entries';
import { nextToSend, outboxActions, outboxFeature } from './outbox';

const LOOK_EVERY_MS = 1000;

export const recall = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(ROOT_EFFECTS_INIT),
      map(() => outboxActions.recalled({ entries: recallEntries() })),
    ),
  { functional: true },
);

export const keep = createEffect(
  (actions$ = inject(Actions)) =>
    merge(
      actions$.pipe(
        ofType(outboxActions.queued),
        tap(({ entry }) => keepEntry(entry)),
      ),
      actions$.pipe(
        ofType(outboxActions.refused),
        tap(({ entry, problem }) => keepEntry({ ...entry, refused: problem })),
      ),
      actions$.pipe(
        ofType(outboxActions.sent, outboxActions.takenBack),
        tap(({ entry }) => dropEntry(entry.id)),
      ),
      actions$.pipe(
        ofType(outboxActions.dismissed),
        tap(({ id }) => dropEntry(id)),
      ),
    ),
  { functional: true, dispatch: false },
);

/** Looks again now and then, and when the network comes back, while something waits or is away. */
export const wake = createEffect(
  (store = inject(Store)) =>
    merge(interval(LOOK_EVERY_MS), fromEvent(window, 'online')).pipe(
      concatLatestFrom(() => store.select(outboxFeature.selectOutboxState)),
      filter(([, state]) => state.away || state.ids.length > 0),
      map(() => outboxActions.wake()),
    ),
  { functional: true },
);

export const send = createEffect(
  (actions$ = inject(Actions), store = inject<Store>(Store), api = inject(Api)) =>
    actions$.pipe(
      ofType(
        outboxActions.recalled,
        outboxActions.queued,
        outboxActions.wake,
        outboxActions.release,
      ),
      exhaustMap(() => from(sendWaiting(store, api))),
    ),
  { functional: true },
);

/** Sends what waits, one after the other, until nothing may be sent or no answer comes. */
async function* sendWaiting(store: Store, api: Api): AsyncGenerator<Action> {
  const away = await firstValueFrom(store.select(outboxFeature.selectAway));
  for (let entry = await next(store); entry; entry = await next(store)) {
    const { method, path, body } = sendingOf(entry.deed);
    try {
      const answer = await firstValueFrom(api.send(method, path, body), { defaultValue: null });
      yield outboxActions.sent({ entry, answer });
    } catch (error) {
      if (isRefusal(error) && !error.away) {
        yield outboxActions.refused({ entry, problem: error.problem });
        continue;
      }
      yield outboxActions.away();
      return;
    }
  }
  if (!away) return;
  try {
    await firstValueFrom(api.health());
    yield outboxActions.back();
  } catch {
    yield outboxActions.away();
  }
}

async function next(store: Store): Promise<Entry | null> {
  return nextToSend(await firstValueFrom(store.select(outboxFeature.selectAll)), Date.now());
}

/** What waits here is shown as done, also after a reload; what was taken back or refused is not. */
export const mirror = createEffect(
  (actions$ = inject(Actions)) =>
    merge(
      actions$.pipe(
        ofType(outboxActions.queued),
        mergeMap(({ entry }) => from(shown(entry))),
      ),
      actions$.pipe(
        ofType(outboxActions.takenBack, outboxActions.refused),
        mergeMap(({ entry: { deed } }): Action[] => {
          if (deed.kind === 'tick')
            return [evidenceActions.takenBack({ linkId: deed.linkId, id: deed.tick.id })];
          if (deed.kind === 'reading')
            return [evidenceActions.takenBack({ linkId: deed.linkId, id: deed.reading.id })];
          if (deed.kind === 'test')
            return [evidenceActions.takenBack({ linkId: deed.linkId, id: deed.test.id })];
          return linkIdOf(deed) === null ? [] : [linksActions.reload()];
        }),
      ),
      actions$.pipe(
        ofType(outboxActions.sent),
        mergeMap(({ answer }) => {
          const link = linkSummary.safeParse(answer);
          return link.success ? of(linksActions.stored({ link: link.data })) : EMPTY;
        }),
      ),
    ),
  { functional: true },
);

/** Facts that wait here belong to a link's evidence from the moment that it is loaded. */
export const mirrorRecalled = createEffect(
  (actions$ = inject(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(evidenceActions.loaded),
      concatLatestFrom(() => store.select(outboxFeature.selectWaiting)),
      mergeMap(([{ linkId }, waiting]) =>
        from(waiting.filter(({ deed }) => linkIdOf(deed) === linkId).flatMap(shown)),
      ),
    ),
  { functional: true },
);

function shown({ deed }: Entry): Action[] {
  if (deed.kind === 'tick') {
    const { linkId, tick } = deed;
    return [evidenceActions.added({ linkId, fact: { kind: 'tick', tick } })];
  }
  if (deed.kind === 'reading') {
    const { linkId, reading } = deed;
    return [evidenceActions.added({ linkId, fact: { kind: 'reading', reading } })];
  }
  if (deed.kind === 'test') {
    const { linkId, test } = deed;
    return [evidenceActions.added({ linkId, fact: { kind: 'test', test } })];
  }
  return deed.kind === 'link-away' ? [linksActions.removed({ linkId: deed.linkId })] : [];
}

/** A load without an answer says that the server is away; when it is back, loads are done again. */
export const noticeAway = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(sitesActions.loadFailed, linksActions.loadFailed, evidenceActions.loadFailed),
      filter(({ refusal }) => refusal.away),
      map(() => outboxActions.away()),
    ),
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
