import pg from 'pg';
import { ownStart, percentile, send } from './own-start';

// What a list costs over what it can't do without: the same rows from the database, and JSON of them. The list,
// the overview and a search among 5 000 links. `npm run bench:lists`

const LINKS = 5000;
const TURNS = 40;
const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length';

const server = await ownStart();
const client = new pg.Client({ connectionString: server.databaseUrl });
await client.connect();
const api = `${server.url}/api`;
const site = (await send(`${api}/sites`, 'POST', { name: 'Lists' })).body.id as string;
const schedule = [
  HEAD,
  ...Array.from(
    { length: LINKS },
    (_, n) =>
      `S${n},C${n % 9}/A/${n},Berth sensor ${n},Cat 6 U/UTP solid,8P8C plug,8P8C plug,T568B,${10 + (n % 60)} m`,
  ),
].join('\n');
await send(`${api}/sites/${site}/links/import`, 'POST', schedule, 'text/csv');

/** Links of the site, as they lie in their rows. */
const rows = (where: string, limit: number) =>
  client.query(
    `select * from links where site_id = $1 and deleted_at is null and ${where} order by place limit ${limit}`,
    [site],
  );

const LISTS: readonly (readonly [name: string, path: string, bare: () => Promise<unknown>])[] = [
  ['the list, 1 000 links', 'links?limit=1000', () => rows('true', 1000)],
  ['the list in short, 2 000 links', 'rows?limit=2000', () => rows('true', 2000)],
  [
    'the overview in numbers',
    'standing',
    () =>
      client.query(
        'select hub, state, count(*) from links where site_id = $1 and deleted_at is null group by hub, state',
        [site],
      ),
  ],
  [
    'a search, 200 links',
    'links?q=sensor%2042&limit=200',
    () => rows(`search like '%sensor%' and search like '%42%'`, 200),
  ],
];

async function median(work: () => Promise<unknown>): Promise<number> {
  const took: number[] = [];
  for (let turn = 0; turn < TURNS; turn += 1) {
    const begun = performance.now();
    await work();
    took.push(performance.now() - begun);
  }
  return percentile(
    took.sort((a, b) => a - b),
    0.5,
  );
}

// What any answer costs, whatever is in it: without that, a short list is told by its envelope.
const envelope = await median(() => send(`${server.url}/api/health`, 'GET'));
console.log(`an answer with nothing in it: ${envelope.toFixed(1)} ms`);
for (const [name, path, bare] of LISTS) {
  const asked = await median(() => send(`${api}/sites/${site}/${path}`, 'GET'));
  const least = await median(async () => JSON.parse(JSON.stringify(await bare())) as unknown);
  console.log(
    `${name}: ${(asked / least).toFixed(2)} times as long (${asked.toFixed(1)} ms over ${least.toFixed(1)} ms)`,
  );
}
await client.end();
await server.stop();
