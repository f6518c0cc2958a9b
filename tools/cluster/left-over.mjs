import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { commandLine, isAlive } from '../process-table.mjs';
import { Refusal } from '../refusal.mjs';
import { aside } from './make-cluster.mjs';

const PATIENCE_MS = 30_000;

/** Ends a server that an earlier start left on this data, if its guard was killed too. */
export async function stopLeftOver(data) {
  const file = join(data, 'postmaster.pid');
  const pid = existsSync(file) ? Number(readFileSync(file, 'utf8').split('\n')[0]) : 0;
  if (!(pid > 0) || !isAlive(pid)) return;
  const command = commandLine(pid);
  // The number was given to another program since: PostgreSQL would take that one for its server.
  if (!/postgres/.test(command)) {
    aside(file, 'stale');
    return;
  }
  const isOurs = () => isAlive(pid) && commandLine(pid).includes(data);
  if (!isOurs())
    throw new Refusal(
      `${file} names process ${pid}, another PostgreSQL (${command.slice(0, 120)}). If it does not use ${data}, remove that file. Nothing was changed.`,
    );
  for (let waited = 0; isOurs(); waited += 100) {
    // An orderly stop may be under way already: ask only after two seconds.
    if (waited === 2000) process.kill(pid, 'SIGINT');
    if (waited > PATIENCE_MS)
      throw new Refusal(`A PostgreSQL server (process ${pid}) still uses ${data}. Stop it.`);
    await sleep(100);
  }
}
