import { createHash } from 'node:crypto';
import type { Blob } from '@near-spoke/contract';
import { eq, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { blobs } from '../db/schema';
import { notFound, refuse } from '../http/problem-error';

/** Keeps a file; one that is there already is kept once. */
export async function keepBlob(db: Database, file: Uint8Array, type: string): Promise<Blob> {
  const sha256 = createHash('sha256').update(file).digest('hex');
  await db
    .insert(blobs)
    .values({ sha256, type, bytes: Buffer.from(file.buffer, file.byteOffset, file.length) })
    .onConflictDoNothing();
  return { sha256, type, bytes: file.length };
}

export async function getBlob(db: Database, sha256: string) {
  const [row] = await db.select().from(blobs).where(eq(blobs.sha256, sha256));
  if (!row) throw notFound('file');
  return row;
}

/**
 * Refuses what names a file that is not here.
 *
 * @throws ProblemError 422
 */
export async function refuseUnknownBlob(db: Database, sha256: string): Promise<void> {
  const [row] = await db
    .select({ there: sql`1` })
    .from(blobs)
    .where(eq(blobs.sha256, sha256));
  if (!row)
    refuse([{ path: 'blob', reason: 'is no file that is kept: send it to /api/blobs first' }]);
}
