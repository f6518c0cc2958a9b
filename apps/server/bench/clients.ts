import { setTimeout as sleep } from 'node:timers/promises';
import { v7 } from 'uuid';
import { longestHold, ownStart, percentile, send } from './own-start';

// Two hundred clients for two minutes, each reading and writing as a person at a bench does, while two heavy
// tasks run. `npm run bench:clients`

const CLIENTS = 200;
const SECONDS = Number(process.env['SECONDS'] ?? 120);
/** Between two things that one does, ms. */
const PAUSE_MS = 3000;
/** They come one after the other, as people do in the morning, within so long. */
const COME_MS = 10_000;

const server = await ownStart();
const api = `${server.url}/api`;
const site = (await send(`${api}/sites`, 'GET')).body.sites[0].id as string;
const { links } = (await send(`${api}/sites/${site}/links`, 'GET')).body as {
  readonly links: readonly { readonly id: string; readonly near: { readonly connector: string } }[];
};
const of = (n: number) => `${api}/links/${links[n % links.length]?.id ?? ''}`;
const wired = links.filter(({ near }) => /8p8c|keystone/.test(near.connector));
const ofWired = (n: number) => `${api}/links/${wired[n % wired.length]?.id ?? ''}`;

const DEEDS: readonly ((n: number) => readonly [string, string, object?])[] = [
  () => ['GET', `${api}/sites/${site}/links`],
  (n) => ['GET', of(n)],
  (n) => ['GET', `${of(n)}/readings`],
  (n) => ['POST', `${of(n)}/ticks`, { id: v7(), end: 'near', key: 'strip' }],
  (n) => ['GET', `${of(n)}/record`],
  (n) => [
    'POST',
    `${ofWired(n)}/readings`,
    { id: v7(), tester: 'pairing', nets: [{ near: ['1'], far: ['1'] }] },
  ],
  () => [
    'POST',
    `${api}/terminate/plan`,
    { cable: 'cat6-uutp-solid', connector: 'keystone-punch-down' },
  ],
  () => ['GET', `${api}/sites/${site}/standing`],
];

const end = Date.now() + SECONDS * 1000;
const waits: number[] = [];
const byDeed = new Map<string, number[]>();
const failed = new Map<string, number>();
async function client(number: number): Promise<void> {
  await sleep((number / CLIENTS) * COME_MS);
  for (let n = number; Date.now() < end; n += 1) {
    const [method, url, body] = DEEDS[n % DEEDS.length]?.(n) ?? ['GET', api];
    try {
      const { status, ms } = await send(url, method, body);
      waits.push(ms);
      const what = `${method} ${new URL(url).pathname.replace(/[0-9a-f-]{36}/, '…')}`;
      byDeed.set(what, [...(byDeed.get(what) ?? []), ms]);
      if (status >= 400) note(`${what} ${status}`);
    } catch (error) {
      note(String(error));
    }
    await sleep(PAUSE_MS * (0.5 + Math.random()));
  }
}
const note = (what: string) => failed.set(what, (failed.get(what) ?? 0) + 1);

/** Something heavy, over and over. */
async function heavy(path: string, body: object): Promise<number> {
  let done = 0;
  for (; Date.now() < end; done += 1) {
    const { status } = await send(api + path, 'POST', body);
    if (status >= 400) note(`heavy ${path} ${status}`);
  }
  return done;
}
const segment = { lengthM: 900, velocityFactor: 0.7, impedanceOhm: 75 };
const line = {
  segments: Array.from({ length: 20 }, () => segment),
  probe: { kind: 'step', riseS: 5e-9, intervalS: 1e-9, samples: 190_000, beforeS: 0 },
};
await longestHold(server.url);
const [heavyDone] = await Promise.all([
  Promise.all([heavy('/reflect/simulate', line), heavy('/reflect/simulate', line)]),
  ...Array.from({ length: CLIENTS }, (_, number) => client(number)),
]);
waits.sort((a, b) => a - b);
console.log(
  `${CLIENTS} clients, ${SECONDS} s: ${waits.length} answers; median ${percentile(waits, 0.5).toFixed(0)} ms, ` +
    `99 % within ${percentile(waits, 0.99).toFixed(0)} ms, the longest ${(waits.at(-1) ?? 0).toFixed(0)} ms; ` +
    `${heavyDone.join(' and ')} heavy ones meanwhile; loop held ${(await longestHold(server.url)).toFixed(0)} ms at most.`,
);
for (const [what, own] of byDeed) {
  own.sort((a, b) => a - b);
  const [median, late] = [percentile(own, 0.5), percentile(own, 0.99)];
  console.log(`  ${what.padEnd(36)} median ${median.toFixed(0)} ms, 99 % ${late.toFixed(0)} ms`);
}
console.log(failed.size === 0 ? 'No error.' : failed);
await server.stop();
