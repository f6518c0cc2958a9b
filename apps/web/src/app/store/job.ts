import type { Job } from '@near-spoke/core/link';
import { createSelector } from '@ngrx/store';
import { linksFeature } from './links/links';
import { partsFeature } from './parts/parts';
import { sitesFeature } from './sites/sites';

/** What the links of the open site share. */
export const selectJob = createSelector(
  partsFeature.selectCatalogue,
  createSelector(
    sitesFeature.selectEntities,
    linksFeature.selectSiteId,
    (sites, siteId) => sites[siteId],
  ),
  (catalogue, site): Job => ({
    catalogue,
    schools: site?.schools ?? {},
    units: site?.units ?? 'metric',
  }),
);
