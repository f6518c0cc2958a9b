import {
  chmodSync,
  copyFileSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
import { makeBackup } from '../backup/make-backup.mjs';
import { isDue } from '../backup/nightly.mjs';
import { restoreCluster, restoreDatabase } from '../backup/restore-backup.mjs';
import { startCluster } from '../cluster/index.mjs';
import { refused } from './refused.mjs';

const bin = process.env.POSTGRES_BIN;
const ROOT = join(process.env.TEST_FOLDER ?? '/tmp', 'backup');
const KNOWN = [1, 2, 3];

async function using(url, work) {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

const rows = (url, query) => using(url, async (client) => (await client.query(query)).rows);

describe('a backup', () => {
  const scratch = join(ROOT, 'scratch');
  const folder = join(ROOT, 'postgres');
  const backups = join(ROOT, 'backups');
  const make = (more = {}) =>
    makeBackup({ url: cluster.url, bin, folder: backups, version: '0.1.0', keep: 2, ...more });
  let cluster;

  beforeAll(async () => {
    mkdirSync(ROOT, { recursive: true });
    cluster = await startCluster({ folder, bin, throwaway: true });
    await rows(
      cluster.url,
      `create schema drizzle;
       create table drizzle.__drizzle_migrations (id serial, created_at bigint);
       insert into drizzle.__drizzle_migrations (created_at) values (1), (2), (3);
       create table facts (id int primary key, what text, at timestamptz default now(), length double precision);
       insert into facts select n, 'Łódź ' || n, now(), n / 7.0 from generate_series(1, 500) n`,
    );
  });
  afterAll(async () => {
    await cluster?.stop();
    rmSync(ROOT, { recursive: true, force: true });
  });

  async function fresh(name) {
    await rows(cluster.url, `create database ${name}`);
    const url = new URL(cluster.url);
    url.pathname = `/${name}`;
    return url.href;
  }
  it('made while others write is one moment, and comes back the same', async () => {
    let going = true;
    let writing = () => undefined;
    const isWriting = new Promise((resolve) => (writing = resolve));
    // Each fact comes with a second one: a moment in between would show.
    const writers = Array.from({ length: 5 }, (_, writer) =>
      using(cluster.url, async (client) => {
        for (let n = 0; going; n += 1) {
          const id = 1000 + writer * 100_000 + n * 2;
          await client.query(`insert into facts (id, what) values (${id}, 'a'), (${id + 1}, 'b')`);
          writing();
        }
      }),
    );
    await isWriting;
    const file = await make();
    going = false;
    await Promise.all(writers);
    expect(statSync(file).mode & 0o777).toBe(0o600);
    const url = await fresh('restored');
    await restoreDatabase({ file, url, bin, known: KNOWN, scratch });
    const [{ pairs, odd, first }] = await rows(
      url,
      `select count(*) filter (where id >= 1000)::int as pairs,
              count(*) filter (where id >= 1000)::int % 2 as odd,
              count(*) filter (where what like 'Łódź%')::int as first from facts`,
    );
    expect([odd, first]).toEqual([0, 500]);
    expect(pairs).toBeGreaterThan(0);
    // There it is written on: its own numbers go on after the last.
    expect(
      (await rows(url, `select last_value::int as n from drizzle.__drizzle_migrations_id_seq`))[0]
        .n,
    ).toBe(3);
  });

  it('keeps as many as were asked for', async () => {
    for (let n = 0; n < 3; n += 1) {
      await new Promise((done) => setTimeout(done, 1100));
      await make();
    }
    expect(readdirSync(backups).length).toBe(2);
  });

  it('is refused where it is damaged, of a newer program, or no backup, and nothing is changed', async () => {
    const file = await make();
    const bytes = readFileSync(file);
    const url = await fresh('untouched');
    const restore = (path, known = KNOWN) =>
      restoreDatabase({ file: path, url, bin, known, scratch });
    const other = join(ROOT, 'other.tar');
    for (const [what, made] of [
      ['cut off', bytes.subarray(0, bytes.length / 2)],
      // The rest of the file, to a full block, is nothing.
      ['turned over in one bit', flipped(bytes, bytes.findLastIndex((byte) => byte !== 0) - 50)],
      ['no backup', Buffer.from('label,from,to\n')],
      ['empty', Buffer.alloc(0)],
    ]) {
      writeFileSync(other, made);
      expect(await refused(() => restore(other)))
        .withContext(what)
        .toContain('Nothing was changed.');
    }
    expect(await refused(() => restore(file, [1, 2]))).toContain('made by a newer Near Spoke');
    expect(await refused(() => restore(join(ROOT, 'none.tar')))).toContain('There is no file');
    expect(
      (await rows(url, `select count(*)::int as n from pg_tables where schemaname = 'public'`))[0]
        .n,
    ).toBe(0);
    const used = await fresh('in_use');
    await rows(used, 'create table mine (a int)');
    expect(
      await refused(() => restoreDatabase({ file, url: used, bin, known: KNOWN, scratch })),
    ).toContain('holds tables already');
  });

  it('comes back into a folder of its own, from where nothing can be written; what was there stays', async () => {
    const stick = join(ROOT, 'stick');
    mkdirSync(stick);
    const file = join(stick, 'backup.tar');
    copyFileSync(await make(), file);
    chmodSync(stick, 0o500);
    const target = join(ROOT, 'target');
    const old = await startCluster({ folder: target, bin, throwaway: true });
    await rows(old.url, 'create table before (a int)');
    await old.stop();
    const restore = (yes) =>
      restoreCluster({ file, folder: target, bin, known: KNOWN, scratch, yes });
    expect(await refused(() => restore(false))).toContain('It is moved aside');
    await restore(true);
    const back = await startCluster({ folder: target, bin, throwaway: true });
    expect((await rows(back.url, 'select count(*)::int as n from facts'))[0].n).toBeGreaterThan(
      499,
    );
    await back.stop();
    const [moved] = readdirSync(ROOT).filter((name) => name.startsWith('target.before-restore'));
    const was = await startCluster({ folder: join(ROOT, moved), bin, throwaway: true });
    expect(await rows(was.url, 'select * from before')).toEqual([]);
    await was.stop();
  });

  it('is due once a night, and after a night that was missed', () => {
    const at = (text) => new Date(`2026-05-${text}`);
    expect(isDue(at('04T10:00'), null)).toBeTrue();
    expect(isDue(at('04T10:00'), at('04T02:05'))).toBeFalse();
    expect(isDue(at('05T01:59'), at('04T02:05'))).toBeFalse();
    expect(isDue(at('05T02:10'), at('04T02:05'))).toBeTrue();
    expect(isDue(at('09T09:00'), at('04T02:05'))).toBeTrue();
  });
});

function flipped(bytes, at) {
  const made = Buffer.from(bytes);
  made[at] ^= 1;
  return made;
}
