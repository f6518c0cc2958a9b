import * as z from 'zod';
import { linkSummary } from './link';
import { cableFact } from './reflect';
import { site } from './site';
import { terminationPlan } from './terminate';
import { test } from './tests';
import { diagnosis, reading, tick } from './verify';

/** Everything known of one link. */
export const linkRecord = z
  .object({
    site,
    link: linkSummary,
    plans: z.object({ near: terminationPlan, far: terminationPlan }),
    ticks: z.array(tick),
    readings: z.array(reading),
    tests: z.array(test),
    /** Places of faults that traces told, those that were not taken back. */
    places: z.array(cableFact),
    /** The last reading's diagnosis for the link as it is described now. */
    diagnosis: diagnosis.nullable(),
    writtenAt: z.string(),
  })
  .meta({ id: 'LinkRecord' });

export type LinkRecord = z.output<typeof linkRecord>;
