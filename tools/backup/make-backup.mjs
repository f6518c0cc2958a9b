import { spawn } from 'node:child_process';
import {
  chmodSync,
  closeSync,
  fsyncSync,
  mkdtempSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { haveFolder } from '../have-folder.mjs';
import { Refusal } from '../refusal.mjs';
import { DUMP, FORMAT, FORMAT_VERSION, MANIFEST, fingerprint, pack } from './archive.mjs';
import { connect, programEnv } from './connect.mjs';
import { measureTables } from './measure.mjs';

/** Backups of a kind have names that sort by their time. */
export const KINDS = { usual: 'near-spoke-', upgrade: 'near-spoke-before-upgrade-' };
const NAME = (kind) => new RegExp(`^${KINDS[kind]}\\d{8}T\\d{6}Z\\.tar$`);

/** The backups of a kind in a folder, the oldest first. */
export function backupsIn(folder, kind = 'usual') {
  try {
    return readdirSync(folder)
      .filter((name) => NAME(kind).test(name))
      .sort();
  } catch (error) {
    if (error.code === 'ENOENT') return [];
    throw error;
  }
}

/** When the newest usual backup was made, or null. */
export function lastBackupAt(folder) {
  const last = backupsIn(folder).at(-1);
  const [, y, mo, d, h, mi, s] = /(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z/.exec(last ?? '') ?? [];
  return y ? new Date(Date.UTC(y, mo - 1, d, h, mi, s)) : null;
}

/**
 * Writes a backup of a database while it is used: one moment of it, whole. It is checked against what stood in
 * that moment when it is restored.
 *
 * @param bin the folder of PostgreSQL's programs
 * @param keep how many of a kind are kept
 * @returns the file
 */
export async function makeBackup({ url, bin, folder, version, kind = 'usual', keep }) {
  haveFolder(folder, { mode: 0o700 });
  const work = mkdtempSync(join(folder, '.making-'));
  const client = await connect(url);
  try {
    await client.query('begin isolation level repeatable read read only');
    const { rows: snapshot } = await client.query('select pg_export_snapshot() as id');
    const { rows: server } = await client.query('show server_version');
    await dump(url, bin, join(work, DUMP), snapshot[0].id);
    const tables = await measureTables(client);
    const { rows: migrations } = await client.query(
      'select created_at::text as at from drizzle.__drizzle_migrations order by created_at',
    );
    const madeAt = new Date();
    const manifest = {
      format: FORMAT,
      formatVersion: FORMAT_VERSION,
      version,
      madeAt: madeAt.toISOString(),
      postgres: server[0].server_version,
      migrations: migrations.map(({ at }) => Number(at)),
      tables,
      files: { [DUMP]: await fingerprint(join(work, DUMP)) },
    };
    writeFileSync(join(work, MANIFEST), JSON.stringify(manifest, null, 2));
    const name = `${KINDS[kind]}${madeAt.toISOString().replace(/[-:]/g, '').replace(/\.\d+/, '')}.tar`;
    const part = join(work, name);
    await pack(part, work);
    chmodSync(part, 0o600);
    const file = openSync(part, 'r');
    fsyncSync(file);
    closeSync(file);
    renameSync(part, join(folder, name));
    for (const old of backupsIn(folder, kind).slice(0, -keep)) rmSync(join(folder, old));
    return join(folder, name);
  } finally {
    await client.end().catch(() => {});
    rmSync(work, { recursive: true, force: true });
  }
}

async function dump(url, bin, file, snapshot) {
  const child = spawn(
    join(bin, 'pg_dump'),
    ['--format=custom', '--no-owner', `--snapshot=${snapshot}`, `--file=${file}`],
    { env: programEnv(url), stdio: ['ignore', 'ignore', 'pipe'] },
  );
  let said = '';
  child.stderr.on('data', (chunk) => (said += chunk));
  const code = await new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('close', resolve);
  });
  if (code !== 0) throw new Refusal(`No backup was made: ${said.trim().split('\n').at(-1)}`);
}
