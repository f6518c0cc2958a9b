import { partInput, partPatch } from '@near-spoke/contract';
import { Router } from 'express';
import type { Services } from '../services';
import { parseBody, parseId, parseVersion } from '../http/parse';
import { createPart, listParts, setAway, updatePart } from './repository';

export function partsRouter({ db }: Services): Router {
  const router = Router();
  router.get('/parts', async (_request, response) => {
    response.json({ parts: await listParts(db) });
  });
  router.post('/parts', async (request, response) => {
    response.status(201).json(await createPart(db, parseBody(partInput, request)));
  });
  router.patch('/parts/:id', async (request, response) => {
    const id = parseId(request, 'part');
    response.json(await updatePart(db, id, parseBody(partPatch, request)));
  });
  router.delete('/parts/:id', async (request, response) => {
    await setAway(db, parseId(request, 'part'), true, parseVersion(request));
    response.status(204).end();
  });
  router.post('/parts/:id/restore', async (request, response) => {
    response.json(await setAway(db, parseId(request, 'part'), false));
  });
  return router;
}
