import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from '../refusal.mjs';

const BASE = '/usr/lib/postgresql';

/** The versions of PostgreSQL that Debian’s packages have brought, the newest first. */
export function installedVersions() {
  if (!existsSync(BASE)) return [];
  return readdirSync(BASE)
    .filter((name) => existsSync(join(BASE, name, 'bin/postgres')))
    .sort((a, b) => Number(b) - Number(a));
}

export const programsOf = (version) => join(BASE, version, 'bin');

/** The newest PostgreSQL programs of Debian's packages, or null. */
export function findPostgres() {
  const [newest] = installedVersions();
  return newest ? programsOf(newest) : null;
}

/** The programs that a cluster was made by: others refuse its files. */
export function programsFor(version, data, fallback) {
  const versions = installedVersions();
  if (versions.includes(version)) return programsOf(version);
  // Named programs that are not Debian's: they say themselves what they can’t read.
  if (versions.length === 0) return fallback;
  throw new Refusal(
    `The database in ${data} was made by PostgreSQL ${version}, and this machine has ${versions.join(' and ')}. ` +
      `Install Debian’s package postgresql-${version}, or restore a backup into a new one (npm run restore). Nothing was changed.`,
  );
}
