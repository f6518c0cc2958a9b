import type { LinkRecord } from '@near-spoke/contract';
import type { End } from '@near-spoke/core/link';
import { diagnosisNow, summariseLink, taskOf } from '@near-spoke/core/record';
import { planTermination } from '@near-spoke/core/terminate';
import { ofDeed } from '@near-spoke/core/reflect/velocity';
import { told, type LanguageId } from '@near-spoke/words';
import type { Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { evidenceOf } from '../links/evidence';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { teller } from '../words/teller';

/** Everything known of one link, as it stands now. */
export async function linkRecord(
  db: Database,
  id: string,
  language: LanguageId,
): Promise<LinkRecord> {
  const link = await getLink(db, id);
  const site = await getSite(db, link.siteId);
  const evidence = (await evidenceOf(db, [id]))(id);
  const { ticks, readings, tests } = evidence;
  const cables = await listFacts(db, 'cable', site.id);
  const latest = readings.at(-1) ?? null;
  const job = await jobOf(db, site);
  const tell = teller(language, site.units);
  const plan = (end: End) => told(planTermination(taskOf(link, end, job), job.catalogue), tell);
  return {
    site,
    link: told(summariseLink(link, ticks, { reading: latest, tests }, job), tell),
    plans: { near: plan('near'), far: plan('far') },
    ...evidence,
    places: ofDeed(cables, 'place').filter(({ linkId }) => linkId === id),
    diagnosis: latest ? told(diagnosisNow(link, latest, job), tell) : null,
    writtenAt: new Date().toISOString(),
  };
}
