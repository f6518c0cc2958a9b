import { inject } from '@angular/core';
import { partEndpoints, linkEndpoints, type LinkRow, type LinkSummary } from '@near-spoke/contract';
import type { Job } from '@near-spoke/core/link';
import { summariseLink } from '@near-spoke/core/record';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatLatestFrom } from '@ngrx/operators';
import { Store, type Action } from '@ngrx/store';
import { catchError, concat, defer, filter, from, map, of, switchMap, type Observable } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { changedLinks } from '../device/kept-links';
import { Device } from '../device/device';
import { evidenceActions, evidenceFeature, factsOf, testedBy } from '../evidence/evidence';
import { fresh } from '../fresh';
import { selectJob } from '../job';
import { outboxActions, outboxFeature } from '../outbox/outbox';
import { madeHere } from '../outbox/waiting-links';
import { partsActions } from '../parts/parts';
import { linksActions, linksFeature } from './links';

/** The parts first: links may name them. Then the rows, page by page: the first are shown at once. */
export const loadLinks = createEffect(
  (actions$ = inject(Actions), store = inject(Store), api = inject(Api), device = inject(Device)) =>
    actions$.pipe(
      ofType(linksActions.open, linksActions.reload),
      concatLatestFrom(() => store.select(linksFeature.selectSiteId)),
      filter(([, siteId]) => siteId !== ''),
      switchMap(([, siteId]) => {
        const changed = actions$.pipe(
          ofType(linksActions.stored, linksActions.removed, outboxActions.sent),
        );
        return concat(
          fresh(() => api.call(partEndpoints.list, {}), changed).pipe(
            map(({ parts }) => partsActions.loaded({ parts })),
          ),
          page(api, device, siteId, null, changed),
        ).pipe(catchError((refusal: Refusal) => of(linksActions.loadFailed({ refusal }))));
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
  (actions$ = inject(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(evidenceActions.loaded, evidenceActions.added, evidenceActions.takenBack),
      concatLatestFrom(() => [
        store.select(linksFeature.selectOpened),
        store.select(evidenceFeature.selectEvidenceState),
        store.select(selectJob),
      ]),
      map(([{ type, linkId }, entities, evidence, job]) => {
        const link = entities[linkId];
        const facts = factsOf(evidence, linkId);
        if (!link || evidence.loading[linkId] !== 'done' || !isNamed(link, job)) return null;
        const stands = summariseLink(link, facts.ticks, testedBy(facts), job);
        return type === evidenceActions.loaded.type
          ? linksActions.opened({ link: stands })
          : linksActions.stored({ link: stands });
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
  (actions$ = inject(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(linksActions.loaded),
      filter(({ last }) => last),
      concatLatestFrom(() => [store.select(outboxFeature.selectWaiting), store.select(selectJob)]),
      switchMap(([{ siteId }, waiting, job]) =>
        waiting.flatMap(({ deed }): Action[] => {
          if (deed.kind === 'link-new' && deed.siteId === siteId)
            return [linksActions.opened({ link: madeHere(deed, job) })];
          if (deed.kind === 'link-change') return [evidenceActions.load({ linkId: deed.linkId })];
          return deed.kind === 'link-away' ? [linksActions.removed({ linkId: deed.linkId })] : [];
        }),
      ),
    ),
  { functional: true },
);

/** What is shown from this device is read again when the server is back. */
export const readAgain = createEffect(
  (actions$ = inject(Actions), store = inject(Store)) =>
    actions$.pipe(
      ofType(outboxActions.back),
      concatLatestFrom(() => store.select(evidenceFeature.selectEvidenceState)),
      switchMap(([, { loading }]) =>
        from(
          Object.keys(loading)
            .filter((linkId) => loading[linkId] !== 'now')
            .map((linkId) => evidenceActions.load({ linkId })),
        ),
      ),
    ),
  { functional: true },
);
