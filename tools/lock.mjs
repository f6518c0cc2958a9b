import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { STATE } from './paths.mjs';
import { say } from './run.mjs';

export function isAlive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
}

/** Runs work while no other process of this checkout runs work under the same name. */
export async function withLock(name, work) {
  const file = join(STATE, `${name}.lock`);
  mkdirSync(STATE, { recursive: true });
  for (let waited = false; ; waited = true) {
    try {
      writeFileSync(file, String(process.pid), { flag: 'wx' });
      break;
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
      let owner = 0;
      try {
        owner = Number(readFileSync(file, 'utf8'));
      } catch {
        continue;
      }
      if (owner > 0 && !isAlive(owner)) rmSync(file, { force: true });
      else if (!waited) say(`Waiting for another ${name} of this checkout (process ${owner}).`);
      await sleep(300);
    }
  }
  try {
    return await work();
  } finally {
    rmSync(file, { force: true });
  }
}
