import { CABLES, CONNECTORS, SCHEMES } from '@near-spoke/core/catalogue';
import { CAUTIONS } from '@near-spoke/core/terminate';
import { Router } from 'express';

const LISTS = {
  cables: CABLES,
  connectors: CONNECTORS,
  schemes: SCHEMES,
  cautions: CAUTIONS,
} as const;

export function catalogueRouter(): Router {
  const router = Router();
  for (const [name, rows] of Object.entries(LISTS))
    router.get(`/catalogue/${name}`, (_request, response) => {
      response.json({ [name]: rows });
    });
  return router;
}
