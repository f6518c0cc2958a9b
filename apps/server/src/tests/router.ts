import { testEndpoints } from '@near-spoke/contract/tests';
import { here, type Mounted } from '../http/mount';
import { getLink } from '../links/repository';
import type { Services } from '../services';
import { listTests } from './repository';

/** What testers other than wire-map testers showed; to keep a test is a job. */
export const testOperations = ({ db }: Services): Mounted[] => [
  here(testEndpoints.list, async ({ id }) => {
    const link = await getLink(db, id);
    return { tests: await listTests(db, link.id) };
  }),
];
