import { misreadContacts, readingInput } from '@near-spoke/contract';
import { wiringOf } from '@near-spoke/core/link';
import { diagnose } from '@near-spoke/core/verify';
import { Router } from 'express';
import type { Database } from '../db/database';
import { parseBody, parseId } from '../http/parse';
import { ProblemError } from '../http/problem-error';
import { getLink } from '../links/repository';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { addReading, listReadings } from './repository';

export function readingsRouter(db: Database): Router {
  const router = Router();
  router.get('/links/:id/readings', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    response.json({ readings: await listReadings(db, link.id) });
  });
  router.post('/links/:id/readings', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    const input = parseBody(readingInput, request);
    const wiring = wiringOf(link, await jobOf(db, await getSite(db, link.siteId)));
    const errors = misreadContacts(input, wiring);
    if (errors.length > 0)
      throw new ProblemError(
        422,
        'Not valid',
        'The reading names contacts that this link has not.',
        {
          errors,
        },
      );
    const diagnosis = diagnose({ ...input, wiring });
    const reading = await addReading(db, link.id, input, wiring, diagnosis);
    response.status(201).json({ reading, diagnosis: reading.diagnosis });
  });
  return router;
}
