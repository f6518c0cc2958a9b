import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from '../refusal.mjs';
import { output } from '../run.mjs';

/**
 * What a folder for a cluster holds:
 * - empty: nothing yet
 * - intact: a cluster and the password to it
 * - locked-out: a cluster whose password file is lost
 * - strange: something that is no cluster, or only a part of one
 */
export function lookAtFolder(folder) {
  const data = join(folder, 'data');
  const secret = join(folder, 'password');
  if (!existsSync(data) || readdirSync(data).length === 0) return { kind: 'empty' };
  const version = readIfThere(join(data, 'PG_VERSION')).trim();
  const control = join(data, 'global/pg_control');
  if (version === '' || !existsSync(control))
    return {
      kind: 'strange',
      missing: version === '' ? join(data, 'PG_VERSION') : control,
    };
  const password = readIfThere(secret).trim();
  return password === ''
    ? { kind: 'locked-out', version, missing: secret }
    : { kind: 'intact', version, password };
}

function readIfThere(file) {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    if (error.code === 'ENOENT') return '';
    throw new Refusal(`${file} can’t be read (${error.code}). Nothing was changed.`);
  }
}

/** @throws Refusal where the cluster’s own description of itself is broken */
export async function refuseBroken(data, bin, as) {
  const file = join(data, 'global/pg_control');
  const [command, ...first] = [...as.prefix, join(bin, 'pg_controldata')];
  const told = await output(command, [...first, '-D', data], {
    env: { ...process.env, LC_ALL: 'C' },
    cwd: '/',
  });
  if (
    told === null ||
    /checksum|CRC.*(not match|incorrect)|WARNING/i.test(told.split('\n')[0] ?? '')
  )
    throw new Refusal(
      `The database can’t be started: ${file} is broken. Its disk may be failing: copy ${data} away as it is, then restore a backup (npm run restore). Nothing was changed.`,
    );
}
