import { existsSync, mkdtempSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { askToGoOn } from '../ask.mjs';
import { aside, lookAtFolder, startCluster } from '../cluster/index.mjs';
import { haveFolder } from '../have-folder.mjs';
import { Refusal } from '../refusal.mjs';
import { run, say } from '../run.mjs';
import { DUMP, FORMAT, FORMAT_VERSION, MANIFEST, refuseDamaged, unpack } from './archive.mjs';
import { connect, programEnv } from './connect.mjs';
import { differences, measureTables } from './measure.mjs';

/**
 * Restores a backup into a cluster of its own in a folder. What was there before is moved aside, once a person
 * has said so, and back again should anything fail.
 *
 * @param folder of the cluster
 * @param known when each migration that this program knows was written
 */
export async function restoreCluster({ folder, bin, yes, ...backup }) {
  await opened(backup, async (manifest, dump) => {
    const isThere = existsSync(folder) && lookAtFolder(folder).kind !== 'empty';
    if (isThere)
      await askToGoOn(`${folder} holds a database. It is moved aside, and nothing of it is lost.`, {
        yes,
        otherwise: 'Say --move-aside, or restore in a terminal. Nothing was changed.',
      });
    const before = isThere ? aside(folder, 'before-restore') : null;
    let cluster = null;
    try {
      cluster = await startCluster({ folder, bin });
      await fill(cluster.url, bin, dump, manifest);
      await cluster.stop();
    } catch (error) {
      await cluster?.stop();
      if (existsSync(folder)) aside(folder, 'failed-restore');
      if (before) renameSync(before, folder);
      throw error;
    }
    if (before) say(`What was there before is in ${before}.`);
  });
}

/** Restores a backup into a database that holds nothing yet. */
export async function restoreDatabase({ url, bin, ...backup }) {
  await opened(backup, async (manifest, dump) => {
    const client = await connect(url);
    try {
      const { rows } = await client.query(
        `select count(*)::int as count from pg_tables where schemaname in ('public', 'drizzle')`,
      );
      if (rows[0].count > 0)
        throw new Refusal(
          'The database that DATABASE_URL names holds tables already. Make a new, empty one and name that. Nothing was changed.',
        );
    } finally {
      await client.end();
    }
    await fill(url, bin, dump, manifest);
  });
}

/** @param scratch a folder that may be written: where the backup lies may not */
async function opened({ file, known, scratch }, work) {
  if (!existsSync(file)) throw new Refusal(`There is no file ${file}.`);
  haveFolder(scratch);
  const folder = mkdtempSync(join(scratch, '.opening-'));
  try {
    await unpack(file, folder);
    const manifest = readManifest(file, join(folder, MANIFEST));
    const unknown = manifest.migrations.filter((at) => !known.includes(at));
    if (unknown.length > 0)
      throw new Refusal(
        `${file} was made by a newer Near Spoke (${manifest.version}): restore it with that one. Nothing was changed.`,
      );
    await refuseDamaged(file, folder, manifest);
    await work(manifest, join(folder, DUMP));
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function readManifest(file, path) {
  try {
    const manifest = JSON.parse(readFileSync(path, 'utf8'));
    if (manifest.format === FORMAT && manifest.formatVersion <= FORMAT_VERSION) return manifest;
  } catch {
    // No manifest that can be read: no backup.
  }
  throw new Refusal(`${file} is not a backup that this program can read. Nothing was changed.`);
}

/** @throws Refusal where what was restored is not, row by row, what was backed up */
async function fill(url, bin, dump, manifest) {
  const env = programEnv(url);
  const code = await run(
    join(bin, 'pg_restore'),
    ['--no-owner', '--exit-on-error', '--single-transaction', `--dbname=${env.PGDATABASE}`, dump],
    { env },
  );
  if (code !== 0) throw new Refusal('The backup could not be restored: see what was said above.');
  const client = await connect(url);
  try {
    const differ = differences(manifest.tables, await measureTables(client));
    if (differ.length > 0)
      throw new Refusal(
        `What was restored is not what was backed up: ${differ.join(', ')} differ.`,
      );
    await client.query('analyze');
  } finally {
    await client.end();
  }
}
