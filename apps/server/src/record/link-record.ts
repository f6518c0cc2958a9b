import type { LinkRecord } from '@near-spoke/contract';
import { diagnosisNow, summariseLink, taskOf } from '@near-spoke/core/record';
import { planTermination } from '@near-spoke/core/terminate';
import { standingFacts } from '@near-spoke/core/reflect/velocity';
import { listCableFacts } from '../cables/repository';
import type { Database } from '../db/database';
import { voidedOfLinks } from '../facts/voids';
import { getLink } from '../links/repository';
import { listReadings } from '../readings/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { listTests } from '../tests/repository';
import { listTicks } from '../ticks/repository';

/** Everything known of one link, as it stands now. */
export async function linkRecord(db: Database, id: string): Promise<LinkRecord> {
  const link = await getLink(db, id);
  const [site, ticks, readings, tests, voided] = await Promise.all([
    getSite(db, link.siteId),
    listTicks(db, id),
    listReadings(db, id),
    listTests(db, id),
    voidedOfLinks(db, [id]),
  ]);
  const cables = await listCableFacts(db, site.id);
  const latest = readings.at(-1) ?? null;
  const job = await jobOf(db, site);
  const plan = (end: 'near' | 'far') => planTermination(taskOf(link, end, job), job.catalogue);
  return {
    site,
    link: summariseLink(link, ticks, { reading: latest, tests }, job),
    plans: { near: plan('near'), far: plan('far') },
    ticks,
    readings,
    tests,
    voided: voided.get(id) ?? [],
    places: standingFacts(cables, 'place').filter(({ linkId }) => linkId === id),
    diagnosis: latest ? diagnosisNow(link, latest, job) : null,
    writtenAt: new Date().toISOString(),
  };
}
