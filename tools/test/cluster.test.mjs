import { spawn } from 'node:child_process';
import {
  chmodSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import pg from 'pg';
import { backingOff } from '../backing-off.mjs';
import { startCluster } from '../cluster/index.mjs';
import { commandLine, isAlive } from '../process-table.mjs';
import { mountSmall } from './mount-small.mjs';
import { refused } from './refused.mjs';

const bin = process.env.POSTGRES_BIN;
const ROOT = process.env.TEST_FOLDER ?? '/tmp';

async function ask(url, query) {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query(query)).rows;
  } finally {
    await client.end();
  }
}

/** What a folder holds, by name and size, so that a change is seen. */
function contents(folder) {
  return readdirSync(folder, { recursive: true })
    .map((name) => `${name} ${statSync(join(folder, name)).size}`)
    .sort();
}

describe('a database that is started', () => {
  const folder = join(ROOT, 'cluster');
  const data = join(folder, 'data');
  const start = () => startCluster({ folder, bin, throwaway: true });
  const postmaster = () =>
    Number(readFileSync(join(data, 'postmaster.pid'), 'utf8').split('\n')[0]);

  beforeAll(async () => {
    const cluster = await start();
    await ask(cluster.url, 'create table kept as select generate_series(1, 1000) as n');
    await cluster.stop();
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  const holds = async () => {
    const cluster = await start();
    try {
      return (await ask(cluster.url, 'select count(*)::int as n from kept'))[0].n;
    } finally {
      await cluster.stop();
    }
  };

  it('runs for root in a home that is closed to others', async () => {
    if (process.getuid() !== 0) pending('This user is not root.');
    const home = join(ROOT, 'closed');
    mkdirSync(home);
    chmodSync(home, 0o700);
    const cluster = await startCluster({ folder: join(home, 'cluster'), bin, throwaway: true });
    try {
      expect(await ask(cluster.url, 'select 1 as n')).toEqual([{ n: 1 }]);
    } finally {
      await cluster.stop();
      rmSync(home, { recursive: true, force: true });
    }
  });

  it('has its data when the password is lost, and a password that only its user can read', async () => {
    for (const lose of [
      () => rmSync(join(folder, 'password')),
      () => writeFileSync(join(folder, 'password'), ''),
    ]) {
      lose();
      expect(await holds()).toBe(1000);
    }
    expect(statSync(join(folder, 'password')).mode & 0o777).toBe(0o600);
  });

  it('is not begun anew over data that has lost a part of itself: nothing is changed', async () => {
    for (const part of ['PG_VERSION', 'global/pg_control']) {
      renameSync(join(data, part), join(folder, 'aside'));
      const before = contents(data);
      const told = await refused(start);
      expect(told).toContain(join(data, part));
      expect(told).toContain('Nothing was changed.');
      expect(contents(data)).toEqual(before);
      renameSync(join(folder, 'aside'), join(data, part));
    }
    expect(await holds()).toBe(1000);
  });

  it('tells of a version that this machine has not, and what to do', async () => {
    const file = join(data, 'PG_VERSION');
    const own = readFileSync(file, 'utf8');
    writeFileSync(file, '9.6\n');
    const told = await refused(start);
    expect(told).toContain('made by PostgreSQL 9.6');
    expect(told).toContain('postgresql-9.6');
    writeFileSync(file, own);
  });

  it('tells of a control file that is broken', async () => {
    const file = join(data, 'global/pg_control');
    const own = readFileSync(file);
    const broken = Buffer.from(own);
    broken.fill(0xff, 0, 64);
    writeFileSync(file, broken);
    expect(await refused(start)).toContain(`${file} is broken`);
    writeFileSync(file, own);
    expect(await holds()).toBe(1000);
  });

  it('ends what an earlier start left behind, and knows it from others', async () => {
    // As after a power cut: the note is there, its number belongs to something else now.
    const other = spawn('sleep', ['60']);
    writeFileSync(
      join(data, 'postmaster.pid'),
      `${other.pid}\n${data}\n0\n5432\n\n127.0.0.1\n\nready\n`,
    );
    expect(await holds()).toBe(1000);
    expect(isAlive(other.pid)).toBeTrue();
    other.kill();
    // A server whose guard was killed outright.
    const left = await orphan();
    expect(commandLine(left)).toContain(data);
    expect(await holds()).toBe(1000);
    expect(commandLine(left)).toBe('');
  });

  /** A PostgreSQL on this data that nobody guards. */
  async function orphan() {
    const program = `
      const { startCluster } = await import(${JSON.stringify(new URL('../cluster/index.mjs', import.meta.url).href)});
      await startCluster(${JSON.stringify({ folder, bin, throwaway: true })});
      console.log('up');`;
    const child = spawn(process.execPath, ['--input-type=module', '-e', program]);
    await new Promise((up) => child.stdout.once('data', up));
    const server = postmaster();
    // Held still: told that half of its guard is gone it would close the pipe, and the other half would end the server.
    child.kill('SIGSTOP');
    for (const pid of readdirSync('/proc')
      .filter((name) => /^\d+$/.test(name))
      .map(Number))
      if (commandLine(pid).startsWith('sh -c') && commandLine(pid).includes(data))
        process.kill(pid, 'SIGKILL');
    child.kill('SIGKILL');
    await sleep(200);
    return server;
  }

  it('is made whole after one that was cut off while it was made', async () => {
    const half = join(ROOT, 'half');
    mkdirSync(join(half, 'data.making/base'), { recursive: true });
    writeFileSync(join(half, 'data.making/PG_VERSION'), '15\n');
    writeFileSync(join(half, 'password'), '');
    const cluster = await startCluster({ folder: half, bin, throwaway: true });
    expect((await ask(cluster.url, 'select 1 as one'))[0].one).toBe(1);
    await cluster.stop();
    expect(existsSync(join(half, 'data.making'))).toBeFalse();
    rmSync(half, { recursive: true });
  });

  it('tells of a disk that is full or can only be read, before anything is half there', async () => {
    const disk = join(ROOT, 'disk');
    for (const [options, told] of [
      ['', 'Is there room on its disk'],
      ['ro', 'can only be read'],
    ]) {
      const unmount = mountSmall(disk, 12, options);
      if (!unmount) return pending('This user may not mount a small disk.');
      try {
        const at = join(disk, 'postgres');
        const said = await startCluster({ folder: at, bin }).then(
          () => 'It began',
          // What the file system says becomes what to do in the command.
          (error) => (error.code === 'EROFS' ? 'can only be read' : error.message),
        );
        expect(said).toContain(told);
        expect(existsSync(join(at, 'data'))).toBeFalse();
      } finally {
        unmount();
      }
    }
  });

  it('is not looked for again and again where it fails again and again', () => {
    jasmine.clock().install();
    jasmine.clock().mockDate(new Date(2026, 4, 4));
    try {
      const pace = backingOff();
      const waits = Array.from({ length: 10 }, () => {
        pace.begin();
        return pace.waitMs();
      });
      expect(waits.slice(0, 4)).toEqual([200, 400, 800, 1600]);
      expect(waits.at(-1)).toBe(30_000);
      pace.begin();
      jasmine.clock().tick(61_000);
      expect(pace.waitMs()).toBe(200);
    } finally {
      jasmine.clock().uninstall();
    }
  });

  it('leaves alone what it may not read', async () => {
    if (process.getuid() === 0) return pending('This user may read everything.');
    chmodSync(join(folder, 'password'), 0);
    expect(await refused(start)).toContain('Nothing was changed.');
    chmodSync(join(folder, 'password'), 0o600);
  });
});
