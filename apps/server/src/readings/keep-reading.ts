import { misreadContacts, type Asked, type readingEndpoints } from '@near-spoke/contract';
import { wiringOf } from '@near-spoke/core/link';
import { diagnose } from '@near-spoke/core/verify';
import { told } from '@near-spoke/words';
import type { Database } from '../db/database';
import { addFact } from '../facts/repository';
import { ProblemError } from '../http/problem-error';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { KEPT } from '../words/teller';

/** Keeps what a wire-map tester showed, with what it says of the link. */
export async function keepReading(
  { id, body: input }: Asked<typeof readingEndpoints.keep>,
  db: Database,
) {
  const link = await getLink(db, id);
  const wiring = wiringOf(link, await jobOf(db, await getSite(db, link.siteId)));
  const errors = misreadContacts(input, wiring);
  if (errors.length > 0)
    throw new ProblemError(422, 'Not valid', 'The reading names contacts that this link has not.', {
      errors: errors.slice(0, 100),
    });
  const diagnosis = told(diagnose({ ...input, wiring }), KEPT);
  const about = { subject: link.id };
  const reading = await addFact(db, 'reading', about, input, { wiring, diagnosis });
  return { reading, diagnosis: reading.diagnosis };
}
