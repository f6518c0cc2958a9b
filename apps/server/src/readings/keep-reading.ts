import { misreadContacts, readingInput } from '@near-spoke/contract';
import { wiringOf } from '@near-spoke/core/link';
import { diagnose } from '@near-spoke/core/verify';
import type { Database } from '../db/database';
import { json, type Ask } from '../http/ask';
import { bodyOf, idOf } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { addReading } from './repository';

/** Keeps what a wire-map tester showed, with what it says of the link. */
export async function keepReading(ask: Ask, db: Database) {
  const link = await getLink(db, idOf(ask, 'link'));
  const input = bodyOf(readingInput, ask);
  const wiring = wiringOf(link, await jobOf(db, await getSite(db, link.siteId)));
  const errors = misreadContacts(input, wiring);
  if (errors.length > 0)
    throw new ProblemError(422, 'Not valid', 'The reading names contacts that this link has not.', {
      errors: errors.slice(0, 100),
    });
  const diagnosis = diagnose({ ...input, wiring });
  const reading = await addReading(db, link.id, input, wiring, diagnosis);
  return json({ reading, diagnosis: reading.diagnosis }, 201);
}
