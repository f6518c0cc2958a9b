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
    if (deed.kind === 'change')
      all.set(deed.id, {
        ...changed(before, deed),
        version: versionAfter(before.version, deed.patch.version),
      });
    if (deed.kind === 'away')
      all.set(deed.id, {
        ...before,
        away: true,
        version: versionAfter(before.version, deed.version),
      });
    if (deed.kind === 'back')
      all.set(deed.id, { ...before, away: false, version: before.version + 1 });
  }
  return [...all.values()];
}

/**
 * The version that something has once a change of one version is stored. Where the server has it already and its
 * answer is still on its way, it is not counted twice: what is done next would be of a version that never was.
 */
export const versionAfter = (known: number, changedFrom: number): number =>
  Math.max(known, changedFrom + 1);

const isMake = <E extends EditedId>(deed: object, of: E): deed is Make<E> =>
  'kind' in deed && deed.kind === 'make' && 'of' in deed && deed.of === of;

function changed<T extends Editable>(row: T, { patch }: Change): T {
  const { version: _, ...changes } = patch;
  return { ...row, ...changes };
}
