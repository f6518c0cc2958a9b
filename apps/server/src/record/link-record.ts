import type { Link, LinkRecord, Site } from '@near-spoke/contract';
import type { CableFact } from '@near-spoke/contract/reflect';
import type { End, Job } from '@near-spoke/core/link';
import { diagnosisNow, summariseLink, taskOf } from '@near-spoke/core/record';
import { planTermination } from '@near-spoke/core/terminate';
import { ofDeed } from '@near-spoke/core/link';
import { told, type LanguageId, type Tell } from '@near-spoke/words';
import type { Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { evidenceOf } from '../links/evidence';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { teller } from '../words/teller';

/** What the records of a site's links share. */
export interface Recording {
  readonly site: Site;
  readonly job: Job;
  /** What was measured of the site's cables. */
  readonly cables: readonly CableFact[];
  readonly tell: Tell;
}

export async function recordingOf(
  db: Database,
  site: Site,
  language: LanguageId,
): Promise<Recording> {
  return {
    site,
    job: await jobOf(db, site),
    cables: await listFacts(db, 'cable', site.id),
    tell: teller(language, site.units),
  };
}

/** Everything known of one link, as it stands now. */
export async function linkRecord(
  db: Database,
  id: string,
  language: LanguageId,
): Promise<LinkRecord> {
  const link = await getLink(db, id);
  const recording = await recordingOf(db, await getSite(db, link.siteId), language);
  const [record] = await recordsOf(db, [link], recording);
  if (!record) throw new Error('A link without a record');
  return record;
}

/** The same of some links of a site, in their order. */
export async function recordsOf(
  db: Database,
  links: readonly Link[],
  { site, job, cables, tell }: Recording,
): Promise<LinkRecord[]> {
  const evidence = await evidenceOf(
    db,
    links.map(({ id }) => id),
  );
  const writtenAt = new Date().toISOString();
  return links.map((link) => {
    const known = evidence(link.id);
    const { ticks, readings, tests } = known;
    const latest = readings.at(-1) ?? null;
    const plan = (end: End) => told(planTermination(taskOf(link, end, job), job.catalogue), tell);
    return {
      site,
      link: told(summariseLink(link, ticks, { reading: latest, tests }, job), tell),
      plans: { near: plan('near'), far: plan('far') },
      ...known,
      places: ofDeed(cables, 'place').filter(({ linkId }) => linkId === link.id),
      diagnosis: latest ? told(diagnosisNow(link, latest, job), tell) : null,
      writtenAt,
    };
  });
}
