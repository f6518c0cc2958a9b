import { setTimeout as sleep } from 'node:timers/promises';
import { v7 } from 'uuid';
import { CSV, HEAD, call, type Answer } from './server';

/** What was acknowledged, and how it is found again. */
export type Kept =
  | { readonly kind: 'fact'; readonly list: string; readonly of: string; readonly id: string }
  | { readonly kind: 'link'; readonly id: string; readonly label: string }
  | {
      readonly kind: 'change';
      readonly path: string;
      readonly version: number;
      readonly note: string;
    }
  | {
      readonly kind: 'schedule';
      readonly site: string;
      readonly hub: string;
      readonly count: number;
    };

export interface Writers {
  /** In their order; it grows while they write. */
  readonly kept: readonly Kept[];
  /** Answers that are neither an acknowledgement nor "come again". */
  readonly strange: readonly string[];
  /** What has to be whole although nobody was told that it was kept. */
  readonly begun: readonly Kept[];
  readonly adapters: readonly OwnAdapter[];
  stop(): Promise<void>;
}

/** An adapter, and what its link's pinout is for each of two far ends. */
interface OwnAdapter {
  readonly id: string;
  readonly linkId: string;
  readonly pinouts: Readonly<Record<string, string>>;
}

type Write = (n: number) => Promise<void>;

const SCHEDULE_LINKS = 20;
/** What a server that is away, or busy, is asked again for; and one whose process was killed at the work. */
const isAgain = ({ status, body }: Answer): boolean =>
  [429, 502, 503, 504].includes(status) || (status === 500 && body?.title === 'Not done');
const GIVEN_UP_MS = 20_000;

/**
 * Writers of all kinds, two of each, on a site of their own. Each sends a thing until it is acknowledged, as a
 * device does, with the same id.
 */
export async function manyWriters(url: () => string): Promise<Writers> {
  const kept: Kept[] = [];
  const begun: Kept[] = [];
  const strange: string[] = [];
  const adapters: OwnAdapter[] = [];
  let going = true;

  /** Sends until there is an answer; null where the writers were stopped meanwhile. */
  async function send(method: string, path: string, body: unknown, headers = {}) {
    while (going) {
      try {
        const signal = AbortSignal.timeout(GIVEN_UP_MS);
        const answer = await call(url(), method, path, body, headers, signal);
        if (!isAgain(answer)) return answer;
      } catch {
        // Nobody there.
      }
      await sleep(50);
    }
    return null;
  }
  async function add(list: string, body: object, found: Kept): Promise<void> {
    const answer = await send('POST', list, body);
    if (answer?.status === 201) kept.push(found);
    else if (answer) strange.push(`POST ${list}: ${answer.status} ${answer.text}`);
  }

  const make = async (path: string, body: object) => {
    const answer = await call(url(), 'POST', path, body);
    if (answer.status !== 201) throw new Error(`${path}: ${answer.text}`);
    return answer.body;
  };
  const site = (await make('/api/sites', { name: 'Łódź quay, attacked' })).id as string;
  const links = `/api/sites/${site}/links`;
  const cable = 'cat6-uutp-solid';
  const plug = { connector: 'plug-8p8c', place: 'C1' };
  const newLink = (label: string) =>
    make(links, { label, near: plug, far: { ...plug, place: label }, cable });

  /** A writer of facts, which have a list of their own. */
  const factWriter =
    (list: string, of: string, body: (n: number) => object): Write =>
    (n) => {
      const id = v7();
      return add(list, { id, ...body(n) }, { kind: 'fact', list, of, id });
    };

  /** Changes a thing by the version that it saw; what was sent and not answered may have been kept. */
  const changer = (path: string, seen: number, change: (n: number) => object): Write => {
    let version = seen;
    return async (n) => {
      const note = `change ${n} ${v7()}`;
      const answer = await send('PATCH', path, { version, note, ...change(n) });
      if (!answer) return;
      const now = answer.status === 409 ? answer.body.current : answer.body;
      if (answer.status !== 200 && now?.note !== note)
        strange.push(`PATCH ${path}: ${answer.status} ${answer.text}`);
      version = now?.version ?? version;
      kept.push({ kind: 'change', path, version, note });
    };
  };

  async function adapterWriter(name: string): Promise<Write> {
    const connector = 'd-sub-9-soldered-plug';
    const link = await make(links, {
      label: name,
      near: { place: 'L3', connector },
      far: { place: 'Gauge', connector },
      cable: 'screened-9',
      lengthM: 3,
    });
    const body = { name, near: 'dce-de9', far: 'dce-de9', cable: 'cord-6', linkId: link.id };
    let adapter = await make('/api/adapters', body);
    const path = `/api/adapters/${adapter.id as string}`;
    const pinouts: Record<string, string> = {};
    for (const far of ['dte-de9', 'dce-de9']) {
      adapter = (await call(url(), 'PATCH', path, { version: adapter.version, far })).body;
      const { pinout } = (await call(url(), 'GET', `/api/links/${link.id as string}`)).body;
      pinouts[JSON.stringify(adapter.far)] = JSON.stringify(pinout);
    }
    adapters.push({ id: adapter.id, linkId: link.id, pinouts });
    return changer(path, adapter.version, (n) => ({ far: n % 2 ? 'dte-de9' : 'dce-de9' }));
  }

  /** Imports a schedule of its own each time. Sent again after an answer that was lost, its labels are taken. */
  const importer =
    (name: string): Write =>
    async (n) => {
      const hub = `${name}-${n}`;
      const rows = Array.from(
        { length: SCHEDULE_LINKS },
        (_, i) =>
          `${hub}/${i},${hub}/A/${i},Berth ${i},Cat 6 U/UTP solid,8P8C plug,8P8C plug,T568B,12 m`,
      );
      const found: Kept = { kind: 'schedule', site, hub, count: SCHEDULE_LINKS };
      begun.push(found);
      const answer = await send('POST', `${links}/import`, [HEAD, ...rows].join('\n'), CSV);
      if (!answer) return;
      if (answer.status === 201 || answer.status === 422) kept.push(found);
      else strange.push(`import: ${answer.status} ${answer.text}`);
    };

  async function pairOf(n: number): Promise<Write[]> {
    const link = await newLink(`W${n}`);
    const changed = await newLink(`V${n}`);
    const of = `/api/links/${link.id as string}`;
    const end = { connector: 'plug-8p8c' };
    const cord = { near: end, far: end, cable: 'cat6-uutp-stranded', lengthM: 2 };
    const cords = await make(`/api/sites/${site}/cords`, {
      name: `Cords ${n}`,
      cord,
      tester: 'pair-lamps',
    });
    const adapter = await make('/api/adapters', {
      name: `Lead ${n}`,
      near: 'dte-de9',
      far: 'console-8p8c',
      cable: 'cord-6',
    });
    const steps = [{ step: 'all', lit: ['pair 1', 'pair 2', 'pair 3', 'pair 4'], dim: [] }];
    const velocity = { velocityFactor: { value: 0.69, u: 0.002 }, how: 'several-lengths' };
    return [
      factWriter(`${of}/readings`, 'readings', () => ({
        tester: 'pairing',
        nets: [{ near: ['1'], far: ['1'] }],
      })),
      factWriter(`${of}/ticks`, 'ticks', () => ({ end: 'near', key: 'strip' })),
      factWriter(`${of}/tests`, 'tests', () => ({ reading: { tester: 'pair-lamps', steps } })),
      factWriter(`/api/sites/${site}/cable-facts`, 'facts', (k) => ({
        cable,
        reel: `Reel ${n}`,
        deed: { kind: 'velocity', ...velocity },
        author: `tech ${k}`,
      })),
      factWriter(`/api/cords/${cords.id as string}/facts`, 'facts', (k) => ({
        label: `C-${k}`,
        tester: 'pair-lamps',
        verdict: 'pass',
      })),
      factWriter(`/api/adapters/${adapter.id as string}/facts`, 'facts', () => ({
        deed: { kind: 'restart', subject: 'cores' },
        author: 'tech 1',
      })),
      (k) => {
        const id = v7();
        const label = `N${n}-${k}`;
        const body = { id, label, near: plug, far: { ...plug, place: label }, cable };
        return add(links, body, { kind: 'link', id, label });
      },
      changer(`/api/links/${changed.id as string}`, 1, () => ({})),
      await adapterWriter(`TG${n}`),
      importer(`H${n}`),
    ];
  }

  const writers = [...(await pairOf(1)), ...(await pairOf(2))];
  const all = writers.map(async (write) => {
    for (let n = 1; going; n += 1) await write(n);
  });
  return {
    kept,
    begun,
    strange,
    adapters,
    async stop() {
      going = false;
      await Promise.all(all);
    },
  };
}

/**
 * What of the acknowledged is not there, not once, or not whole.
 *
 * @param kept what was acknowledged by a moment; what came later may be there
 */
export async function lostOf(
  url: string,
  kept: readonly Kept[],
  { begun, adapters }: Pick<Writers, 'begun' | 'adapters'>,
): Promise<string[]> {
  const get = async (path: string) => {
    const answer = await call(url, 'GET', path);
    if (answer.status !== 200) throw new Error(`${path}: ${answer.text}`);
    return answer.body;
  };
  const lists = new Map<string, Map<string, number>>();
  const idsIn = async (list: string, of: string) => {
    const known = lists.get(list);
    if (known) return known;
    const ids = new Map<string, number>();
    for (const { id } of (await get(list))[of] as { id: string }[])
      ids.set(id, (ids.get(id) ?? 0) + 1);
    lists.set(list, ids);
    return ids;
  };
  const newest = new Map<string, { version: number; note: string }>();
  const lost: string[] = [];
  for (const one of kept) {
    if (one.kind === 'fact') {
      const times = (await idsIn(one.list, one.of)).get(one.id) ?? 0;
      if (times !== 1) lost.push(`${one.list} ${one.id}: ${times} times`);
    } else if (one.kind === 'link') {
      const answer = await call(url, 'GET', `/api/links/${one.id}`);
      if (answer.body?.label !== one.label) lost.push(`link ${one.label}: ${answer.status}`);
    } else if (one.kind === 'change') newest.set(one.path, one);
  }
  for (const [path, { version, note }] of newest) {
    const now = await get(path);
    const same = now.version === version && now.note === note;
    if (!same && now.version <= version)
      lost.push(`${path}: version ${now.version}, told ${version}`);
  }
  const told = new Set(kept.flatMap((one) => (one.kind === 'schedule' ? [one.hub] : [])));
  for (const one of begun) {
    if (one.kind !== 'schedule') continue;
    const { total } = await get(`/api/sites/${one.site}/links?limit=1&hub=${one.hub}`);
    const whole = total === one.count || (total === 0 && !told.has(one.hub));
    if (!whole) lost.push(`schedule ${one.hub}: ${total} of ${one.count}`);
  }
  for (const { id, linkId, pinouts } of adapters) {
    const { far } = await get(`/api/adapters/${id}`);
    const { pinout } = await get(`/api/links/${linkId}`);
    if (pinouts[JSON.stringify(far)] !== JSON.stringify(pinout))
      lost.push(`adapter ${id} and its link differ`);
  }
  return lost;
}

/** That every kind of thing was written is part of the attack. */
export const kindsOf = (kept: readonly Kept[]): number =>
  new Set(
    kept.map((one) =>
      one.kind === 'fact'
        ? one.list.replace(/[0-9a-f-]{36}/, '')
        : one.kind === 'change'
          ? one.path.slice(0, 12)
          : one.kind,
    ),
  ).size;
