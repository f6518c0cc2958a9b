import { BUILT_IN } from '@near-spoke/core/catalogue';

/** A step on an open line, as an instrument writes it. */
const STEP = [
  'seconds,volts',
  ...Array.from({ length: 400 }, (_, n) => `${n}e-9,${n < 20 ? 0 : n < 260 ? 1 : 2}`),
].join('\n');

const own = { id: 'x', generic: false };

/** Good bodies of what the demonstration has none of, by path: what is asked at random is often like them. */
export const EXAMPLES: Readonly<Record<string, readonly object[]>> = {
  '/api/parts': [
    {
      kind: 'cable',
      source: 'data sheet',
      cable: { ...BUILT_IN.cable('cat6-uutp-solid'), ...own, name: 'Quay cable' },
    },
    {
      kind: 'connector',
      source: 'data sheet',
      connector: { ...BUILT_IN.connector('plug-8p8c'), ...own, name: 'Wide plug' },
    },
  ],
  '/api/testers': [
    {
      name: 'Old box',
      supplyV: 9,
      seriesOhm: 470,
      lampV: 1.9,
      steps: 'all: lamp A near 1, - near 2, join far 1 far 2',
    },
  ],
  '/api/terminate/plan': [
    { cable: 'cat6-uutp-solid', connector: 'keystone-punch-down' },
    { cable: 'rg-58', connector: 'bnc-crimp-50-rg-58', tools: [] },
  ],
  '/api/terminate/batch': [
    { ends: [{ id: 'cord 1', cable: 'cat5e-uutp-stranded', connector: 'plug-8p8c' }] },
  ],
  '/api/sites/{id}/links/import': [
    {
      csv: 'label,from,to,cable,near connector,far connector\nZ1,C1,Kiosk,Cat 6 U/UTP solid,8P8C plug,8P8C plug',
    },
  ],
  '/api/verify/explain': [
    {
      link: { near: { connector: 'plug-8p8c' }, far: { connector: 'plug-8p8c' }, lengthM: 30 },
      readings: [{ tester: 'pairing', nets: [{ near: ['1'], far: ['2'] }] }],
    },
  ],
  '/api/plan/cut': [{ runs: [{ id: 'a', lengthM: 40 }], reels: [{ id: 'b', lengthM: 90 }] }],
  '/api/plan/day': [
    {
      places: ['van'],
      walkMinutes: [[0]],
      visits: [{ id: 'a', place: 'van', minutes: 5, open: [{ fromMinute: 0, toMinute: 9 }] }],
      startPlace: 'van',
    },
  ],
  '/api/plan/lengths': [
    {
      scale: { from: { x: 0, y: 0 }, to: { x: 100, y: 0 }, metres: 10 },
      ways: [
        {
          id: 'tray',
          points: [
            { x: 0, y: 10 },
            { x: 90, y: 10 },
          ],
        },
      ],
      places: [
        { id: 'a', x: 0, y: 0 },
        { id: 'b', x: 80, y: 30 },
      ],
      runs: [{ id: 'Z1', from: 'a', to: 'b' }],
    },
  ],
  '/api/plan/spares': [{ parts: [{ id: 'plug', needed: 8, made: 20, failed: 1 }] }],
  '/api/plan/make-or-buy': [{ count: 8, make: { minutes: 3, wagePerHour: 30 }, buy: { price: 4 } }],
  '/api/reflect/analyse': [{ file: { name: 'a.csv', text: STEP } }],
  '/api/reflect/pair-ends': [
    {
      near: [{ kind: 'open', end: true, delayS: { value: 1e-7, u: 1e-9 } }],
      far: [{ kind: 'open', end: true, delayS: { value: 2e-7, u: 1e-9 } }],
      lengthM: { value: 30, u: 0.1 },
    },
  ],
};
