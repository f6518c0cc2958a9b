import * as z from 'zod';
import { endpoints } from './endpoint';
import { spoken } from './primitives';

const catalogueList = z.record(z.string(), z.array(z.unknown())).meta({ id: 'CatalogueList' });

/** What can be named: the built-in rows, and the parts of the firm’s own. */
export const catalogueEndpoints = endpoints({
  cables: {
    method: 'get',
    path: '/api/catalogue/cables',
    summary: 'Cables',
    answer: catalogueList,
  },
  connectors: {
    method: 'get',
    path: '/api/catalogue/connectors',
    summary: 'Connectors',
    answer: catalogueList,
  },
  schemes: {
    method: 'get',
    path: '/api/catalogue/schemes',
    summary: 'Wiring schemes',
    answer: catalogueList,
  },
  schools: {
    method: 'get',
    path: '/api/catalogue/schools',
    summary: 'Choices on which good technicians differ',
    answer: catalogueList,
  },
  cautions: {
    method: 'get',
    path: '/api/catalogue/cautions',
    summary: 'Cautions and where they are shown',
    query: spoken,
    answer: catalogueList,
  },
  outlines: {
    method: 'get',
    path: '/api/catalogue/outlines',
    summary: 'Connectors’ contact places',
    answer: catalogueList,
  },
  ports: {
    method: 'get',
    path: '/api/catalogue/ports',
    summary: 'Built-in ports of devices',
    answer: catalogueList,
  },
  levels: {
    method: 'get',
    path: '/api/catalogue/levels',
    summary: 'Level families',
    answer: catalogueList,
  },
});
