import type { PriceListAnswer } from '@near-spoke/contract/prices';
import type { Catalogue } from '@near-spoke/core/catalogue';
import { parsePriceList, type PriceList } from '@near-spoke/core/plan/prices';
import { BESIDE } from '@near-spoke/core/terminate';
import { eq, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { notes } from '../db/schema';

const NAME = 'price-list';
const NONE: PriceList = { currency: '', prices: [], unknown: [] };

/** Keeps a list as it was written, in place of the one before. */
export async function keepList(db: Database, csv: string): Promise<void> {
  await db
    .insert(notes)
    .values({ name: NAME, value: csv })
    .onConflictDoUpdate({ target: notes.name, set: { value: csv, at: sql`now()` } });
}

/** The list that is kept, read by the catalogue as it is now. */
export async function keptList(
  db: Database,
  catalogue: Catalogue,
): Promise<{ readonly list: PriceList; readonly at: Date | null }> {
  const [row] = await db.select().from(notes).where(eq(notes.name, NAME));
  const parsed = row ? parsePriceList(row.value, catalogue, BESIDE) : null;
  return parsed?.ok ? { list: parsed.list, at: row?.at ?? null } : { list: NONE, at: null };
}

/** @param nameOf a part that is no row of the catalogue */
export const asAnswer = (
  { list: { currency, prices, unknown }, at }: Awaited<ReturnType<typeof keptList>>,
  nameOf: (part: string) => string,
): PriceListAnswer => ({
  currency,
  at: at?.toISOString() ?? null,
  prices: prices.map((price) => ({ ...price, name: nameOf(price.part) })),
  unknown: [...unknown],
});
