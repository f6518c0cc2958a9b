import './plain-errors.mjs';
import { join, resolve } from 'node:path';
import { checkNode, ensureModules, ensurePostgres } from './install.mjs';
import { restoreCluster, restoreDatabase } from './backup/restore-backup.mjs';
import { knownMigrations } from './backup/settings.mjs';
import { DATA } from './paths.mjs';
import { Refusal, tell } from './refusal.mjs';
import { say } from './run.mjs';
import { whoIsRunning } from './running.mjs';

// npm run restore FILE [-- --move-aside]: restores a backup; what was there before is moved aside.
try {
  const [file] = process.argv.slice(2).filter((word) => !word.startsWith('--'));
  if (!file) throw new Refusal('Say which backup: npm run restore FILE');
  const running = whoIsRunning();
  if (running)
    throw new Refusal(
      `Near Spoke runs on this data (${running.url}). Stop it first. Nothing was changed.`,
    );
  checkNode();
  await ensureModules();
  const bin = await ensurePostgres();
  const url = process.env['DATABASE_URL'];
  const known = knownMigrations();
  const backup = { file: resolve(process.env['INIT_CWD'] ?? '.', file), bin, known, scratch: DATA };
  if (url) await restoreDatabase({ ...backup, url });
  else
    await restoreCluster({
      ...backup,
      folder: join(DATA, 'postgres'),
      yes: process.argv.includes('--move-aside'),
    });
  say('The backup is restored, and every table is, row by row, what was backed up.');
} catch (error) {
  tell(error);
  process.exit(1);
}
