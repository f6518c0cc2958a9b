/** Settings under which a row is always written the same way as text. */
const PLAIN = ["set timezone = 'UTC'", "set datestyle = 'ISO, YMD'", 'set extra_float_digits = 1'];

const quoted = (name) => `"${name.replaceAll('"', '""')}"`;

/**
 * How many rows each table holds, and a sum over all of them that does not go by their order: the same in a
 * database that was restored, or something was lost on the way.
 */
export async function measureTables(client) {
  for (const setting of PLAIN) await client.query(setting);
  const { rows: tables } = await client.query(
    `select schemaname as schema, tablename as name from pg_tables
     where schemaname in ('public', 'drizzle') order by 1, 2`,
  );
  const measured = {};
  for (const { schema, name } of tables) {
    const { rows } = await client.query(
      `select count(*)::text as rows,
              coalesce(sum(('x' || substr(md5(t::text), 1, 15))::bit(60)::bigint::numeric), 0)::text as sum
       from ${quoted(schema)}.${quoted(name)} t`,
    );
    measured[`${schema}.${name}`] = rows[0];
  }
  return measured;
}

/** Tables that differ between two measurements. */
export function differences(one, other) {
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].filter(
    (name) => one[name]?.rows !== other[name]?.rows || one[name]?.sum !== other[name]?.sum,
  );
}
