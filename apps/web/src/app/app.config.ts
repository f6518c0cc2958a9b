import { provideHttpClient, withFetch } from '@angular/common/http';
import {
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
} from '@angular/core';
import { MAT_FORM_FIELD_DEFAULT_OPTIONS } from '@angular/material/form-field';
import { provideRouter, withComponentInputBinding, withRouterConfig } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideStore } from '@ngrx/store';
import { routes } from './app.routes';
import { provideIcons } from './shell/icons';
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
    provideHttpClient(withFetch()),
    provideRouter(
      routes,
      withComponentInputBinding(),
      withRouterConfig({ paramsInheritanceStrategy: 'always' }),
    ),
    provideStore({
      [sitesFeature.name]: sitesFeature.reducer,
      [linksFeature.name]: linksFeature.reducer,
      [partsFeature.name]: partsFeature.reducer,
      [evidenceFeature.name]: evidenceFeature.reducer,
      [outboxFeature.name]: outboxFeature.reducer,
    }),
    provideEffects({ loadSites }, linksEffects, evidenceEffects, outboxEffects),
    { provide: MAT_FORM_FIELD_DEFAULT_OPTIONS, useValue: { appearance: 'outline' } },
    provideIcons(),
  ],
};
