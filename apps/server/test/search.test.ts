import { startServer, type TestServer } from './server';

const END = { place: 'Pier', connector: 'plug-8p8c' };
const LINK = { near: END, far: END, cable: 'cat6-uutp-solid' };

interface Entry {
  readonly id: string;
  readonly kind: string;
  readonly text: string;
  readonly at: string;
  readonly author: string;
  readonly count: number;
  readonly taken: boolean;
  readonly about: { readonly name: string; readonly of: string; readonly site: string };
}
interface Found {
  readonly entries: readonly Entry[];
  readonly links: readonly { readonly label: string }[];
  readonly next: string | null;
}

describe('A search over all sites', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startServer({ demo: true });
  });
  afterAll(() => server.stop());

  const search = async (q: string, rest = ''): Promise<Found> =>
    (await server.call('GET', `/api/search?q=${encodeURIComponent(q)}${rest}`)).body;
  const all = async (q: string, limit: number): Promise<Entry[]> => {
    const found: Entry[] = [];
    let before = '';
    for (;;) {
      const { entries, next } = await search(q, `&limit=${limit}${before}`);
      found.push(...entries);
      if (next === null) return found;
      before = `&before=${next}`;
    }
  };

  it('finds by link, place, person, kind, fault and day, the newest first', async () => {
    const { entries, links } = await search('K03');
    expect(links.map(({ label }) => label)).toEqual(['K03']);
    const others = entries.filter(({ about, text }) => !`${about.name} ${text}`.includes('K03'));
    expect(others).toEqual([]);
    const times = entries.map(({ at }) => at);
    expect(times).toEqual([...times].sort().reverse());
    expect(entries.some(({ text }) => text.includes('Plug at the kiosk remade'))).toBeTrue();
    // A fault is found by its name in either language, wherever it was.
    const ids = (found: Found) => found.entries.map(({ id }) => id);
    const german = ids(await search('aufgeteilt', '&language=de&limit=200'));
    expect(german.length).toBeGreaterThan(0);
    expect(ids(await search('split pair', '&limit=200'))).toEqual(jasmine.arrayContaining(german));
    expect(ids(await search('aufgeteilt'))).toEqual([]);
    const split = (await search('split pair reading')).entries;
    expect(split.length).toBeGreaterThan(0);
    expect(split.map(({ text }) => text).filter((text) => !/Pairs? .* split/i.test(text))).toEqual(
      [],
    );
    expect(
      (await search('fault found')).entries.every(({ text }) => /faults? found/.test(text)),
    ).toBeTrue();
    expect((await search('fault found')).entries.length).toBeGreaterThan(3);
    expect((await search('K03 2026-05-04')).entries.length).toBe(entries.length);
    expect((await search('K03 2025')).entries).toEqual([]);
    expect((await search('skerry K03')).entries.length).toBe(entries.length);
    expect((await search('nowhere at all')).entries).toEqual([]);
  });

  it('gives every fact once, however it is paged, and ticks of one end as one', async () => {
    const whole = await all('', 200);
    const paged = await all('', 7);
    const counted = (found: readonly Entry[]) => found.reduce((sum, { count }) => sum + count, 0);
    expect(counted(paged)).toBe(counted(whole));
    expect(new Set(paged.map(({ id }) => id)).size).toBe(paged.length);
    const ticks = whole.filter(({ kind }) => kind === 'tick');
    expect(ticks.some(({ text, count }) => count > 3 && text.includes(`${count} steps done`)))
      .withContext(ticks.map(({ text }) => text).join('\n'))
      .toBeTrue();
  });

  it('tells what was drawn on floor plans as one, and one thing of it by its name', async () => {
    const whole = (await all('', 200)).filter(({ kind }) => kind === 'drawing');
    expect(whole.length).toBe(1);
    expect(whole[0]?.text).toBe(`${whole[0]?.count} things drawn on floor plans.`);
    const [gangway] = (await search('Help point gangway')).entries.filter(
      ({ kind }) => kind === 'drawing',
    );
    expect(gangway?.text).toBe('Help point at the gangway put on a floor plan.');
  });

  it('tells in German, of names with any letters, and says what was taken back', async () => {
    const { body: site } = await server.call('POST', '/api/sites', {
      name: 'Łódź Pier',
      units: 'imperial',
    });
    const { body: link } = await server.call('POST', `/api/sites/${site.id}/links`, {
      ...LINK,
      label: 'Ł1',
    });
    const path = `/api/links/${link.id}`;
    const { body: note } = await server.call('POST', `${path}/notes`, {
      where: 'far',
      text: "100 % o'Brien's \\ pit is_wet",
      author: 'Zoë',
    });
    for (const q of ['łódź', 'ŁÓDŹ zoë', "o'brien's", 'is_wet', 'pit \\', 'ł1 100'])
      expect((await search(q)).entries.map(({ id }) => id))
        .withContext(q)
        .toEqual([note.id]);
    expect((await search('łódź', '&language=de')).entries[0]?.text).toMatch(/^Fernes Ende: /);
    await server.call('POST', `/api/facts/${note.id}/void`, { reason: 'Dry', author: 'tech 2' });
    const after = (await search('łódź')).entries;
    expect(after.map(({ kind, taken }) => [kind, taken])).toEqual([
      ['void', false],
      ['note', true],
    ]);
    expect(after[0]?.text).toContain('Why: Dry');
    // Of what was put away the history stays; the link itself is found no more.
    await server.call('DELETE', `${path}?version=${link.version}`);
    expect((await search('ł1')).links).toEqual([]);
    expect((await search('ł1')).entries.length).toBe(2);
    expect((await search('', `&site=${site.id}`)).entries.length).toBe(2);
    expect((await search('', `&link=${link.id}`)).entries.length).toBe(2);
  });

  it('takes whatever is typed', async () => {
    for (const q of ["'", ':*', '& | !', '<->', '(', '%', '_', 'a'.repeat(200), ' '])
      expect((await server.call('GET', `/api/search?q=${encodeURIComponent(q)}`)).status)
        .withContext(q)
        .toBe(200);
    expect((await server.call('GET', '/api/search?limit=0')).status).toBe(422);
  });
});
