import type { Instrument, InstrumentKind, instrumentInput } from '@near-spoke/contract/instruments';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { instruments } from '../db/schema';
import { invalid, notFound } from '../http/problem-error';
import { sameChange } from '../http/same-change';
import { sameCreate } from '../http/same-create';

/** An instrument without what it calls itself, which only asking it tells. */
export type KnownInstrument = Omit<Instrument, 'answers'>;

type Row = typeof instruments.$inferSelect;

const toInstrument = ({
  id,
  kind,
  name,
  host,
  port,
  confirmedAt,
  version,
}: Row): KnownInstrument => ({
  id,
  kind,
  name,
  host,
  port,
  confirmed: confirmedAt !== null,
  named: false,
  version,
});

const live = isNull(instruments.deletedAt);

export async function listInstruments(db: Database): Promise<KnownInstrument[]> {
  const rows = await db.select().from(instruments).where(live).orderBy(asc(instruments.createdAt));
  return rows.map(toInstrument);
}

/** Enters an instrument. The same id and content again give the one that is there: a retry is harmless. */
export async function createInstrument(
  db: Database,
  { id = v7(), ...input }: z.output<typeof instrumentInput>,
): Promise<KnownInstrument> {
  const [made] = await db
    .insert(instruments)
    .values({ ...input, id })
    .onConflictDoNothing({ target: instruments.id })
    .returning();
  if (made) return toInstrument(made);
  const [row] = await db.select().from(instruments).where(eq(instruments.id, id));
  if (!row) throw notFound('instrument');
  return sameCreate('instrument', toInstrument(row), input, row.deletedAt !== null);
}

/** From now on it may be spoken to, where its address is the one that was read. */
export async function confirmInstrument(
  db: Database,
  id: string,
  { host, port }: { readonly host: string; readonly port: number },
): Promise<KnownInstrument> {
  const row = await getRow(db, id);
  if (row.host !== host || row.port !== port)
    throw invalid([{ path: row.host === host ? 'port' : 'host', reason: 'is not its address' }]);
  if (row.confirmedAt !== null) return toInstrument(row);
  await db
    .update(instruments)
    .set({ confirmedAt: new Date(), version: sql`${instruments.version} + 1` })
    .where(and(eq(instruments.id, id), live, isNull(instruments.confirmedAt)));
  return toInstrument(await getRow(db, id));
}

export async function removeInstrument(db: Database, id: string, version: number): Promise<void> {
  const [gone] = await db
    .update(instruments)
    .set({ deletedAt: new Date(), version: sql`${instruments.version} + 1` })
    .where(and(eq(instruments.id, id), eq(instruments.version, version), live))
    .returning({ id: instruments.id });
  if (gone) return;
  const [row] = await db.select().from(instruments).where(eq(instruments.id, id));
  if (!row) throw notFound('instrument');
  if (row.deletedAt === null) sameChange('instrument', toInstrument(row), version, { version: -1 });
}

async function getRow(db: Database, id: string): Promise<Row> {
  const [row] = await db
    .select()
    .from(instruments)
    .where(and(eq(instruments.id, id), live));
  if (!row) throw notFound('instrument');
  return row;
}

/** Those that were named where the server was started. */
export const namedInstruments = (
  kind: InstrumentKind,
  addresses: readonly { readonly host: string; readonly port: number }[],
): KnownInstrument[] =>
  addresses.map(({ host, port }, index) => ({
    id: `${kind}-${index + 1}`,
    kind,
    name: '',
    host,
    port,
    confirmed: true,
    named: true,
    version: 1,
  }));
