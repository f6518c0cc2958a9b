import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DATA, MIGRATIONS, ROOT } from '../paths.mjs';
import { Refusal } from '../refusal.mjs';

/** Where backups go: NEAR_SPOKE_BACKUPS, or beside the database. */
export const BACKUPS = process.env['NEAR_SPOKE_BACKUPS'] ?? join(DATA, 'backups');

const KEPT = 14;

/** How many nightly backups are kept; none at all are made with BACKUPS_KEPT=0. */
export function backupsKept() {
  const text = process.env['BACKUPS_KEPT'];
  const kept = text === undefined ? KEPT : Number(text);
  if (!Number.isInteger(kept) || kept < 0)
    throw new Refusal(
      `BACKUPS_KEPT is '${text}'; it must be a whole number, 0 for no nightly backups.`,
    );
  return kept;
}

/** When each migration of this program was written. */
export const knownMigrations = () =>
  JSON.parse(readFileSync(join(MIGRATIONS, 'meta/_journal.json'), 'utf8')).entries.map(
    ({ when }) => when,
  );

export const programVersion = () =>
  JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8')).version;
