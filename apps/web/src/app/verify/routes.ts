import type { Routes } from '@angular/router';
import { provideCords } from '../store/cords/provide';

/** The Verify stage of a link. */
export const STAGE_ROUTES: Routes = [
  {
    path: '',
    loadComponent: () => import('./verify-stage').then((m) => m.VerifyStage),
    children: [
      {
        path: '',
        pathMatch: 'full',
        loadComponent: () => import('./verify-page').then((m) => m.VerifyPage),
      },
      {
        path: 'blind-spots',
        loadComponent: () => import('./blind-spots/blind-spots-page').then((m) => m.BlindSpotsPage),
      },
      {
        path: 'ohms',
        loadComponent: () => import('./ohms/ohms-page').then((m) => m.OhmsPage),
      },
      {
        path: 'limits',
        loadComponent: () => import('./limits/limits-page').then((m) => m.LimitsPage),
      },
      {
        path: 'loss',
        loadComponent: () => import('./coax/loss-page').then((m) => m.LossPage),
      },
      {
        path: 'line',
        loadComponent: () => import('./line/line-page').then((m) => m.LinePage),
      },
    ],
  },
];

/** Batches of cords, of a site. */
export const CORD_ROUTES: Routes = [
  {
    path: '',
    providers: provideCords(),
    children: [
      {
        path: '',
        pathMatch: 'full',
        title: 'Cords · Near Spoke',
        loadComponent: () => import('./cords/cords-page').then((m) => m.CordsPage),
      },
      {
        path: ':batchId',
        title: 'Cords · Near Spoke',
        loadComponent: () => import('./cords/cord-bench').then((m) => m.CordBench),
      },
    ],
  },
];
