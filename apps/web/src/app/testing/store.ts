import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import {
  provideZonelessChangeDetection,
  type EnvironmentProviders,
  type Provider,
} from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { LinkSummary, Part } from '@near-spoke/contract';
import { provideEffects } from '@ngrx/effects';
import { Store, provideStore } from '@ngrx/store';
import { provideIcons } from '../shell/icons';
import { REST } from '../shell/rest';
import * as factsEffects from '../store/facts/effects';
import { factsActions, factsFeature } from '../store/facts/facts';
import * as linksEffects from '../store/links/effects';
import { linksActions, linksFeature } from '../store/links/links';
import * as outboxEffects from '../store/outbox/effects';
import { outboxFeature } from '../store/outbox/outbox';
import { partsFeature } from '../store/parts/parts';
import { sitesActions, sitesFeature } from '../store/sites/sites';
import { emptyDevice } from '../store/device/device-db';
import { SITE_ID, testRow } from './links';

export const settle = () => new Promise((resolve) => setTimeout(resolve, 5));

/** The app's store with its effects, over a server that the test plays. */
export function storeProviders(): (Provider | EnvironmentProviders)[] {
  return [
    provideZonelessChangeDetection(),
    { provide: REST, useValue: { plainMs: 0, stopMs: 0 } },
    provideIcons(),
    provideHttpClient(),
    provideHttpClientTesting(),
    provideRouter([{ path: '**', children: [] }]),
    provideStore({
      [sitesFeature.name]: sitesFeature.reducer,
      [linksFeature.name]: linksFeature.reducer,
      [partsFeature.name]: partsFeature.reducer,
      [factsFeature.name]: factsFeature.reducer,
      [outboxFeature.name]: outboxFeature.reducer,
    }),
    provideEffects(linksEffects, factsEffects, outboxEffects),
  ];
}

/** Answers who asks for a site's list. */
export function flushRows(http: HttpTestingController, links: readonly LinkSummary[]): void {
  http
    .expectOne(({ url }) => url.endsWith('/rows'))
    .flush({ rows: links.map(testRow), next: null, total: links.length });
}

/** Answers who asks for links whole, with nothing done on them. */
export function flushAlong(http: HttpTestingController, links: readonly LinkSummary[]): void {
  for (const { request, flush } of http
    .match(({ url }) => url.endsWith('/along'))
    .map((one) => ({ request: one.request, flush: (body: object) => one.flush(body) }))) {
    const wanted = (request.body as { links: string[] }).links;
    flush({
      links: links
        .filter(({ id }) => wanted.includes(id))
        .map((link) => ({ link, stamp: 0, facts: [] })),
    });
  }
}

/** A site that is open with these links, nothing done on them yet. */
export async function openSite(
  links: readonly LinkSummary[],
  more: readonly (Provider | EnvironmentProviders)[] = [],
  parts: readonly Part[] = [],
) {
  localStorage.clear();
  await emptyDevice();
  // As where the page has been open for a while.
  await Promise.all([import('../store/links/stand'), import('../words/words')]);
  TestBed.configureTestingModule({ providers: [...storeProviders(), ...more] });
  const store = TestBed.inject<Store<Record<string, unknown>>>(Store);
  const http = TestBed.inject(HttpTestingController);
  const site = {
    id: SITE_ID,
    name: 'Berth 4',
    note: '',
    defaultScheme: 'T568B' as const,
    schemeReason: '',
    schools: {},
    units: 'metric' as const,
    version: 1,
    createdAt: '2026-05-04T07:00:00.000Z',
  };
  store.dispatch(sitesActions.loaded({ sites: [site] }));
  store.dispatch(linksActions.open({ siteId: SITE_ID }));
  http.expectOne('/api/parts').flush({ parts });
  flushRows(http, links);
  for (const link of links) {
    store.dispatch(linksActions.opened({ link }));
    store.dispatch(factsActions.loaded({ about: { of: 'link', id: link.id }, facts: [] }));
  }
  await settle();
  return { store, http };
}
