/** What stands before key and signature: a comment to whoever reads a PDF. */
const HEAD = '%Signed-Ed25519 ';
const KEY_LENGTH = 64;
const SIGNATURE_LENGTH = 128;
const PATTERN = /^%Signed-Ed25519 key=([0-9a-f]{64}) signature=([0-9a-f]{128})\n$/;

/** Always as long, so that what says how long it is can be signed too. */
export const TRAILER_LENGTH =
  HEAD.length + 'key='.length + KEY_LENGTH + ' signature='.length + SIGNATURE_LENGTH + 1;

/** Who has signed, and what they have signed. */
export interface Signed {
  /** The public key, 32 bytes as hexadecimal digits. */
  readonly key: string;
  readonly signature: Uint8Array<ArrayBuffer>;
  /** All that comes before the trailer. */
  readonly body: Uint8Array<ArrayBuffer>;
}

/**
 * The last line of a signed file, in ASCII: an Ed25519 signature (RFC 8032) of every byte before it. A PDF
 * takes it as a comment after its end, an archive as its own comment.
 */
export function trailerOf(key: string, signature: Uint8Array): string {
  const trailer = `${HEAD}key=${key} signature=${hexOf(signature)}\n`;
  if (!PATTERN.test(trailer)) throw new Error('A key or signature of another length');
  return trailer;
}

/** A file that ends with a trailer, taken apart; null of one that does not. */
export function signedIn(file: Uint8Array<ArrayBuffer>): Signed | null {
  const at = file.length - TRAILER_LENGTH;
  if (at < 0) return null;
  const [, key, signature] =
    PATTERN.exec(new TextDecoder('latin1').decode(file.subarray(at))) ?? [];
  return key !== undefined && signature !== undefined
    ? { key, signature: bytesOf(signature), body: file.subarray(0, at) }
    : null;
}

export const hexOf = (bytes: Uint8Array): string =>
  [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');

export const bytesOf = (hex: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from({ length: hex.length / 2 }, (_, n) => parseInt(hex.slice(2 * n, 2 * n + 2), 16));

/** So many of a key's digits are read out and compared: half of them. */
const READ_OUT = 32;

/** A key as people compare it, in fours. */
export const spokenKey = (key: string): string =>
  (key.slice(0, READ_OUT).toUpperCase().match(/.{4}/g) ?? []).join(' ');
