import { endpoints } from '../endpoint';
import { spoken } from '../primitives';
import {
  acquireRequest,
  acquired,
  analyseQuery,
  analyseRequest,
  analysis,
  locateAnswer,
  locateRequest,
  setupAnswer,
  setupRequest,
  simulateRequest,
  simulated,
  sinceAnswer,
  sinceRequest,
} from './reflect';
import {
  pairEndsAnswer,
  pairEndsRequest,
  reelAnswer,
  reelRequest,
  twoEndsAnswer,
  twoEndsRequest,
  velocityAnswer,
  velocityRequest,
} from './velocity';

/** What a trace tells, without keeping anything. */
export const reflectEndpoints = endpoints({
  analyse: {
    method: 'post',
    path: '/api/reflect/analyse',
    summary:
      'What a trace or sweep tells of a line. The body may be the file itself (text/csv, text/plain, application/gzip), the options then stand in the query',

    body: analyseRequest,
    files: ['text/csv', 'text/plain', 'application/gzip', 'application/octet-stream'],
    answer: analysis,
    query: analyseQuery,
  },
  since: {
    method: 'post',
    path: '/api/reflect/since',
    summary:
      'What has changed between two traces of one line, taken with the same launch, leads and settings',
    query: spoken,
    body: sinceRequest,
    answer: sinceAnswer,
  },
  simulate: {
    method: 'post',
    path: '/api/reflect/simulate',
    summary: 'What an instrument would measure of a line',
    body: simulateRequest,
    answer: simulated,
  },
  acquire: {
    method: 'post',
    path: '/api/reflect/acquire',
    summary: 'Set a reflectometer and take one trace with it',
    body: acquireRequest,
    answer: acquired,
  },
  velocityFactor: {
    method: 'post',
    path: '/api/reflect/velocity-factor',
    summary: 'The velocity factor from one or several known lengths',
    body: velocityRequest,
    answer: velocityAnswer,
  },
  twoEnds: {
    method: 'post',
    path: '/api/reflect/two-ends',
    summary: 'A place by its delays from both ends, free of the velocity factor',
    query: spoken,
    body: twoEndsRequest,
    answer: twoEndsAnswer,
  },
  pairEnds: {
    method: 'post',
    path: '/api/reflect/pair-ends',
    summary: 'Which echoes of two traces, one from either end, are of one place, and where',
    query: spoken,
    body: pairEndsRequest,
    answer: pairEndsAnswer,
  },
  setup: {
    method: 'post',
    path: '/api/reflect/setup',
    summary: 'How to set an instrument for a cable, and how to match its source',
    query: spoken,
    body: setupRequest,
    answer: setupAnswer,
  },
  locate: {
    method: 'post',
    path: '/api/reflect/locate',
    summary: 'Where on a route a distance lies, and how much to open',
    query: spoken,
    body: locateRequest,
    answer: locateAnswer,
  },
  reel: {
    method: 'post',
    path: '/api/reflect/reel',
    summary: 'What is left on a reel, and what to write on its box',
    body: reelRequest,
    answer: reelAnswer,
  },
});
