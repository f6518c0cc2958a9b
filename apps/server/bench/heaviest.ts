import { setTimeout as sleep } from 'node:timers/promises';
import { longestHold, ownStart, percentile, processors, send } from './own-start';

// The heaviest request that each operation takes, one after the other, and how long somebody waits meanwhile
// who asks for something small. `npm run bench:server`

const LINKS = 100_000;
const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length';
const ASK_EVERY_MS = 10;

const server = await ownStart();
const api = `${server.url}/api`;
const site = await keep('/sites', { name: 'Heaviest' });
const many = await keep('/sites', { name: 'A hundred thousand' });

async function keep(path: string, body: object): Promise<string> {
  const answer = await send(api + path, 'POST', body);
  if (answer.status !== 201) throw new Error(`${path}: ${JSON.stringify(answer.body)}`);
  return answer.body.id as string;
}

const blockEnd = { place: 'C1', connector: 'block-25-pair' };
const connectors = (await send(`${api}/catalogue/connectors`, 'GET')).body;
const cables = (await send(`${api}/catalogue/cables`, 'GET')).body;
const found = (list: { id: string }[], like: RegExp) =>
  list.find(({ id }) => like.test(id))?.id ?? '';
const block = found(connectors.connectors ?? connectors, /25/);
const cable25 = found(cables.cables ?? cables, /25/);
const big = await keep(`/sites/${site}/links`, {
  label: 'TIE 1',
  near: { ...blockEnd, connector: block },
  far: { ...blockEnd, connector: block },
  cable: cable25,
  lengthM: 120,
});

const names = Array.from({ length: 50 }, (_, n) => String(n + 1));
const scrambled = names.map((near, n) => ({ near: [near], far: [names[(n * 17 + 3) % 50] ?? ''] }));
const moved = [
  { tester: 'pairing', nets: scrambled },
  { tester: 'pairing', nets: scrambled.slice(0, 40), moved: 'far' },
];
const port = (side: string) => ({
  connector: { name: 'Big', text: 'grid 10 by 10 pitch 2.54' },
  gender: 'plug',
  contacts: Array.from({ length: 100 }, (_, n) => ({
    contact: String(n + 1),
    signal: `${side}${n % 37}`,
  })),
});
const schedule = [
  HEAD,
  ...Array.from(
    { length: LINKS },
    (_, n) =>
      `S${n},C${n % 9}/A/${n},Berth sensor ${n},Cat 6 U/UTP solid,8P8C plug,8P8C plug,T568B,${10 + (n % 60)} m`,
  ),
].join('\n');
const trace = [
  'seconds,volts',
  ...Array.from({ length: 2_000_000 }, (_, n) => `${n}e-10,${n < 2000 ? 0 : n < 90_000 ? 1 : 2}`),
].join('\n');
const sweep = [
  '# HZ S RI R 50',
  ...Array.from(
    { length: 40_000 },
    (_, n) => `${1e6 + n * 1e4} 0.01 0.01 0.9 0.1 0.9 0.1 0.01 0.01`,
  ),
].join('\n');
const segment = { lengthM: 900, velocityFactor: 0.7, impedanceOhm: 75 };
const seen = Array.from({ length: 200 }, (_, n) => ({
  delayS: { value: (n + 1) * 5e-9, u: 1e-9 },
  kind: 'rise',
  end: n === 199,
}));
const span = { value: 500, u: 1 };
const lamps = Array.from({ length: 40 }, (_, n) => `step ${n}: lamp L${n} near ${1 + (n % 8)}`);

type Row = readonly [name: string, method: string, path: string, body?: unknown, type?: string];
const rows: Row[] = [
  ['import, 100 000 links', 'POST', `/sites/${many}/links/import`, schedule, 'text/csv'],
  ['list, a page of 1000', 'GET', `/sites/${many}/links?limit=1000`],
  ['search', 'GET', `/sites/${many}/links?q=sensor%2099&limit=100`],
  ['rows, a page of 5000', 'GET', `/sites/${many}/rows?limit=5000`],
  ['overview', 'GET', `/sites/${many}/standing`],
  ['export, 100 000 links', 'GET', `/sites/${many}/links/export`],
  ['kit of 100 000 links', 'GET', `/sites/${many}/kit`],
  ['pace of 100 000 links', 'GET', `/sites/${many}/pace?author=tech`],
  ['plan', 'POST', '/terminate/plan', { cable: cable25, connector: block }],
  [
    'bench, 500 ends',
    'POST',
    '/terminate/batch',
    {
      ends: Array.from({ length: 500 }, (_, n) => ({
        id: `cord ${n}`,
        cable: 'cat5e-uutp-stranded',
        connector: 'plug-8p8c',
      })),
    },
  ],
  ['keep a scrambled reading', 'POST', `/links/${big}/readings`, moved[0]],
  ['explain, 50 contacts, moved', 'POST', '/verify/explain', { link: big, readings: moved }],
  [
    'explain, 60 readings',
    'POST',
    '/verify/explain',
    { link: big, readings: Array.from({ length: 60 }, (_, n) => moved[n % 2]) },
  ],
  ['blind spots', 'POST', '/verify/blind-spots', { link: big }],
  [
    'predict',
    'POST',
    '/verify/predict',
    { link: big, faults: [{ kind: 'rollover' }], tester: 'pairing' },
  ],
  [
    'limits, 40 000 points',
    'POST',
    '/verify/limits',
    { class: '6A', sweep: { name: 'a.s2p', text: sweep } },
  ],
  [
    'lamps of one’s own',
    'POST',
    '/testers',
    { name: 'Big', supplyV: 9, seriesOhm: 470, lampV: 2, steps: lamps.join('\n') },
  ],
  ['map, 100 contacts', 'POST', '/map/solve', { near: port('A'), far: port('A') }],
  ['map, nothing alike', 'POST', '/map/solve', { near: port('A'), far: port('B') }],
  ['buzz plan', 'POST', '/map/buzz-plan', { cores: 100, mode: 'walk' }],
  ['analyse, 2 000 000 samples', 'POST', '/reflect/analyse?name=a.csv', trace, 'text/csv'],
  [
    'simulate, 200 000 samples',
    'POST',
    '/reflect/simulate',
    {
      segments: Array.from({ length: 20 }, () => segment),
      probe: { kind: 'step', riseS: 5e-9, intervalS: 1e-9, samples: 190_000, beforeS: 0 },
    },
  ],
  [
    'simulate, 20 001 points',
    'POST',
    '/reflect/simulate',
    {
      segments: Array.from({ length: 20 }, () => segment),
      probe: { kind: 'two-port', fromHz: 1e5, toHz: 1e9, points: 20_001 },
    },
  ],
  [
    'set-up, odd scope',
    'POST',
    '/reflect/setup',
    {
      lengthM: 20_000,
      velocityFactor: 0.7,
      impedanceOhm: 75,
      scope: { bandwidthHz: 1e9, samplesPerS: 1e10, memory: 1e9 },
    },
  ],
  ['pair ends, 200 events', 'POST', '/reflect/pair-ends', { near: seen, far: seen, lengthM: span }],
  [
    'velocity, 100 lengths',
    'POST',
    '/reflect/velocity-factor',
    {
      known: Array.from({ length: 100 }, (_, n) => ({
        lengthM: { value: n + 1, u: 0.1 },
        delayS: { value: (n + 1) * 1e-8, u: 1e-10 },
      })),
    },
  ],
  ['record', 'GET', `/links/${big}/record`],
  ['record as PDF', 'GET', `/links/${big}/record.pdf`],
];

/** Asks for something small until told to stop. */
function asking() {
  const waits: number[] = [];
  let going = true;
  const all = (async () => {
    while (going) {
      waits.push((await send(`${api}/catalogue/schools`, 'GET')).ms);
      await sleep(ASK_EVERY_MS);
    }
  })();
  return async () => {
    going = false;
    await all;
    return waits.sort((a, b) => a - b);
  };
}

console.log(`${processors} processors. Somebody else asks for something small all the time.`);
console.log(
  'what                          status      took   processor    memory     others: median, 99 %, longest   loop held',
);
for (const [name, method, path, body, type] of rows) {
  const before = server.used();
  let most = before.bytes;
  const watch = setInterval(() => {
    most = Math.max(most, server.used().bytes);
  }, 100);
  await longestHold(server.url);
  const stop = asking();
  const { status, ms, body: answer } = await send(api + path, method, body, type);
  const waits = await stop();
  clearInterval(watch);
  const hold = await longestHold(server.url);
  const { cpuS } = server.used();
  if (status >= 400) console.log(name, JSON.stringify(answer).slice(0, 300));
  const [median, late] = [percentile(waits, 0.5), percentile(waits, 0.99)];
  console.log(
    [
      name.padEnd(30),
      String(status).padStart(5),
      `${(ms / 1000).toFixed(2)} s`.padStart(10),
      `${(cpuS - before.cpuS).toFixed(2)} s`.padStart(10),
      `${Math.round(most / 1e6)} MB`.padStart(10),
      `${median.toFixed(0)}, ${late.toFixed(0)}, ${(waits.at(-1) ?? 0).toFixed(0)} ms`.padStart(28),
      `${hold.toFixed(0)} ms`.padStart(14),
    ].join(' '),
  );
}
await server.stop();
