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
import * as evidenceEffects from './store/evidence/effects';
import { evidenceFeature } from './store/evidence/evidence';
import * as linksEffects from './store/links/effects';
import { linksFeature } from './store/links/links';
import * as outboxEffects from './store/outbox/effects';
import { outboxFeature } from './store/outbox/outbox';
import { partsFeature } from './store/parts/parts';
import { loadSites, sitesFeature } from './store/sites/sites';

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
      [evidenceFeature.name]: evidenceFeature.reducer,
      [outboxFeature.name]: outboxFeature.reducer,
    }),
    provideEffects({ loadSites }, linksEffects, evidenceEffects, outboxEffects, deviceEffects),
    provideServiceWorker('ngsw-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWhenStable:3000',
    }),
    { provide: MAT_FORM_FIELD_DEFAULT_OPTIONS, useValue: { appearance: 'outline' } },
    provideIcons(),
  ],
};
