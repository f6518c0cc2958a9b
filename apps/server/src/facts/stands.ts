import { sql, type AnyColumn, type SQL } from 'drizzle-orm';
import { facts } from '../db/schema';

/** Whether nobody has taken a fact back. */
export const stands = (id: AnyColumn): SQL =>
  sql`not exists (select 1 from ${facts} where ${facts.voids} = ${id})`;
