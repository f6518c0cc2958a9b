import {
  linkSync,
  mkdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { STATE } from './paths.mjs';
import { beganAt, isAlive } from './process-table.mjs';
import { Refusal } from './refusal.mjs';
import { say } from './run.mjs';

const LOOK_EVERY_MS = 300;
/** A lock that names nobody was left by something that was cut off while writing it; younger than this, it may be just being written. */
const UNREADABLE_MS = 3000;

/** Runs work while no other process of this checkout runs work under the same name. */
export async function withLock(name, work, folder = STATE) {
  const file = join(folder, `${name}.lock`);
  mkdirSync(folder, { recursive: true });
  for (let waited = false; !take(file); waited = true) {
    const owner = ownerOf(file);
    if (owner.kind === 'gone') continue;
    if (owner.kind === 'stale') dropStale(file, owner.text);
    else {
      if (!waited)
        say(
          owner.kind === 'unreadable'
            ? `Waiting for ${file}, which names nobody.`
            : `Waiting for another ${name} of this checkout (process ${owner.pid}).`,
        );
      await sleep(LOOK_EVERY_MS);
    }
  }
  try {
    return await work();
  } finally {
    rmSync(file, { force: true });
  }
}

/** Written whole under another name first: a lock is there with its owner, or not at all. */
function take(file) {
  const mine = `${file}.${process.pid}`;
  writeFileSync(mine, JSON.stringify({ pid: process.pid, began: beganAt(process.pid) }));
  try {
    linkSync(mine, file);
    return true;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
    return false;
  } finally {
    rmSync(mine, { force: true });
  }
}

function ownerOf(file) {
  let text;
  let age;
  try {
    text = readFileSync(file, 'utf8');
    age = Date.now() - statSync(file).mtimeMs;
  } catch (error) {
    if (error.code === 'ENOENT') return { kind: 'gone' };
    throw new Refusal(`${file} can’t be read (${error.code}). Who made it has to remove it.`);
  }
  const { pid, began } = readOwner(text);
  if (!(pid > 0)) return { kind: age > UNREADABLE_MS ? 'stale' : 'unreadable', text };
  const lives = isAlive(pid) && (began === '' || beganAt(pid) === began);
  return { kind: lives ? 'held' : 'stale', pid, text };
}

/** The owner that a lock names; an older one holds the number alone. */
function readOwner(text) {
  try {
    const { pid, began = '' } = JSON.parse(text);
    return { pid: Number(pid), began: String(began) };
  } catch {
    return { pid: Number(text.trim() || 'nobody'), began: '' };
  }
}

/** Moves a stale lock out of the way, unless another has taken it since it was looked at. */
function dropStale(file, text) {
  const aside = `${file}.stale.${process.pid}`;
  try {
    renameSync(file, aside);
    if (readFileSync(aside, 'utf8') !== text) linkSync(aside, file);
  } catch (error) {
    if (error.code !== 'ENOENT' && error.code !== 'EEXIST')
      throw new Refusal(
        `${file} was left by a process that is gone, and can’t be removed (${error.code}). Remove it.`,
      );
  } finally {
    rmSync(aside, { force: true });
  }
}
