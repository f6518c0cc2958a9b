import type { Endpoint } from '../endpoint';
import {
  cordBatch,
  cordBatchInput,
  cordBatchList,
  cordFact,
  cordFactInput,
  cordFactList,
  cordSheet,
} from './cord';

/** Batches of cords that are alike, and what was seen of each cord. */
export const CORD_ENDPOINTS: readonly Endpoint[] = [
  {
    method: 'get',
    path: '/api/sites/{id}/cords',
    summary: 'A site’s batches of cords',
    status: 200,
    answer: cordBatchList,
  },
  {
    method: 'post',
    path: '/api/sites/{id}/cords',
    summary: 'Begin a batch of cords',
    body: cordBatchInput,
    status: 201,
    answer: cordBatch,
  },
  {
    method: 'get',
    path: '/api/cords/{id}',
    summary: 'One batch of cords',
    status: 200,
    answer: cordBatch,
  },
  {
    method: 'get',
    path: '/api/cords/{id}/facts',
    summary: 'What was seen of its cords, oldest first',
    status: 200,
    answer: cordFactList,
  },
  {
    method: 'post',
    path: '/api/cords/{id}/facts',
    summary: 'Keep what was seen of a cord',
    body: cordFactInput,
    status: 201,
    answer: cordFact,
  },
  {
    method: 'get',
    path: '/api/cords/{id}/sheet',
    summary: 'Every cord with its last result, for the client',
    status: 200,
    answer: cordSheet,
  },
  {
    method: 'get',
    path: '/api/cords/{id}/sheet.csv',
    summary: 'The same as CSV',
    status: 200,
    answer: 'text/csv',
  },
  {
    method: 'get',
    path: '/api/cords/{id}/sheet.pdf',
    summary: 'The same as PDF',
    status: 200,
    answer: 'application/pdf',
  },
];
