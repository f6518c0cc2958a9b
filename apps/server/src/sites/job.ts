import type { Site } from '@near-spoke/contract';
import type { Job } from '@near-spoke/core/link';
import type { Database } from '../db/database';
import { loadCatalogue } from '../parts/repository';

/** What the links of a site share. */
export async function jobOf(db: Database, site: Pick<Site, 'schools' | 'units'>): Promise<Job> {
  return { catalogue: await loadCatalogue(db), schools: site.schools, units: site.units };
}
