import { createHash } from 'node:crypto';
import { zip, type AsyncZippable } from 'fflate';

/** Texts shrink; what is packed already does not. */
const PACKED = /\.(jpe?g|png|gz|pdf)$/i;

/** A name that every file system takes, and no other file of the archive has. */
export function ownName(taken: Set<string>, folder: string, name: string, ending: string): string {
  const plain =
    name
      .normalize('NFC')
      .replace(/[^\p{L}\p{N}._-]+/gu, '-')
      .replace(/^[-.]+|[-.]+$/g, '')
      .slice(0, 80) || 'file';
  for (let number = 1; ; number += 1) {
    const full = `${folder}/${plain}${number === 1 ? '' : `-${number}`}${ending}`;
    if (taken.has(full.toLowerCase())) continue;
    taken.add(full.toLowerCase());
    return full;
  }
}

/** Files as one archive, with the SHA-256 of each in manifest.json. */
export function archiveOf(files: ReadonlyMap<string, Uint8Array>): Promise<Uint8Array> {
  const manifest = [...files].map(([name, bytes]) => ({
    name,
    bytes: bytes.length,
    sha256: createHash('sha256').update(bytes).digest('hex'),
  }));
  const all: AsyncZippable = Object.fromEntries(
    [...files].map(([name, bytes]) => [name, [bytes, { level: PACKED.test(name) ? 0 : 6 }]]),
  );
  all['manifest.json'] = new TextEncoder().encode(JSON.stringify({ files: manifest }, null, 2));
  return new Promise((resolve, reject) => {
    zip(all, (error, bytes) => {
      if (error) reject(error);
      else resolve(bytes);
    });
  });
}
