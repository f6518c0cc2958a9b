import { BUILT_IN } from '../../catalogue';
import {
  parseRoute,
  parseSchedule,
  parseSweepCsv,
  parseTouchstone,
  writeRoute,
} from '../../formats';
import { parseCapture } from '../../formats/captures';
import { summariseLink, linkFacts, NOT_TESTED } from '../../record';
import { PLAIN_JOB } from '../../link';
import { inEnglish } from '../in-english';
import type { Cases } from './digest';

const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length,route,note';
const SCHEDULES = [
  `${HEAD}\nK1,C1/A/1,Kiosk 1,Cat 6 U/UTP solid,keystone,8P8C plug,T568B,31.5 m,Tray T1 @ 4.5 m | Loop @ 21 m + 3 m,`,
  `${HEAD}\nK1,C1/A/1,Kiosk 1,Cat 6,keystone,plug,A,100 ft,,x\nK1,C1/A/2,,RG-59,F,F,,-3 m,Wall,`,
  'label;from;to;cable;length\nK2;C1;Gate;RG-6;12,5 m\n',
  'from,to\nC1,Gate\n',
  '',
];
const S2P = (order: string) =>
  `! made for a test\n# MHz S DB R 50\n${order}\n1 -30 10 -0.2 -5 -0.3 -6 -31 12\n100 -20 40 -2 -90 -2.1 -91 -21 45\n`;
const TRACES = [
  'Time (ns),Volts\n0,0\n1,0.5\n2,1\n3,1\n4,0.9\n',
  'volts;time\n0,1;0,0\n0,2;0,5\n0,3;1,0\n',
  'x-unit,s\nx-increment,1e-9\n0\n0.2\n0.9\n1\n',
  'Sample interval,2e-9\nCH1\n0\n0.1\n0.9\n1\n',
  'Sample rate,5e8\nVertical Units,V\nIndex,CH1\n0,0\n1,0.4\n2,0.9\n3,1\n',
  'Sample interval,-1\nCH1\n0\n0.1\n0.9\n1\n',
  'nothing of this kind',
];

export const FORMATS_CASES: Cases = {
  schedules: () =>
    SCHEDULES.map((text) => {
      const read = parseSchedule(text, {
        catalogue: BUILT_IN,
        defaultScheme: 'T568B',
        takenLabels: new Set(['K9']),
      });
      return read.ok
        ? [
            read,
            read.links.map((link) => [
              inEnglish(summariseLink(link, [], NOT_TESTED, PLAIN_JOB)),
              inEnglish(linkFacts(link, PLAIN_JOB)),
              inEnglish(linkFacts(link, PLAIN_JOB), 'imperial'),
            ]),
          ]
        : read;
    }),
  routes: () =>
    ['', 'Tray @ 3 m', 'A @ 3 m | B @ 2 m', 'Loop @ 9 m + 3 m | T @ 11 m', 'x'].map((text) => {
      const read = parseRoute(text);
      return read.ok ? [read.route, writeRoute(read.route)] : read;
    }),
  touchstone: () => [
    parseTouchstone(S2P(''), 'a.s2p'),
    parseTouchstone(
      '[Version] 2.0\n# MHz S DB R 50\n[Number of Ports] 2\n[Two-Port Data Order] 12_21\n[Number of Frequencies] 1\n[Network Data]\n1 -30 10 -0.2 -5 -0.3 -6 -31 12\n[End]\n',
    ),
    parseTouchstone('# MHz S MA R 50\n1 1 2 3 4 5 6\n7 8 9 10 11 12\n13 14 15 16 17 18\n', 'a.s3p'),
    parseTouchstone('# GHz S RI R 75\n0.001 0.1 0.2\n0.1 0.3 -0.2\n', 'a.s1p'),
    parseTouchstone('# Hz Z MA R 50\n1 2 3\n', 'a.s1p'),
  ],
  sweeps: () => [
    parseSweepCsv('MHz,NEXT 12-36,IL 12\n1,60,2\n100,-40,-20\n'),
    parseSweepCsv('Frequency (kHz);Return loss\n1000;20,5\n'),
    parseSweepCsv('Frequency\n1\n'),
  ],
  captures: () => TRACES.map((text) => parseCapture(text, 'a.csv')),
};
