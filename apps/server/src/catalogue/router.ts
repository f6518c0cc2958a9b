import { OUTLINES, SCHEMES, SCHOOLS } from '@near-spoke/core/catalogue';
import { LEVELS, PORTS } from '@near-spoke/core/map';
import { CAUTIONS } from '@near-spoke/core/terminate';
import { Router } from 'express';
import type { Services } from '../services';
import { loadCatalogue } from '../parts/repository';

const LISTS = {
  schemes: SCHEMES,
  schools: SCHOOLS,
  cautions: CAUTIONS,
  outlines: OUTLINES,
  ports: PORTS,
  levels: LEVELS,
} as const;

/** What can be named: the built-in rows, and the parts of one's own among cables and connectors. */
export function catalogueRouter({ db }: Services): Router {
  const router = Router();
  for (const name of ['cables', 'connectors'] as const)
    router.get(`/catalogue/${name}`, async (_request, response) => {
      response.json({ [name]: (await loadCatalogue(db))[name] });
    });
  for (const [name, rows] of Object.entries(LISTS))
    router.get(`/catalogue/${name}`, (_request, response) => {
      response.json({ [name]: rows });
    });
  return router;
}
