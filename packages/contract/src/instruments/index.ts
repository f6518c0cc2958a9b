import { MAP_TESTERS } from '@near-spoke/core/verify';
import * as z from 'zod';
import type { Endpoint } from '../endpoint';
import { testReading } from '../tests';

export const READABLE = [
  ...MAP_TESTERS.map(({ id }) => id),
  'pair-lamps',
  'sequential-lamps',
] as const;

export const instrumentList = z
  .object({
    instruments: z.array(z.object({ id: z.string(), name: z.string(), address: z.string() })),
  })
  .meta({ id: 'InstrumentList' });

export const instrumentRead = z
  .strictObject({ tester: z.enum(READABLE) })
  .meta({ id: 'InstrumentRead', description: 'As which class it shall read.' });

export const instrumentReading = z
  .object({ name: z.string(), reading: testReading })
  .meta({ id: 'InstrumentReading' });

export const INSTRUMENT_ENDPOINTS: readonly Endpoint[] = [
  {
    method: 'get',
    path: '/api/instruments',
    summary: 'Testers that can be read',
    status: 200,
    answer: instrumentList,
  },
  {
    method: 'post',
    path: '/api/instruments/{id}/read',
    summary: 'Let a tester scan, and read what it shows',
    body: instrumentRead,
    status: 200,
    answer: instrumentReading,
  },
];
