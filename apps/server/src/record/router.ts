import { Router } from 'express';
import type { Database } from '../db/database';
import { parseId } from '../http/parse';
import { jobOf } from '../sites/job';
import { linkRecord } from './link-record';
import { recordPdf } from './record-pdf';

export function recordRouter(db: Database): Router {
  const router = Router();
  router.get('/links/:id/record', async (request, response) => {
    response.json(await linkRecord(db, parseId(request, 'link')));
  });
  router.get('/links/:id/record.pdf', async (request, response) => {
    const record = await linkRecord(db, parseId(request, 'link'));
    const job = await jobOf(db, record.site);
    const name = record.link.label.replace(/[^\w-]+/g, '-');
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="${name || 'link'}-record.pdf"`)
      .send(await recordPdf(record, job));
  });
  return router;
}
