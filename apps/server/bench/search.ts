import pg from 'pg';
import { ownStart, percentile, send } from './own-start';

// How long a search over all sites takes among a million facts, the worst of many: `npm run bench:search`

const FACTS = 1_000_000;
const SITES = 40;
const LINKS = 500;
const TURNS = 12;
const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length';

const server = await ownStart();
const client = new pg.Client({ connectionString: server.databaseUrl });
await client.connect();
const api = `${server.url}/api`;
for (let number = 0; number < SITES; number += 1) {
  const { body } = await send(`${api}/sites`, 'POST', { name: `Pier ${number}` });
  const schedule = [
    HEAD,
    ...Array.from(
      { length: LINKS },
      (_, n) =>
        `P${number}-${n},C${n % 9}/A/${n},Berth sensor ${n},Cat 6 U/UTP solid,8P8C plug,8P8C plug,T568B,${10 + (n % 60)} m`,
    ),
  ].join('\n');
  await send(`${api}/sites/${body.id as string}/links/import`, 'POST', schedule, 'text/csv');
}
// Seven of eight are ticks; a few words are in many notes, in few, and in one.
await client.query('alter table facts disable trigger user');
await client.query(
  `insert into facts (id, kind, subject, at, author, version, body)
   select gen_random_uuid(), case when n % 8 = 0 then 'note' else 'tick' end, link.id,
     '2024-01-01'::timestamptz + n * interval '80 seconds', 'tech ' || n % 7, 1,
     case when n % 8 = 0 then jsonb_build_object('where', 'near', 'text',
       'Tile glued, ' || case when n % 80 = 0 then 'wet' else 'dry' end ||
       case when n % 80000 = 0 then ' culvert' else '' end || case when n = 400 then ' otter' else '' end)
     else jsonb_build_object('end', 'near', 'key', 'strip', 'done', true, 'measuredMm', null, 'cause', '') end
   from generate_series(1, ${FACTS}) as n
   join (select id, row_number() over () - 1 as place from links) as link on link.place = n % ${SITES * LINKS}`,
);
await client.query('alter table facts enable trigger user');
await client.query('analyze facts');

const SEARCHES = [
  '',
  'tick',
  'glued',
  'wet',
  'culvert',
  'otter',
  'nothing',
  'P7-42',
  'pier',
  'pier wet',
  'P3 culvert',
  'sensor otter',
  'tech 3 2024-02',
  'wet last year',
  'culvert P12 2025',
];
for (const q of SEARCHES) {
  const took: number[] = [];
  let found = 0;
  for (let turn = 0; turn < TURNS; turn += 1) {
    const begun = performance.now();
    const { body } = await send(`${api}/search?q=${encodeURIComponent(q)}`, 'GET');
    took.push(performance.now() - begun);
    found = (body as { readonly entries: readonly unknown[] }).entries.length;
  }
  const sorted = took.sort((a, b) => a - b);
  console.log(
    `“${q}”: ${found} found, ${percentile(sorted, 0.5).toFixed(0)} ms, at most ${(sorted.at(-1) ?? 0).toFixed(0)} ms`,
  );
}
await client.end();
await server.stop();
