import { randomBytes } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readFileSync,
  renameSync,
  rmSync,
  rmdirSync,
  writeFileSync,
} from 'node:fs';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { askToGoOn } from '../ask.mjs';
import { Refusal } from '../refusal.mjs';
import { must, say } from '../run.mjs';
import { lookAtFolder, refuseBroken } from './folder-state.mjs';
import { programsFor } from './programs.mjs';

export const USER = 'near_spoke';

/**
 * The cluster in a folder, made there if there is none. What is there already is never removed: what is not
 * understood is moved aside at most, if a person says so.
 *
 * @returns the password, and the programs that the cluster runs by
 */
export async function haveCluster(folder, data, bin, as) {
  const found = lookAtFolder(folder);
  switch (found.kind) {
    case 'intact': {
      const own = programsFor(found.version, data, bin);
      await refuseBroken(data, own, as);
      return { password: found.password, bin: own };
    }
    case 'locked-out': {
      const own = programsFor(found.version, data, bin);
      await refuseBroken(data, own, as);
      return { password: await newPassword(folder, data, own, as, found.missing), bin: own };
    }
    case 'strange':
      await moveAside(data, found.missing);
      return { password: await makeCluster(folder, data, bin, as), bin };
    default:
      return { password: await makeCluster(folder, data, bin, as), bin };
  }
}

/** Moves something out of the way, under a name that says when. */
export function aside(path, why) {
  const to = `${path}.${why}-${new Date().toISOString().replace(/[:.]/g, '')}`;
  renameSync(path, to);
  return to;
}

async function moveAside(data, missing) {
  await askToGoOn(
    `${data} holds files but no whole database: ${missing} is missing. It can be moved aside, and a new, empty database made.`,
    {
      otherwise:
        'Look at what it is. If it can go, move it away yourself, or start in a terminal and say so. Nothing was changed.',
    },
  );
  say(`Moved aside to ${aside(data, 'aside')}.`);
}

function writeSecret(file, password, as) {
  const part = `${file}.part`;
  writeFileSync(part, password, { mode: 0o600 });
  as.own(part);
  renameSync(part, file);
}

const freshPassword = () => randomBytes(18).toString('base64url');

/** Made beside its place and moved there whole: a start that is cut off leaves no half of a cluster. */
async function makeCluster(folder, data, bin, as) {
  const secret = join(folder, 'password');
  const password = existsSync(secret)
    ? readFileSync(secret, 'utf8').trim() || freshPassword()
    : freshPassword();
  writeSecret(secret, password, as);
  const making = `${data}.making`;
  // Never held anything: it becomes the data only once it is whole.
  rmSync(making, { recursive: true, force: true });
  const [command, ...first] = [...as.prefix, join(bin, 'initdb')];
  const args = ['-D', making, '-U', USER, '--auth=scram-sha-256', `--pwfile=${secret}`];
  try {
    await must(
      'Making the database',
      command,
      [...first, ...args, '-E', 'UTF8', '--locale=C.UTF-8'],
      { stdio: ['ignore', 'ignore', 'inherit'], cwd: '/' },
    );
  } catch {
    rmSync(making, { recursive: true, force: true });
    throw new Refusal(
      `No database can be made in ${folder}: see what was said above. Is there room on its disk, and may it be written?`,
    );
  }
  // An empty folder, or none.
  if (existsSync(data)) rmdirSync(data);
  renameSync(making, data);
  return password;
}

/** A new password for an intact cluster, set by its owner without a server that others could reach. */
async function newPassword(folder, data, bin, as, missing) {
  const password = freshPassword();
  const [command, ...first] = [...as.prefix, join(bin, 'postgres')];
  const child = spawn(command, [...first, '--single', '-D', data, 'postgres'], {
    stdio: ['pipe', 'ignore', 'pipe'],
    cwd: '/',
  });
  let said = '';
  child.stderr.on('data', (chunk) => (said += chunk));
  child.stdin.end(`ALTER ROLE ${USER} PASSWORD '${password}'\n`);
  const code = await new Promise((resolve) => {
    child.once('error', () => resolve(1));
    child.once('close', resolve);
  });
  if (code !== 0 || /ERROR|FATAL/.test(said))
    throw new Refusal(
      `${missing} is missing, and no new password could be set for the database in ${data}. Nothing was changed. ${said.trim().split('\n').at(-1) ?? ''}`,
    );
  mkdirSync(folder, { recursive: true });
  writeSecret(join(folder, 'password'), password, as);
  say(`${missing} was missing: the database is whole, and has a new password now.`);
  return password;
}
