import { tickInput } from '@near-spoke/contract';
import { Router } from 'express';
import type { Services } from '../services';
import { parseBody, parseId } from '../http/parse';
import { getLink } from '../links/repository';
import { addTick, listTicks } from './repository';

export function ticksRouter({ db }: Services): Router {
  const router = Router();
  router.get('/links/:id/ticks', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    response.json({ ticks: await listTicks(db, link.id) });
  });
  router.post('/links/:id/ticks', async (request, response) => {
    const link = await getLink(db, parseId(request, 'link'));
    response.status(201).json(await addTick(db, link.id, parseBody(tickInput, request)));
  });
  return router;
}
