import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { haveFolder } from './have-folder.mjs';
import { DATA } from './paths.mjs';
import { beganAt, commandLine, isAlive } from './process-table.mjs';

const RUNNING = join(DATA, 'running.json');

/** What a start of this data tells others while it runs. */
export function noteRunning(facts) {
  haveFolder(DATA);
  writeFileSync(
    RUNNING,
    JSON.stringify({ pid: process.pid, began: beganAt(process.pid), ...facts }),
    {
      mode: 0o600,
    },
  );
}

export const forgetRunning = () => rmSync(RUNNING, { force: true });

/** The start that runs on this data now, or null. A note that can't be read, or of one that is gone, is none. */
export function whoIsRunning() {
  if (!existsSync(RUNNING)) return null;
  try {
    const noted = JSON.parse(readFileSync(RUNNING, 'utf8'));
    const lives =
      isAlive(noted.pid) &&
      commandLine(noted.pid).includes('start.mjs') &&
      (noted.began === undefined || beganAt(noted.pid) === noted.began);
    return lives ? noted : null;
  } catch {
    return null;
  }
}
