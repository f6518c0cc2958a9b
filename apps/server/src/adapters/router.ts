import {
  FILE_FORMAT,
  adapterFactInput,
  adapterFile,
  adapterInput,
  adapterPatch,
  type Adapter,
  type AdapterFile,
} from '@near-spoke/contract/map';
import {
  adapterCard,
  adapterStanding,
  figureSvg,
  solveAdapter,
  spiceSubcircuit,
  writeNets,
} from '@near-spoke/core/map';
import { Router, type Request, type Response } from 'express';
import type { Database } from '../db/database';
import { parseBody, parseId, parseVersion } from '../http/parse';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { figurePdf } from './card-pdf';
import {
  addFact,
  createAdapter,
  getAdapter,
  linkOf,
  listAdapters,
  listFacts,
  setAway,
  updateAdapter,
} from './repository';

/** An adapter and everything that follows from it. */
async function solved(db: Database, request: Request) {
  const adapter = await getAdapter(db, parseId(request, 'adapter'));
  const catalogue = await loadCatalogue(db);
  const solution = solveAdapter(adapter, await linkOf(db, adapter), catalogue);
  return { adapter, solution, task: solution.task };
}

async function cardOf(db: Database, request: Request) {
  const { adapter, solution, task } = await solved(db, request);
  const facts = await listFacts(db, adapter.id);
  const standing = adapterStanding(task, solution, facts);
  const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
  const figure = adapterCard({
    adapter,
    solution,
    task,
    remarks: standing.remarks,
    date: date.format(new Date()),
    ready: standing.tests.shellMayClose,
  });
  return { adapter, figure };
}

function named(response: Response, { name }: Adapter, ending: string): Response {
  const file = name.replace(/[^\w-]+/g, '-').replace(/^-+|-+$/g, '') || 'adapter';
  return response.set('Content-Disposition', `inline; filename="${file}${ending}"`);
}

export function adaptersRouter(db: Database): Router {
  const router = Router();
  const input = async (body: { readonly cable?: string | null }) => {
    const catalogue = await loadCatalogue(db);
    knownCable(body.cable ?? null, catalogue);
    return catalogue;
  };
  router.get('/adapters', async (_request, response) => {
    response.json({ adapters: await listAdapters(db) });
  });
  router.post('/adapters', async (request, response) => {
    const body = parseBody(adapterInput, request);
    response.status(201).json(await createAdapter(db, body, await input(body)));
  });
  router.post('/adapters/import', async (request, response) => {
    const { format: _, formatVersion: __, nets: ___, ...body } = parseBody(adapterFile, request);
    const kept = await createAdapter(db, { ...body, linkId: null }, await input(body));
    response.status(201).json(kept);
  });
  router.get('/adapters/:id', async (request, response) => {
    response.json(await getAdapter(db, parseId(request, 'adapter')));
  });
  router.patch('/adapters/:id', async (request, response) => {
    const id = parseId(request, 'adapter');
    const body = parseBody(adapterPatch, request);
    response.json(await updateAdapter(db, id, body, await input(body)));
  });
  router.delete('/adapters/:id', async (request, response) => {
    const catalogue = await loadCatalogue(db);
    await setAway(db, parseId(request, 'adapter'), true, catalogue, parseVersion(request));
    response.status(204).end();
  });
  router.post('/adapters/:id/restore', async (request, response) => {
    const catalogue = await loadCatalogue(db);
    response.json(await setAway(db, parseId(request, 'adapter'), false, catalogue));
  });
  router.get('/adapters/:id/facts', async (request, response) => {
    const { id } = await getAdapter(db, parseId(request, 'adapter'));
    response.json({ facts: await listFacts(db, id) });
  });
  router.post('/adapters/:id/facts', async (request, response) => {
    const { id } = await getAdapter(db, parseId(request, 'adapter'));
    response.status(201).json(await addFact(db, id, parseBody(adapterFactInput, request)));
  });
  router.get('/adapters/:id/card.pdf', async (request, response) => {
    const { adapter, figure } = await cardOf(db, request);
    const pdf = await figurePdf(figure, adapter.name);
    named(response, adapter, '.pdf').type('application/pdf').send(pdf);
  });
  router.get('/adapters/:id/card.svg', async (request, response) => {
    const { adapter, figure } = await cardOf(db, request);
    named(response, adapter, '.svg').type('image/svg+xml').send(figureSvg(figure, adapter.name));
  });
  router.get('/adapters/:id/nets.csv', async (request, response) => {
    const { adapter, solution, task } = await solved(db, request);
    named(response, adapter, '.csv').type('text/csv').send(writeNets(solution, task));
  });
  router.get('/adapters/:id/file.json', async (request, response) => {
    const { adapter, solution } = await solved(db, request);
    const { name, note, near, far, cable, options } = adapter;
    const file: AdapterFile = {
      format: FILE_FORMAT,
      formatVersion: 1,
      name,
      note,
      near,
      far,
      cable,
      options,
      nets: solution.nets.map((net) => ({
        ...net,
        near: [...net.near],
        far: [...net.far],
        more: net.more ? [...net.more] : undefined,
      })),
    };
    named(response, adapter, '.json').json(file);
  });
  router.get('/adapters/:id/subcircuit.cir', async (request, response) => {
    const { adapter, solution, task } = await solved(db, request);
    const text = spiceSubcircuit(adapter.name, solution, task);
    named(response, adapter, '.cir').type('text/plain').send(text);
  });
  return router;
}
