import { cableFactInput } from '@near-spoke/contract/reflect';
import { Router } from 'express';
import type { Services } from '../services';
import { parseBody, parseId } from '../http/parse';
import { refuse } from '../http/problem-error';
import { getLink } from '../links/repository';
import { knownCable } from '../parts/named-parts';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { addCableFact, listCableFacts } from './repository';

/** What was measured of a site's cables and reels. */
export function cableFactsRouter({ db }: Services): Router {
  const router = Router();
  router.get('/sites/:id/cable-facts', async (request, response) => {
    const { id } = await getSite(db, parseId(request, 'site'));
    response.json({ facts: await listCableFacts(db, id) });
  });
  router.post('/sites/:id/cable-facts', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const input = parseBody(cableFactInput, request);
    knownCable(input.cable, (await jobOf(db, site)).catalogue);
    if (input.linkId) {
      const { siteId } = await getLink(db, input.linkId);
      if (siteId !== site.id) refuse([{ path: 'linkId', reason: 'is a link of another site' }]);
    }
    const { deed } = input;
    if (deed.kind === 'undone') {
      const facts = await listCableFacts(db, site.id);
      if (!facts.some(({ id }) => id === deed.of))
        refuse([{ path: 'deed.of', reason: 'is no fact of this site' }]);
    }
    response.status(201).json(await addCableFact(db, site.id, input));
  });
  return router;
}
