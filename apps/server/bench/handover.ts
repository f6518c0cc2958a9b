import { ownStart, send } from './own-start';

// How long the handover of a site of 500 links (or as many as are asked for) takes, each made and tested, some
// again: `npm run bench:handover`, `npm run bench:handover 5000`

const LINKS = Number(process.argv[2] ?? 500);
const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length';
const WHOLE = ['1', '2', '3', '4', '5', '6', '7', '8'].map((name) => ({
  near: [name],
  far: [name],
}));
const KEYS = ['cut-square', 'strip', 'order', 'seat', 'crimp', 'tug'];

const server = await ownStart();
const api = `${server.url}/api`;
const site = (await send(`${api}/sites`, 'POST', { name: 'Handover' })).body.id as string;
const schedule = [
  HEAD,
  ...Array.from(
    { length: LINKS },
    (_, n) =>
      `H${n},C${n % 9}/A/${n},Berth sensor ${n},Cat 6 U/UTP solid,8P8C plug,8P8C plug,T568B,${10 + (n % 60)} m`,
  ),
].join('\n');
await send(`${api}/sites/${site}/links/import`, 'POST', schedule, 'text/csv');
const links: { readonly id: string }[] = [];
for (let from: string | null = ''; from !== null;) {
  const page: { readonly links: typeof links; readonly next: string | null } = (
    await send(`${api}/sites/${site}/links?limit=1000${from && `&after=${from}`}`, 'GET')
  ).body;
  links.push(...page.links);
  from = page.next;
}
for (const [n, { id }] of links.entries()) {
  const path = `${api}/links/${id}`;
  for (const end of ['near', 'far'])
    for (const key of KEYS) await send(`${path}/ticks`, 'POST', { end, key });
  if (n % 7 === 0)
    await send(`${path}/readings`, 'POST', { tester: 'pairing', nets: WHOLE.slice(1) });
  await send(`${path}/readings`, 'POST', { tester: 'pairing', nets: WHOLE });
}
for (const ending of ['pdf', 'zip']) {
  const begun = performance.now();
  const answer = await fetch(`${api}/sites/${site}/handover.${ending}`);
  const bytes = (await answer.arrayBuffer()).byteLength;
  console.log(
    `${LINKS} links as ${ending}: ${((performance.now() - begun) / 1000).toFixed(1)} s, ${(bytes / 1e6).toFixed(1)} MB, ${answer.status}`,
  );
}
await server.stop();
