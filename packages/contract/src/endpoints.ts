import * as z from 'zod';
import type { Endpoint } from './endpoint';
import { CORD_ENDPOINTS } from './cords/endpoints';
import { DIAGNOSIS_ENDPOINTS } from './diagnosis/endpoints';
import { INSTRUMENT_ENDPOINTS } from './instruments';
import { MAP_ENDPOINTS } from './map/endpoints';
import { PART_ENDPOINTS } from './part-endpoints';
import { REFLECT_ENDPOINTS } from './reflect/endpoints';
import { SITE_ENDPOINTS } from './site-endpoints';
import { WORK_ENDPOINTS } from './work-endpoints';

const health = z.object({ status: z.literal('ok'), version: z.string() }).meta({ id: 'Health' });

export type { Endpoint };

/** Every operation of the API. */
export const ENDPOINTS: readonly Endpoint[] = [
  {
    method: 'get',
    path: '/api/health',
    summary: 'Is the server and its database there',
    status: 200,
    answer: health,
  },
  { method: 'get', path: '/api/openapi.json', summary: 'This description', status: 200 },
  ...SITE_ENDPOINTS,
  ...WORK_ENDPOINTS,
  ...DIAGNOSIS_ENDPOINTS,
  ...CORD_ENDPOINTS,
  ...INSTRUMENT_ENDPOINTS,
  ...MAP_ENDPOINTS,
  ...REFLECT_ENDPOINTS,
  ...PART_ENDPOINTS,
];
