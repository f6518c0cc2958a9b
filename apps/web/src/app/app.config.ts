import { provideHttpClient, withFetch, withInterceptors } from '@angular/common/http';
import {
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
} from '@angular/core';
import { MAT_FORM_FIELD_DEFAULT_OPTIONS } from '@angular/material/form-field';
import {
  provideRouter,
  withComponentInputBinding,
  withNavigationErrorHandler,
  withRouterConfig,
} from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideEffects } from '@ngrx/effects';
import { provideStore } from '@ngrx/store';
import { routes } from './app.routes';
import { provideIcons } from './shell/icons';
import { ownRequests } from './store/api/own-requests';
import * as deviceEffects from './store/device/effects';
import { keepAnswers } from './store/device/keep-answers';
import * as factsEffects from './store/facts/effects';
import { factsFeature } from './store/facts/facts';
import * as linksEffects from './store/links/effects';
import { linksFeature } from './store/links/links';
import * as outboxEffects from './store/outbox/effects';
import { outboxFeature } from './store/outbox/outbox';
import { partsFeature } from './store/parts/parts';
import { keepSentSites, loadSites, reloadRefusedSites, sitesFeature } from './store/sites/sites';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideZonelessChangeDetection(),
    provideHttpClient(withFetch(), withInterceptors([keepAnswers, ownRequests])),
    provideRouter(
      routes,
      withComponentInputBinding(),
      withRouterConfig({
        paramsInheritanceStrategy: 'always',
        resolveNavigationPromiseOnError: true,
      }),
      // A page that can’t be opened is told (see Opening); the one that is open stays.
      withNavigationErrorHandler(() => undefined),
    ),
    provideStore({
      [sitesFeature.name]: sitesFeature.reducer,
      [linksFeature.name]: linksFeature.reducer,
      [partsFeature.name]: partsFeature.reducer,
      [factsFeature.name]: factsFeature.reducer,
      [outboxFeature.name]: outboxFeature.reducer,
    }),
    provideEffects(
      { loadSites, keepSentSites, reloadRefusedSites },
      linksEffects,
      factsEffects,
      outboxEffects,
      deviceEffects,
    ),
    provideServiceWorker('ngsw-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWhenStable:3000',
    }),
    { provide: MAT_FORM_FIELD_DEFAULT_OPTIONS, useValue: { appearance: 'outline' } },
    provideIcons(),
  ],
};
