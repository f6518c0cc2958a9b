import type { Routes } from '@angular/router';
import { provideAdapters } from '../store/adapters/provide';
import { AdapterFormPage } from './adapter-form-page';
import { AdapterPage } from './adapter-page';
import { AdaptersPage } from './adapters-page';
import { MapPage } from './map-page';

/** The Map stage of a link. */
export const STAGE_ROUTES: Routes = [
  { path: '', providers: provideAdapters(), component: MapPage },
];

/** The firm's adapters. */
export const LIBRARY_ROUTES: Routes = [
  {
    path: '',
    providers: provideAdapters(),
    children: [
      { path: '', pathMatch: 'full', title: 'Adapters · Near Spoke', component: AdaptersPage },
      { path: 'new', title: 'New adapter · Near Spoke', component: AdapterFormPage },
      { path: ':adapterId', component: AdapterPage },
      {
        path: ':adapterId/edit',
        title: 'Change an adapter · Near Spoke',
        component: AdapterFormPage,
      },
    ],
  },
];
