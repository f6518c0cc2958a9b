import './plain-errors.mjs';
import { join } from 'node:path';
import { checkNode, ensureModules, ensurePostgres } from './install.mjs';
import { startCluster } from './cluster/index.mjs';
import { makeBackup } from './backup/make-backup.mjs';
import { BACKUPS, backupsKept, programVersion } from './backup/settings.mjs';
import { DATA } from './paths.mjs';
import { tell } from './refusal.mjs';
import { say } from './run.mjs';
import { whoIsRunning } from './running.mjs';

// npm run backup [-- FOLDER]: writes a backup, while the server runs or not.
try {
  checkNode();
  await ensureModules();
  const running = whoIsRunning();
  const bin = running?.bin ?? (await ensurePostgres());
  const own = process.env['DATABASE_URL'] ?? running?.databaseUrl;
  const cluster = own ? null : await startCluster({ folder: join(DATA, 'postgres'), bin });
  try {
    const file = await makeBackup({
      url: own ?? cluster.url,
      bin: cluster?.bin ?? bin,
      folder: process.argv[2] ?? BACKUPS,
      version: programVersion(),
      keep: Math.max(1, backupsKept()),
    });
    say(`The backup is in ${file}.`);
  } finally {
    await cluster?.stop();
  }
} catch (error) {
  tell(error);
  process.exit(1);
}
