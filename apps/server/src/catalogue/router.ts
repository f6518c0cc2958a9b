import { catalogueEndpoints } from '@near-spoke/contract';
import { OUTLINES, SCHEMES, SCHOOLS } from '@near-spoke/core/catalogue';
import { LEVELS, PORTS } from '@near-spoke/core/map';
import { CAUTIONS, terminateMessage } from '@near-spoke/core/terminate';
import { here, type Mounted } from '../http/mount';
import { loadCatalogue } from '../parts/repository';
import type { Services } from '../services';
import { teller } from '../words/teller';

/** What can be named: the built-in rows, and the parts of one's own among cables and connectors. */
export const catalogueOperations = ({ db }: Services): Mounted[] => [
  here(catalogueEndpoints.cables, async () => ({ cables: (await loadCatalogue(db)).cables })),
  here(catalogueEndpoints.connectors, async () => ({
    connectors: (await loadCatalogue(db)).connectors,
  })),
  here(catalogueEndpoints.schemes, () => ({ schemes: SCHEMES })),
  here(catalogueEndpoints.schools, () => ({ schools: SCHOOLS })),
  here(catalogueEndpoints.cautions, ({ query }) => {
    const tell = teller(query.language, 'metric');
    return {
      cautions: CAUTIONS.map((row) => ({
        ...row,
        sentence: tell(terminateMessage('caution', { id: row.id })),
      })),
    };
  }),
  here(catalogueEndpoints.outlines, () => ({ outlines: OUTLINES })),
  here(catalogueEndpoints.ports, () => ({ ports: PORTS })),
  here(catalogueEndpoints.levels, () => ({ levels: LEVELS })),
];
