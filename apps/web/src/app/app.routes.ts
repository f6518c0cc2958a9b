import { inject } from '@angular/core';
import { Router, type Routes } from '@angular/router';
import { LastSite } from './shell/last-site';

/** The last site that was open, or the list of sites. */
const home = () => {
  const last = inject(LastSite).id();
  return inject(Router).parseUrl(last ? `/sites/${last}` : '/sites');
};

export const routes: Routes = [
  { path: '', pathMatch: 'full', canActivate: [home], children: [] },
  {
    path: 'sites',
    pathMatch: 'full',
    title: 'Sites · Near Spoke',
    loadComponent: () => import('./site/sites-page').then((m) => m.SitesPage),
  },
  {
    path: 'l/:linkId',
    title: 'A label · Near Spoke',
    loadComponent: () => import('./labels/label-page').then((m) => m.LabelPage),
  },
  {
    path: 'sites/:siteId',
    loadComponent: () => import('./shell/frame').then((m) => m.Frame),
    children: [
      {
        path: '',
        pathMatch: 'full',
        loadComponent: () => import('./site/overview-page').then((m) => m.OverviewPage),
      },
      {
        path: 'import',
        title: 'Import a schedule · Near Spoke',
        loadComponent: () => import('./site/import-page').then((m) => m.ImportPage),
      },
      {
        path: 'settings',
        title: 'Site settings · Near Spoke',
        loadComponent: () => import('./site/settings-page').then((m) => m.SettingsPage),
      },
      {
        path: 'batch',
        title: 'Many ends alike · Near Spoke',
        loadComponent: () => import('./batch/batch-page').then((m) => m.BatchPage),
      },
      {
        path: 'kit',
        title: 'Parts and tools · Near Spoke',
        loadComponent: () => import('./kit/kit-page').then((m) => m.KitPage),
      },
      {
        path: 'floor',
        title: 'Floor plan · Near Spoke',
        loadComponent: () => import('./floor/floor-page').then((m) => m.FloorPage),
      },
      {
        path: 'cuts',
        title: 'Cuts · Near Spoke',
        loadComponent: () => import('./cuts/cuts-page').then((m) => m.CutsPage),
      },
      {
        path: 'reels',
        title: 'Reels · Near Spoke',
        loadComponent: () => import('./cuts/reels-page').then((m) => m.ReelsPage),
      },
      {
        path: 'costs',
        title: 'Costs · Near Spoke',
        loadComponent: () => import('./costs/costs-page').then((m) => m.CostsPage),
      },
      {
        path: 'history',
        title: 'History · Near Spoke',
        loadComponent: () => import('./history/history-page').then((m) => m.HistoryPage),
      },
      {
        path: 'handover',
        title: 'Handover · Near Spoke',
        loadComponent: () => import('./handover/handover-page').then((m) => m.HandoverPage),
      },
      {
        path: 'labels',
        title: 'Labels · Near Spoke',
        loadComponent: () => import('./labels/labels-page').then((m) => m.LabelsPage),
      },
      {
        path: 'scan',
        title: 'Scan a label · Near Spoke',
        loadComponent: () => import('./labels/scan-page').then((m) => m.ScanPage),
      },
      {
        path: 'day',
        title: 'Day · Near Spoke',
        loadComponent: () => import('./day/day-page').then((m) => m.DayPage),
      },
      {
        path: 'template',
        title: 'Strip template · Near Spoke',
        loadComponent: () => import('./terminate/template-page').then((m) => m.TemplatePage),
      },
      {
        path: 'catalogue',
        title: 'Catalogue · Near Spoke',
        loadComponent: () => import('./catalogue/catalogue-page').then((m) => m.CataloguePage),
      },
      {
        path: 'catalogue/:partId',
        title: 'Catalogue · Near Spoke',
        loadComponent: () => import('./catalogue/catalogue-page').then((m) => m.CataloguePage),
      },
      {
        path: 'catalogue/:partId/:mode',
        title: 'A part of your own · Near Spoke',
        loadComponent: () => import('./catalogue/part-form-page').then((m) => m.PartFormPage),
      },
      {
        path: 'cords',
        loadChildren: () => import('./verify/routes').then((m) => m.CORD_ROUTES),
      },
      {
        path: 'lamp-tester',
        title: 'Lamp tester · Near Spoke',
        loadComponent: () =>
          import('./verify/lamp-tester/lamp-tester-page').then((m) => m.LampTesterPage),
      },
      {
        path: 'adapters',
        loadChildren: () => import('./map/routes').then((m) => m.LIBRARY_ROUTES),
      },
      {
        path: 'links/new',
        title: 'New link · Near Spoke',
        loadComponent: () => import('./site/link-form-page').then((m) => m.LinkFormPage),
      },
      {
        path: 'links/:linkId/edit',
        title: 'Change a link · Near Spoke',
        loadComponent: () => import('./site/link-form-page').then((m) => m.LinkFormPage),
      },
      {
        path: 'links/:linkId',
        loadComponent: () => import('./link/link-frame').then((m) => m.LinkFrame),
        children: [
          { path: '', pathMatch: 'full', redirectTo: 'terminate' },
          {
            path: 'terminate',
            loadComponent: () => import('./terminate/terminate-page').then((m) => m.TerminatePage),
          },
          {
            path: 'map',
            loadChildren: () => import('./map/routes').then((m) => m.STAGE_ROUTES),
          },
          {
            path: 'verify',
            loadChildren: () => import('./verify/routes').then((m) => m.STAGE_ROUTES),
          },
          {
            path: 'reflect',
            loadChildren: () => import('./reflect/routes').then((m) => m.STAGE_ROUTES),
          },
          {
            path: 'record',
            loadChildren: () => import('./record/routes').then((m) => m.STAGE_ROUTES),
          },
        ],
      },
    ],
  },
  {
    path: '**',
    title: 'Not found · Near Spoke',
    loadComponent: () => import('./shell/lost-page').then((m) => m.LostPage),
  },
];
