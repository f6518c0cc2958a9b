import { Injector, inject } from '@angular/core';
import {
  part,
  partEndpoints,
  linkEndpoints,
  type LinkRow,
  type LinkSummary,
} from '@near-spoke/contract';
import type { Job } from '@near-spoke/core/link';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store, type Action } from '@ngrx/store';
import {
  EMPTY,
  catchError,
  concat,
  concatMap,
  defer,
  filter,
  map,
  merge,
  of,
  shareReplay,
  switchMap,
  type Observable,
} from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { changedLinks } from '../device/kept-links';
import { Device } from '../device/device';
import { evidenceOf, factsActions, factsFeature, loadingOf } from '../facts/facts';
import type { About } from '../facts/kept';
import { fresh } from '../fresh';
import { selectJob } from '../job';
import { outboxActions, outboxFeature } from '../outbox/outbox';
import { partsActions } from '../parts/parts';
import { linksActions, linksFeature } from './links';

/** Loaded once: from then on it is there at once, with the server or without. */
const stand$ = defer(() => Promise.all([import('./stand'), import('../../words/words')])).pipe(
  map(([core, { Words }]) => ({ core, Words })),
  shareReplay(1),
);

/** Something, with what works out where links stand; nothing where that can't be had now. */
const withStand = <T extends object>(something: T, injector: Injector) =>
  stand$.pipe(
    map(({ core, Words }) => ({ ...something, core, tell: injector.get(Words).in('metric') })),
    catchError(() => EMPTY),
  );

/** The parts first: links may name them. Then the rows, page by page: the first are shown at once. */
export const loadLinks = createEffect(
  (actions$ = inject(Actions), store = inject(Store), api = inject(Api), device = inject(Device)) =>
    actions$.pipe(
      ofType(linksActions.open, linksActions.reload),
      concatLatestFrom(() => [
        store.select(linksFeature.selectSiteId),
        store.select(outboxFeature.selectWaiting),
      ]),
      filter(([, siteId]) => siteId !== ''),
      switchMap(([, siteId, waiting]) => {
        stand$.pipe(catchError(() => EMPTY)).subscribe();
        const changed = actions$.pipe(
          ofType(linksActions.stored, linksActions.removed, outboxActions.sent),
        );
        return concat(
          fresh(() => api.call(partEndpoints.list, {}), changed).pipe(
            map(({ parts }) => partsActions.loaded({ parts })),
          ),
          waiting.some(({ deed }) => deed.kind === 'make' && deed.id === siteId)
            ? of(NO_ROWS(siteId))
            : page(api, device, siteId, null, changed),
        ).pipe(catchError((refusal: Refusal) => of(linksActions.loadFailed({ refusal }))));
      }),
    ),
  { functional: true },
);

/** A site that waits to be made has no links at the server yet. */
const NO_ROWS = (siteId: string): Action =>
  linksActions.loaded({ siteId, rows: [], total: 0, first: true, last: true });

/** What was read before it changed, or before its site was there, is read again. */
export const rereadSent = createEffect(
  (actions$ = inject(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(outboxActions.sent, outboxActions.refused),
      concatLatestFrom(() => store.select(linksFeature.selectSiteId)),
      filter(([{ entry }, siteId]) => {
        const { deed } = entry;
        return (
          deed.kind !== 'fact' &&
          (deed.of === 'part' || (deed.kind === 'make' && deed.of === 'site' && deed.id === siteId))
        );
      }),
      map(() => linksActions.reload()),
    ),
  { functional: true },
);

/** What the server took of a part becomes what it keeps. */
export const keepSentParts = createEffect(
  (actions$ = inject(Actions)) =>
    actions$.pipe(
      ofType(outboxActions.sent),
      switchMap(({ entry: { deed }, answer }) => {
        if (deed.kind === 'fact' || deed.of !== 'part') return [];
        const stored = part.safeParse(answer);
        return stored.success ? [partsActions.stored({ part: stored.data })] : [];
      }),
    ),
  { functional: true },
);

/** A page of the list, and those after it. */
const page = (
  api: Api,
  device: Device,
  siteId: string,
  after: string | null,
  changed: Observable<unknown>,
): Observable<Action> =>
  fresh(
    () => api.call(linkEndpoints.rows, { id: siteId, query: { after: after ?? undefined } }),
    changed,
  ).pipe(
    switchMap(async (answer) => ({
      ...answer,
      rows: device.shownAt() === null ? answer.rows : await asChanged(siteId, answer.rows),
    })),
    switchMap(({ rows, next, total }) =>
      concat(
        of(
          linksActions.loaded({ siteId, rows, total, first: after === null, last: next === null }),
        ),
        next === null ? [] : defer(() => page(api, device, siteId, next, changed)),
      ),
    ),
  );

/** A list from this device is older than what was changed on it since: that counts more. */
async function asChanged(siteId: string, rows: readonly LinkRow[]): Promise<LinkRow[]> {
  const changed = new Map((await changedLinks(siteId)).map((kept) => [kept.id, kept]));
  return rows.flatMap((row) => {
    const kept = changed.get(row.id);
    if (!kept) return [row];
    return kept.gone ? [] : [{ ...row, ...kept.along.link, stamp: row.stamp }];
  });
}

/** A link stands anew, at once, when a fact about it is added here: the list need not ask the server. */
export const restandLink = createEffect(
  (actions$ = inject(Actions), store = inject(Store), injector = inject(Injector)) =>
    merge(
      actions$.pipe(
        ofType(factsActions.loaded),
        map(({ about }) => ({ about, restood: false })),
      ),
      actions$.pipe(
        ofType(factsActions.added, factsActions.takenBack),
        map(({ kept: { about } }) => ({ about, restood: true })),
      ),
    ).pipe(
      filter(({ about }) => about.of === 'link'),
      concatMap((added) => withStand(added, injector)),
      concatLatestFrom(() => [
        store.select(linksFeature.selectOpened),
        store.select(factsFeature.selectFactsState),
        store.select(selectJob),
      ]),
      map(([{ about, restood, core, tell }, entities, known, job]) => {
        const link = entities[about.id];
        if (!link || loadingOf(known, about.id) !== 'done' || !isNamed(link, job)) return null;
        const facts = evidenceOf(known, about.id);
        const stands = core.standing(link, facts, job, tell);
        return restood
          ? linksActions.stored({ link: stands })
          : linksActions.opened({ link: stands });
      }),
      filter((action) => action !== null),
    ),
  { functional: true },
);

/** Whether all parts of a link are here: one that names a part which is still on its way stands as the server said. */
const isNamed = ({ cable, near, far }: LinkSummary, { catalogue }: Job): boolean =>
  catalogue.findCable(cable) !== undefined &&
  [near, far].every(({ connector }) => catalogue.findConnector(connector) !== undefined);

/** Links that wait here to be made or changed stand in the list from the moment that it is there. */
export const showWaiting = createEffect(
  (actions$ = inject(Actions), store = inject(Store), injector = inject(Injector)) =>
    actions$.pipe(
      ofType(linksActions.loaded),
      filter(({ last }) => last),
      switchMap((page) => withStand(page, injector)),
      concatLatestFrom(() => [store.select(outboxFeature.selectWaiting), store.select(selectJob)]),
      switchMap(([{ siteId, core, tell }, waiting, job]) =>
        waiting.flatMap(({ deed }): Action[] => {
          if (deed.kind === 'fact' || deed.of !== 'link') return [];
          if (deed.kind === 'make')
            return deed.siteId === siteId
              ? [linksActions.opened({ link: core.madeHere(deed, job, tell) })]
              : [];
          const about: About = { of: 'link', id: deed.id };
          if (deed.kind === 'change') return [factsActions.load({ about })];
          return deed.kind === 'away' ? [linksActions.removed({ linkId: deed.id })] : [];
        }),
      ),
    ),
  { functional: true },
);
