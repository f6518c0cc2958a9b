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
import * as evidenceEffects from '../store/evidence/effects';
import { evidenceActions, evidenceFeature } from '../store/evidence/evidence';
import * as linksEffects from '../store/links/effects';
import { linksActions, linksFeature } from '../store/links/links';
import * as outboxEffects from '../store/outbox/effects';
import { outboxFeature } from '../store/outbox/outbox';
import { partsFeature } from '../store/parts/parts';
import { sitesActions, sitesFeature } from '../store/sites/sites';
import { SITE_ID } from './links';

export const settle = () => new Promise((resolve) => setTimeout(resolve, 5));

/** The app's store with its effects, over a server that the test plays. */
export function storeProviders(): (Provider | EnvironmentProviders)[] {
  return [
    provideZonelessChangeDetection(),
    provideIcons(),
    provideHttpClient(),
    provideHttpClientTesting(),
    provideRouter([{ path: '**', children: [] }]),
    provideStore({
      [sitesFeature.name]: sitesFeature.reducer,
      [linksFeature.name]: linksFeature.reducer,
      [partsFeature.name]: partsFeature.reducer,
      [evidenceFeature.name]: evidenceFeature.reducer,
      [outboxFeature.name]: outboxFeature.reducer,
    }),
    provideEffects(linksEffects, evidenceEffects, outboxEffects),
  ];
}

/** A site that is open with these links, nothing done on them yet. */
export async function openSite(
  links: readonly LinkSummary[],
  more: readonly (Provider | EnvironmentProviders)[] = [],
  parts: readonly Part[] = [],
) {
  localStorage.clear();
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
  http.expectOne(`/api/sites/${SITE_ID}/links`).flush({ links });
  for (const { id } of links)
    store.dispatch(evidenceActions.loaded({ linkId: id, ticks: [], readings: [], tests: [] }));
  await settle();
  return { store, http };
}
