import { readingEndpoints } from '@near-spoke/contract';
import { here, type Mounted } from '../http/mount';
import { getLink } from '../links/repository';
import type { Services } from '../services';
import { listReadings } from './repository';

/** What wire-map testers showed; to keep a reading is a job. */
export const readingOperations = ({ db }: Services): Mounted[] => [
  here(readingEndpoints.list, async ({ id }) => {
    const link = await getLink(db, id);
    return { readings: await listReadings(db, link.id) };
  }),
];
