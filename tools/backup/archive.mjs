import { createHash } from 'node:crypto';
import { createReadStream, statSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from '../refusal.mjs';
import { must, output } from '../run.mjs';

export const MANIFEST = 'manifest.json';
export const DUMP = 'database.dump';
export const FORMAT = 'near-spoke-backup';
export const FORMAT_VERSION = 1;

/** A file's length and SHA-256, read piece by piece. */
export async function fingerprint(file) {
  const hash = createHash('sha256');
  for await (const piece of createReadStream(file)) hash.update(piece);
  return { bytes: statSync(file).size, sha256: hash.digest('hex') };
}

/** Debian's own tar: a backup can be looked into, and taken apart, without us. */
export const pack = (file, folder) =>
  must('Writing the backup', 'tar', ['-cf', file, '-C', folder, MANIFEST, DUMP]);

/** @throws Refusal where the file is no backup, or not a whole one */
export async function unpack(file, folder) {
  const unpacked = await output('tar', [
    '-xf',
    file,
    '-C',
    folder,
    '--no-same-owner',
    MANIFEST,
    DUMP,
  ]);
  if (unpacked === null)
    throw new Refusal(
      `${file} is not a backup of Near Spoke, or not a whole one. Nothing was changed.`,
    );
}

/** @throws Refusal where a file is not what the manifest says */
export async function refuseDamaged(file, folder, { files }) {
  const found = await fingerprint(join(folder, DUMP));
  const meant = files?.[DUMP];
  if (found.bytes !== meant?.bytes || found.sha256 !== meant?.sha256)
    throw new Refusal(
      `${file} is damaged: its database is not the one that was backed up. Use another backup. Nothing was changed.`,
    );
}
