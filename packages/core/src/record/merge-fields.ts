/** Fields of something that people edit, by name. */
export type Fields = Readonly<Record<string, unknown>>;

export interface Merged {
  /** What is to be written over what is stored. */
  readonly changes: Fields;
  /** Paths of fields that both have changed, each to something else: near.place. */
  readonly conflicts: readonly string[];
}

const isRecord = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two values are the same as data; the order of fields does not count. */
function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((row, index) => same(row, b[index]));
  if (!isRecord(a) || !isRecord(b)) return false;
  const names = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...names].every((name) => same(a[name], b[name]));
}

/**
 * Brings a change that was made of something older together with what others have made of it since, field by
 * field: who changed other fields wins with them too. A list counts as one value.
 *
 * @param base as it was when the change was begun
 * @param mine what was entered: all fields, or those that were changed
 * @param theirs as it is stored now
 */
export const mergeFields = (base: Fields, mine: Fields, theirs: Fields): Merged =>
  merge(base, mine, theirs, Object.keys(mine), '');

function merge(
  base: Fields,
  mine: Fields,
  theirs: Fields,
  names: readonly string[],
  under: string,
): Merged {
  const changes: Record<string, unknown> = {};
  const conflicts: string[] = [];
  for (const name of names) {
    const [value, before, now] = [mine[name], base[name], theirs[name]];
    const path = `${under}${name}`;
    if (same(value, before) || same(value, now)) continue;
    if (isRecord(value) && isRecord(before) && isRecord(now)) {
      // Inside a field, what is not there was taken out.
      const inside = [...new Set([...Object.keys(before), ...Object.keys(value)])];
      const inner = merge(before, value, now, inside, `${path}.`);
      changes[name] = withoutNothing({ ...now, ...inner.changes });
      conflicts.push(...inner.conflicts);
    } else if (same(now, before)) changes[name] = value;
    else conflicts.push(path);
  }
  return { changes, conflicts };
}

const withoutNothing = (fields: Fields): Fields =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
