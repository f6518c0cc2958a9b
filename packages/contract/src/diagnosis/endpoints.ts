import type { Endpoint } from '../endpoint';
import {
  blindSpotsAnswer,
  blindSpotsRequest,
  experience,
  explainRequest,
  explained,
  limitsAnswer,
  limitsRequest,
  ohmsAnswer,
  ohmsRequest,
  predictRequest,
  prediction,
  testerList,
} from './requests';

/** What testers see of a link, and what is wrong with it. */
export const DIAGNOSIS_ENDPOINTS: readonly Endpoint[] = [
  {
    method: 'get',
    path: '/api/verify/testers',
    summary: 'The classes of testers',
    status: 200,
    answer: testerList,
  },
  {
    method: 'get',
    path: '/api/verify/experience',
    summary: 'What the firm’s own remade ends say of what goes wrong',
    status: 200,
    answer: experience,
  },
  {
    method: 'post',
    path: '/api/verify/predict',
    summary: 'What a tester shows of a link, good and with faults',
    body: predictRequest,
    status: 200,
    answer: prediction,
  },
  {
    method: 'post',
    path: '/api/verify/explain',
    summary: 'The faults that explain readings, and what to do next',
    body: explainRequest,
    status: 200,
    answer: explained,
  },
  {
    method: 'post',
    path: '/api/verify/blind-spots',
    summary: 'Which faults each tester lets pass on a link',
    body: blindSpotsRequest,
    status: 200,
    answer: blindSpotsAnswer,
  },
  {
    method: 'post',
    path: '/api/verify/limits',
    summary: 'The limits of a class, and measured sweeps against them',
    body: limitsRequest,
    status: 200,
    answer: limitsAnswer,
  },
  {
    method: 'post',
    path: '/api/verify/ohms',
    summary: 'Loop resistance expected and measured, and power over the cable',
    body: ohmsRequest,
    status: 200,
    answer: ohmsAnswer,
  },
];
