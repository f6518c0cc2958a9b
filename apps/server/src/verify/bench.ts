import type { explainRequest } from '@near-spoke/contract/diagnosis';
import { fourPairWiring } from '@near-spoke/core/link';
import { benchOf, plainBench, type Bench, type CableFacts } from '@near-spoke/core/verify/explain';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';

type LinkOrInline = z.output<typeof explainRequest>['link'];

/** The link that a request names or describes, with what is known of its cable. */
export async function benchFor(
  db: Database,
  link: LinkOrInline,
  temperatureC: number,
): Promise<{ readonly bench: Bench; readonly facts: CableFacts }> {
  if (typeof link !== 'string') {
    const { scheme, shielded, lengthM, gaugeAwg } = link;
    const ends = typeof scheme === 'string' ? { near: scheme, far: scheme } : scheme;
    const facts = { lengthM, gaugeAwg, temperatureC };
    return { facts, bench: plainBench(fourPairWiring(ends.near, ends.far, shielded), facts) };
  }
  const kept = await getLink(db, link);
  const job = await jobOf(db, await getSite(db, kept.siteId));
  const { gaugeAwg } = job.catalogue.cable(kept.cable);
  return {
    bench: benchOf(kept, job, temperatureC),
    facts: { lengthM: kept.lengthM, gaugeAwg, temperatureC },
  };
}
