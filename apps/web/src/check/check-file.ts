import { bytesOf, signedIn } from '@near-spoke/core/handover';

/** What can be told of a file and a key. */
export type Checked = 'right' | 'changed' | 'otherKey' | 'notSigned' | 'cannot';

const ED25519 = { name: 'Ed25519' };

/**
 * Whether a file is as it was when it was signed.
 *
 * @param firm the firm's key, in hexadecimal: whoever else has signed says nothing
 */
export async function checkFile(file: Uint8Array<ArrayBuffer>, firm: string): Promise<Checked> {
  const signed = signedIn(file);
  if (!signed) return 'notSigned';
  const { key, signature, body } = signed;
  try {
    const known = await crypto.subtle.importKey('raw', bytesOf(key), ED25519, false, ['verify']);
    const isWhole = await crypto.subtle.verify(ED25519, known, signature, body);
    if (!isWhole) return 'changed';
    return key === firm ? 'right' : 'otherKey';
  } catch {
    return 'cannot';
  }
}
