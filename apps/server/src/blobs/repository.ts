import { createHash } from 'node:crypto';
import type { Blob } from '@near-spoke/contract';
import { eq, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { blobs, facts, links } from '../db/schema';
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

/** Files by their SHA-256; one that is not here is not among them. */
export async function blobsOf(
  db: Database,
  hashes: readonly string[],
): Promise<ReadonlyMap<string, Buffer>> {
  const files = await filesOf(db, hashes);
  return new Map([...files].map(([sha256, { bytes }]) => [sha256, bytes]));
}

/** The same with what each of them is. */
export async function filesOf(
  db: Database,
  hashes: readonly string[],
): Promise<ReadonlyMap<string, { readonly bytes: Buffer; readonly type: string }>> {
  const rows = await db
    .select()
    .from(blobs)
    .where(sql`${blobs.sha256} = any(${sql.param([...hashes])}::text[])`);
  return new Map(rows.map((row) => [row.sha256, row]));
}

/** How much the files take that plans of a site, and photos and traces of its links, name, each once. */
export async function fileBytes(db: Database, siteId: string): Promise<number> {
  const [row] = await db
    .select({ bytes: sql<number>`coalesce(sum(octet_length(${blobs.bytes})), 0)::float8` })
    .from(blobs)
    .where(
      sql`${blobs.sha256} in (
        select ${facts.body} ->> 'blob' from ${facts}
        join ${links} on ${links.id} = ${facts.subject}
        where ${links.siteId} = ${siteId} and ${facts.kind} in ('photo', 'trace')
        union select ${facts.body} -> 'deed' ->> 'blob' from ${facts}
        where ${facts.subject} = ${siteId} and ${facts.kind} = 'drawing')`,
    );
  return row?.bytes ?? 0;
}

/** How files of pictures that every browser and our PDFs can show begin: ISO/IEC 10918-1, ISO/IEC 15948. */
const PICTURES = ['ffd8ff', '89504e470d0a1a0a'];

/**
 * Refuses what names a file that is no picture, or is not here.
 *
 * @throws ProblemError 422
 */
export async function refuseNoPicture(db: Database, sha256: string): Promise<void> {
  await refuseUnknownBlob(db, sha256);
  const [row] = await db
    .select({ begins: sql<string>`encode(substring(${blobs.bytes} from 1 for 8), 'hex')` })
    .from(blobs)
    .where(eq(blobs.sha256, sha256));
  if (!PICTURES.some((begins) => row?.begins.startsWith(begins)))
    refuse([{ path: 'blob', reason: 'is no picture: a JPEG or PNG is needed' }]);
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
