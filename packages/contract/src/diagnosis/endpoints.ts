import { endpoints } from '../endpoint';
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
import {
  lampBuildAnswer,
  lampBuildRequest,
  lineAnswer,
  lineRequest,
  lossAnswer,
  lossRequest,
} from './sums';
import { spoken } from '../primitives';

/** What testers see of a link, and what is wrong with it. */
export const diagnosisEndpoints = endpoints({
  testers: {
    method: 'get',
    path: '/api/verify/testers',
    summary: 'The classes of testers',
    answer: testerList,
  },
  experience: {
    method: 'get',
    path: '/api/verify/experience',
    summary: 'What the firm’s own remade ends say of what goes wrong',
    answer: experience,
  },
  predict: {
    method: 'post',
    path: '/api/verify/predict',
    summary: 'What a tester shows of a link, good and with faults',
    query: spoken,
    body: predictRequest,
    answer: prediction,
  },
  explain: {
    method: 'post',
    path: '/api/verify/explain',
    summary: 'The faults that explain readings, and what to do next',
    query: spoken,
    body: explainRequest,
    answer: explained,
  },
  blindSpots: {
    method: 'post',
    path: '/api/verify/blind-spots',
    summary: 'Which faults each tester lets pass on a link',
    body: blindSpotsRequest,
    answer: blindSpotsAnswer,
  },
  limits: {
    method: 'post',
    path: '/api/verify/limits',
    summary: 'The limits of a class, and measured sweeps against them',
    query: spoken,
    body: limitsRequest,
    answer: limitsAnswer,
  },
  ohms: {
    method: 'post',
    path: '/api/verify/ohms',
    summary: 'Loop resistance expected and measured, and power over the cable',
    query: spoken,
    body: ohmsRequest,
    answer: ohmsAnswer,
  },
  loss: {
    method: 'post',
    path: '/api/verify/loss',
    summary: 'What a coaxial link loses, part by part',
    query: spoken,
    body: lossRequest,
    answer: lossAnswer,
  },
  line: {
    method: 'post',
    path: '/api/verify/line',
    summary: 'What a telephone line’s voltages say, and what to measure next',
    query: spoken,
    body: lineRequest,
    answer: lineAnswer,
  },
  lampBuild: {
    method: 'post',
    path: '/api/verify/lamp-build',
    summary: 'Resistors of a lamp tester, and what follows from each',
    query: spoken,
    body: lampBuildRequest,
    answer: lampBuildAnswer,
  },
});
