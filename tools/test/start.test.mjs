import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { gunzipSync } from 'node:zlib';
import { startCluster } from '../cluster/index.mjs';
import { ROOT } from '../paths.mjs';
import { mountSmall } from './mount-small.mjs';

const bin = process.env.POSTGRES_BIN;
const HOME = join(process.env.TEST_FOLDER ?? '/tmp', 'start');
const DUMP = join(ROOT, 'apps/server/test/schemas/0005.sql.gz');

/**
 * Runs the start command until it is ready or has ended.
 *
 * @param until what it says when that is
 * @returns its address, or what it said as it ended
 */
async function start(data, settings = {}, until = /is ready: (\S+)/) {
  const child = spawn(process.execPath, ['tools/start.mjs'], {
    cwd: ROOT,
    env: {
      ...process.env,
      NEAR_SPOKE_DATA: data,
      PORT: '0',
      DATABASE_URL: undefined,
      ...settings,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  const ended = once(child, 'exit').then(([code]) => ({ code, url: null }));
  const ready = new Promise((resolve) => {
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk) => {
        said += chunk;
        const found = until.exec(said);
        if (found) resolve({ code: null, url: found[1] ?? null });
      });
  });
  const { code, url } = await Promise.race([ready, ended]);
  return {
    code,
    url,
    said: () => said,
    async stop() {
      child.kill('SIGTERM');
      return (await ended).code;
    },
  };
}

/** What a start says that is refused; nothing is made of its data. */
async function refused(data, settings) {
  const before = existsSync(data) ? readdirSync(data).sort() : null;
  const { code, url, said, stop } = await start(data, settings);
  if (url) await stop();
  expect(url).toBeNull();
  expect(code).toBe(1);
  expect(said()).not.toMatch(/\n\s+at .*:\d+/);
  expect(existsSync(data) ? readdirSync(data).sort() : null).toEqual(before);
  return said();
}

describe('the start command', () => {
  afterAll(() => rmSync(HOME, { recursive: true, force: true }));

  it('stops in order while the demonstration is put in, and starts with all of it after', async () => {
    const data = join(HOME, 'stopped');
    const first = await start(data, {}, /puts the demonstration in/);
    await sleep(1500);
    expect(await first.stop()).toBe(0);
    expect(first.said()).toContain('Stopping.');
    expect(first.said()).not.toMatch(/fail|error|rollback/i);
    const second = await start(data);
    const { sites } = await (await fetch(`${second.url}/api/sites`)).json();
    expect(sites.length).toBe(1);
    expect(await second.stop()).toBe(0);
  }, 240_000);

  it('refuses a port that is none, or that another has, and says what to do', async () => {
    const data = join(HOME, 'never');
    expect(await refused(data, { PORT: 'eighty' })).toContain(
      "PORT is 'eighty'; it must be a number from 0 to 65535.",
    );
    expect(await refused(data, { BACKUPS_KEPT: 'all' })).toContain("BACKUPS_KEPT is 'all'");
    const other = createServer().listen(0, '127.0.0.1');
    await once(other, 'listening');
    const { port } = other.address();
    expect(await refused(data, { PORT: String(port) })).toContain(
      `Port ${port} is in use. Choose another: PORT=${port + 10} npm start`,
    );
    other.close();
  });

  it('runs once for its data, and not where its data have gone with their disk', async () => {
    const data = join(HOME, 'disk');
    const first = await start(data);
    expect(first.said()).toContain('is ready');
    const second = await start(data);
    expect([second.code, second.said()]).toEqual([
      1,
      jasmine.stringContaining(`runs from this checkout already: ${first.url}`),
    ]);
    expect((await fetch(`${first.url}/api/health`)).status).toBe(200);
    expect(await first.stop()).toBe(0);
    renameSync(data, `${data}-elsewhere`);
    expect(await refused(data)).toContain(
      `${join(data, 'postgres/data')}, where the database was at an earlier start, is not there.`,
    );
    renameSync(`${data}-elsewhere`, data);
    const again = await start(data);
    expect(again.url).not.toBeNull();
    await again.stop();
  });

  it('says which folder it can’t write to', async () => {
    const data = join(HOME, 'read-only');
    const away = mountSmall(data, 5, 'ro');
    if (!away) pending('This user may not mount.');
    try {
      const said = await refused(data);
      expect(said).toContain(data);
      expect(said).toMatch(/read-only/i);
    } finally {
      away();
    }
  });

  it('makes a backup before it brings an older database to its layout', async () => {
    const data = join(HOME, 'older');
    const backups = join(data, 'backups');
    mkdirSync(data, { recursive: true });
    const cluster = await startCluster({ folder: join(data, 'postgres'), bin, throwaway: true });
    const psql = spawn(join(bin, 'psql'), ['--quiet', '--output=/dev/null', cluster.url], {
      stdio: ['pipe', 'inherit', 'inherit'],
    });
    psql.stdin.end(gunzipSync(readFileSync(DUMP)));
    expect(await once(psql, 'exit')).toEqual([0, null]);
    await cluster.stop();

    const upgraded = await start(data);
    expect(upgraded.said()).toContain('backed up before it is brought to a new layout');
    const made = readdirSync(backups).filter((name) => name.includes('before-upgrade'));
    expect(made.length).toBe(1);
    expect(upgraded.said()).toContain(join(backups, made[0]));
    const { sites } = await (await fetch(`${upgraded.url}/api/sites`)).json();
    expect(sites.length).toBeGreaterThan(0);
    await upgraded.stop();

    const next = await start(data);
    expect(next.said()).not.toContain('backed up before');
    await next.stop();
    expect(readdirSync(backups).length).toBe(1);
  });
});
