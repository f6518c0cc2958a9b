import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { STATE } from './paths.mjs';
import { Refusal } from './refusal.mjs';

const FILE = join(STATE, 'known-data.json');

function known() {
  try {
    const list = JSON.parse(readFileSync(FILE, 'utf8'));
    return Array.isArray(list) ? list : [];
  } catch {
    return [];
  }
}

/**
 * Refuses to begin anew where a database was at an earlier start and is no more: its disk may just not be
 * there.
 *
 * @param folder of the data
 */
export function refuseMissing(folder) {
  if (!known().includes(folder) || existsSync(join(folder, 'postgres/data'))) return;
  throw new Refusal(
    `${join(folder, 'postgres/data')}, where the database was at an earlier start, is not there. Is its disk connected? ` +
      `If it is gone, restore a backup; to begin anew, take the folder out of ${FILE}. Nothing was changed.`,
  );
}

export function rememberData(folder) {
  const all = known();
  if (!all.includes(folder)) write([...all, folder]);
}

/** Of data that were made to be thrown away. */
export function forgetData(under) {
  const all = known();
  const left = all.filter((folder) => !folder.startsWith(join(under, '/')));
  if (left.length < all.length) write(left);
}

function write(folders) {
  mkdirSync(STATE, { recursive: true });
  writeFileSync(FILE, JSON.stringify(folders, null, 2));
}
