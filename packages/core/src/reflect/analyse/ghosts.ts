import type { Change } from './guess';

/** An echo that went to and fro: no place on the line. */
export interface Ghost {
  readonly delayS: number;
  /** Beside what an open at the tee would give back. */
  readonly size: number;
}

/** What goes on through a change and comes back through it, of a wave that meets it twice. */
function through({ kind, size }: Change): number {
  if (kind === 'series') return (1 - size) ** 2;
  if (kind === 'shunt') return (1 + size) ** 2;
  return 1 - size * size;
}

/** What a change throws back of a wave that comes from behind it. */
const fromBehind = ({ kind, size }: Change): number =>
  kind === 'series' || kind === 'shunt' ? size : -size;

/**
 * Where echoes of three bounces arrive: out to one change, back to a nearer one or to the tee, out again
 * and back. Without the loss on their way.
 *
 * @param teeReflection what the tee throws back into the line
 */
export function ghostsOf(changes: readonly Change[], teeReflection: number): Ghost[] {
  const plain = changes.filter(({ kind }) => kind !== 'tap');
  // What reaches a change and returns to the tee from it, without its own reflection.
  const reach = plain.map((_, index) =>
    plain.slice(0, index).reduce((share, change) => share * through(change), 1),
  );
  const ghosts: Ghost[] = [];
  for (const [i, first] of plain.entries())
    for (const [k, second] of plain.entries()) {
      ghosts.push({
        delayS: first.delayS + second.delayS,
        size:
          first.size * second.size * teeReflection * (reach[i] as number) * (reach[k] as number),
      });
      for (let j = 0; j < Math.min(i, k); j += 1) {
        const top = plain[j] as Change;
        ghosts.push({
          delayS: first.delayS + second.delayS - top.delayS,
          size:
            (first.size *
              second.size *
              fromBehind(top) *
              (reach[i] as number) *
              (reach[k] as number)) /
            Math.max(1e-6, (reach[j] as number) * through(top)),
        });
      }
    }
  return merged(ghosts);
}

function merged(ghosts: readonly Ghost[]): Ghost[] {
  const rows: Ghost[] = [];
  for (const ghost of [...ghosts].sort((a, b) => a.delayS - b.delayS)) {
    const last = rows.at(-1);
    if (last && ghost.delayS - last.delayS < 1e-12 + ghost.delayS * 1e-9)
      rows[rows.length - 1] = { ...last, size: last.size + ghost.size };
    else rows.push(ghost);
  }
  return rows;
}
