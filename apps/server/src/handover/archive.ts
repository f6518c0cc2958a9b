import { createHash } from 'node:crypto';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';

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

/**
 * Files packed into one archive as they come, so that none of them is held longer; the SHA-256 of each stands
 * in manifest.json, the last of them.
 */
export class Archive {
  private readonly chunks: Uint8Array[] = [];
  private readonly manifest: { name: string; bytes: number; sha256: string }[] = [];
  private readonly zip = new Zip((error, chunk) => {
    if (error) throw error;
    this.chunks.push(chunk);
  });

  add(name: string, bytes: Uint8Array): void {
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    this.manifest.push({ name, bytes: bytes.length, sha256 });
    this.pack(name, bytes);
  }

  /** All of it; nothing is added afterwards. */
  end(): Buffer {
    const text = JSON.stringify({ files: this.manifest }, null, 2);
    this.pack('manifest.json', new TextEncoder().encode(text));
    this.zip.end();
    return Buffer.concat(this.chunks);
  }

  private pack(name: string, bytes: Uint8Array): void {
    const file = PACKED.test(name) ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });
    this.zip.add(file);
    file.push(bytes, true);
  }
}
