import * as z from 'zod';
import type { Endpoint } from './endpoint';
import { part, partInput, partList, partPatch } from './part';

const catalogueList = z.record(z.string(), z.array(z.unknown())).meta({ id: 'CatalogueList' });

/** The catalogue, and parts of the firm’s own. */
export const PART_ENDPOINTS: readonly Endpoint[] = [
  {
    method: 'get',
    path: '/api/parts',
    summary: 'Cables and connectors of your own, those put away too',
    status: 200,
    answer: partList,
  },
  {
    method: 'post',
    path: '/api/parts',
    summary: 'Add a cable or connector',
    body: partInput,
    status: 201,
    answer: part,
  },
  {
    method: 'patch',
    path: '/api/parts/{id}',
    summary: 'Change a cable or connector of your own',
    body: partPatch,
    status: 200,
    answer: part,
  },
  {
    method: 'delete',
    path: '/api/parts/{id}',
    summary: 'Put a part away: links keep it, it is offered no more',
    query: { version: 'as it was seen; refuse if stale' },
    status: 204,
  },
  {
    method: 'post',
    path: '/api/parts/{id}/restore',
    summary: 'Offer a part again that was put away',
    status: 200,
    answer: part,
  },
  {
    method: 'get',
    path: '/api/catalogue/cables',
    summary: 'Cables',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/connectors',
    summary: 'Connectors',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/schemes',
    summary: 'Wiring schemes',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/schools',
    summary: 'Choices on which good technicians differ',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/cautions',
    summary: 'Cautions and where they are shown',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/outlines',
    summary: 'Connectors’ contact places',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/ports',
    summary: 'Built-in ports of devices',
    status: 200,
    answer: catalogueList,
  },
  {
    method: 'get',
    path: '/api/catalogue/levels',
    summary: 'Level families',
    status: 200,
    answer: catalogueList,
  },
];
