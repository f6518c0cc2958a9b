import { viewRequest } from '@near-spoke/contract/map';
import { describeView, faceContacts, outline } from '@near-spoke/core/catalogue';
import { Router } from 'express';
import { parseBody } from '../http/parse';
import type { Services } from '../services';
import { byJob } from '../work/mount';

/** What Map computes, without keeping anything. */
export function mapRouter({ pool }: Services): Router {
  const router = Router();
  router.post('/map/solve', byJob(pool, 'solve'));
  router.post('/map/buzz-plan', byJob(pool, 'buzzPlan'));
  router.post('/map/buzz-result', byJob(pool, 'buzzResult'));
  router.post('/map/view', (request, response) => {
    const { connector, gender, view, latch } = parseBody(viewRequest, request);
    const { name, widthMm, heightMm } = outline(connector);
    const part = { outline: connector, gender };
    response.json({
      name,
      sentence: describeView(part, { side: view, latch }),
      widthMm,
      heightMm,
      contacts: faceContacts(part, { side: view, latch }),
    });
  });
  return router;
}
