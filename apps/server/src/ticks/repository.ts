import type { Tick, tickInput } from '@near-spoke/contract';
import { and, asc, eq, inArray, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { only } from '../db/only';
import { links, ticks } from '../db/schema';
import { refuseOtherFact } from '../http/same-fact';

type Row = typeof ticks.$inferSelect;

function toTick({ seq: _, receivedAt: __, at, ...row }: Row): Tick {
  return { ...row, at: at.toISOString() };
}

export async function listTicks(db: Database, linkId: string): Promise<Tick[]> {
  const rows = await db
    .select()
    .from(ticks)
    .where(eq(ticks.linkId, linkId))
    .orderBy(asc(ticks.at), asc(ticks.seq));
  return rows.map(toTick);
}

export async function ticksOfLinks(
  db: Database,
  linkIds: readonly string[],
): Promise<Map<string, Tick[]>> {
  if (linkIds.length === 0) return new Map();
  const rows = await db
    .select()
    .from(ticks)
    .where(inArray(ticks.linkId, [...linkIds]))
    .orderBy(asc(ticks.at), asc(ticks.seq));
  return byLink(rows);
}

/** The ticks of all links of a site. */
export async function ticksOfSite(db: Database, siteId: string): Promise<Map<string, Tick[]>> {
  const rows = await db
    .select({ tick: ticks })
    .from(ticks)
    .innerJoin(links, and(eq(links.id, ticks.linkId), isNull(links.deletedAt)))
    .where(eq(links.siteId, siteId))
    .orderBy(asc(ticks.at), asc(ticks.seq));
  return byLink(rows.map(({ tick }) => tick));
}

function byLink(rows: readonly Row[]): Map<string, Tick[]> {
  const found = new Map<string, Tick[]>();
  for (const row of rows) {
    const list = found.get(row.linkId) ?? [];
    list.push(toTick(row));
    found.set(row.linkId, list);
  }
  return found;
}

/** Keeps a tick. Sent again with the same id, it is the same tick: a retry is harmless. */
export async function addTick(
  db: Database,
  linkId: string,
  input: z.output<typeof tickInput>,
): Promise<Tick> {
  const id = input.id ?? v7();
  const at = input.at ? new Date(input.at) : new Date();
  await db
    .insert(ticks)
    .values({ ...input, id, linkId, at })
    .onConflictDoNothing({ target: ticks.id });
  const [row] = await db.select().from(ticks).where(eq(ticks.id, id));
  const stored = toTick(only(row));
  refuseOtherFact(
    [stored.linkId, stored.end, stored.key, stored.done, stored.measuredMm, stored.cause],
    [linkId, input.end, input.key, input.done, input.measuredMm, input.cause],
    stored,
  );
  return stored;
}
