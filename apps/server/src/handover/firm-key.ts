import { createPrivateKey, createPublicKey, generateKeyPairSync, sign } from 'node:crypto';
import { hexOf, spokenKey } from '@near-spoke/core/handover';
import type { FirmKey } from '@near-spoke/contract/handover';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { notes } from '../db/schema';

const NAME = 'firm-key';
/** An Ed25519 key in SubjectPublicKeyInfo is its last 32 bytes: RFC 8410. */
const KEY_BYTES = 32;

/** Who signs: the public key, and what puts a signature under bytes. */
export interface Signer extends FirmKey {
  readonly sign: (bytes: Uint8Array) => Uint8Array;
}

/** The firm's own key: made once, and kept in its database, so that a backup holds it too. */
export async function firmKey(db: Database): Promise<Signer> {
  const { privateKey } = generateKeyPairSync('ed25519');
  const made = privateKey.export({ type: 'pkcs8', format: 'der' }).toString('base64');
  await db.insert(notes).values({ name: NAME, value: made }).onConflictDoNothing();
  const [row] = await db.select().from(notes).where(eq(notes.name, NAME));
  const kept = createPrivateKey({
    key: Buffer.from(row?.value ?? made, 'base64'),
    type: 'pkcs8',
    format: 'der',
  });
  const spki = createPublicKey(kept).export({ type: 'spki', format: 'der' });
  const key = hexOf(spki.subarray(-KEY_BYTES));
  return { key, spoken: spokenKey(key), sign: (bytes) => sign(null, bytes, kept) };
}
