import type { Change, EditedId, Entry, Make } from './deed';

interface Editable {
  readonly id: string;
  readonly version: number;
  readonly away?: boolean;
}

/**
 * What people edit as it will be when what waits here was sent.
 *
 * @param made what is made of one that waits to be made
 */
export function overlay<E extends EditedId, T extends Editable>(
  stored: readonly T[],
  waiting: readonly Entry[],
  of: E,
  made: (deed: Make<E>) => T,
): T[] {
  const all = new Map(stored.map((row) => [row.id, row]));
  for (const { deed } of waiting) {
    if (deed.kind === 'fact' || deed.of !== of) continue;
    if (isMake(deed, of)) all.set(deed.id, all.get(deed.id) ?? made(deed));
    const before = all.get(deed.id);
    if (!before) continue;
    const version = before.version + 1;
    if (deed.kind === 'change') all.set(deed.id, { ...changed(before, deed), version });
    if (deed.kind === 'away') all.set(deed.id, { ...before, away: true, version });
    if (deed.kind === 'back') all.set(deed.id, { ...before, away: false, version });
  }
  return [...all.values()];
}

const isMake = <E extends EditedId>(deed: object, of: E): deed is Make<E> =>
  'kind' in deed && deed.kind === 'make' && 'of' in deed && deed.of === of;

function changed<T extends Editable>(row: T, { patch }: Change): T {
  const { version: _, ...changes } = patch;
  return { ...row, ...changes };
}
