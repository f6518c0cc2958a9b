import * as z from 'zod';
import { uncertain } from '../uncertain';

/** Where something comes back from, seen by a filter matched to the launch before anything is explained. */
export const firstPlace = z
  .object({
    delayS: uncertain,
    distanceM: uncertain,
    kind: z.enum(['rise', 'drop', 'something']),
    size: z.number().meta({ description: 'Share of the launch that comes back.' }),
  })
  .meta({ id: 'FirstPlace' });
