import * as z from 'zod';
import { endpoints } from './endpoint';

const alive = z.object({ status: z.literal('ok'), version: z.string() }).meta({ id: 'Health' });

const ready = z
  .object({
    ...alive.shape,
    layout: z.int().meta({ description: 'Changes of the database’s layout that were made.' }),
    roomMb: z
      .int()
      .nullable()
      .meta({ description: 'Room on the disk of the database, MB; null where that is elsewhere.' }),
    workers: z.int().meta({ description: 'Processes for what takes longer.' }),
  })
  .meta({ id: 'Ready' });

export const healthEndpoints = endpoints({
  alive: { method: 'get', path: '/api/health', summary: 'Is the server there', answer: alive },
  ready: {
    method: 'get',
    path: '/api/ready',
    summary: 'Can the server do its work: database, its layout, its disk, processes',
    answer: ready,
  },
  description: { method: 'get', path: '/api/openapi.json', summary: 'This description' },
});
