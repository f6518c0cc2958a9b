import type { Routes } from '@angular/router';

/** The Reflect stage of a link. */
export const STAGE_ROUTES: Routes = [
  {
    path: '',
    loadComponent: () => import('./reflect-stage').then((m) => m.ReflectStage),
    children: [
      {
        path: '',
        pathMatch: 'full',
        loadComponent: () => import('./trace/trace-page').then((m) => m.TracePage),
      },
      {
        path: 'simulate',
        loadComponent: () => import('./simulate/simulate-page').then((m) => m.SimulatePage),
      },
      {
        path: 'velocity',
        loadComponent: () => import('./velocity/velocity-page').then((m) => m.VelocityPage),
      },
      {
        path: 'reel',
        loadComponent: () => import('./velocity/reel-page').then((m) => m.ReelPage),
      },
      {
        path: 'setup',
        loadComponent: () => import('./setup/setup-page').then((m) => m.SetupPage),
      },
    ],
  },
];
