import type { Contradiction, Label } from './in-reach';

export const DIFFERENCE_KINDS = ['swapped', 'elsewhere', 'missing', 'extra', 'short'] as const;
export type DifferenceKind = (typeof DIFFERENCE_KINDS)[number];

/** Where what was found is not what is drawn. */
export interface Difference {
  /** The same for the same difference, so that a note can be kept with it. */
  readonly id: string;
  readonly kind: DifferenceKind;
  readonly near: readonly string[];
  readonly far: readonly string[];
  readonly sentence: string;
  /** What makes the adapter like the drawing. */
  readonly correction: string;
}

/**
 * What was found against what is drawn. Two cores that took each other's place are one difference, not
 * two; a core that was not found is missing only if probing is over.
 *
 * @param drawn near contact and far contact of each core in the drawing
 * @param found as they were labelled
 * @param over whether nothing is left to probe
 */
export function compareWithDrawing(
  drawn: readonly Label[],
  found: readonly Label[],
  contradictions: readonly Contradiction[],
  over: boolean,
): Difference[] {
  const drawnFar = new Map(drawn.map(({ near, far }) => [near, far]));
  const foundFar = new Map(found.map(({ near, far }) => [near, far]));
  const open = new Set(contradictions.flatMap(({ kind, near }) => (kind === 'open' ? near : [])));
  const moved = drawn.filter(({ near, far }) => (foundFar.get(near) ?? far) !== far);
  const swaps = moved.flatMap((a) =>
    moved
      .filter(
        (b) => a.near < b.near && foundFar.get(a.near) === b.far && foundFar.get(b.near) === a.far,
      )
      .map((b) => [a, b] as const),
  );
  const swapped = new Set(swaps.flatMap((pair) => pair.map(({ near }) => near)));
  const differences: Difference[] = [];
  const add = (difference: Omit<Difference, 'id'>) =>
    differences.push({
      id: [difference.kind, ...difference.near, 'to', ...difference.far].join(' '),
      ...difference,
    });
  for (const [a, b] of swaps)
    add({
      kind: 'swapped',
      near: [a.near, b.near],
      far: [a.far, b.far],
      sentence: `Near ${a.near} and ${b.near} are swapped: ${a.near} goes to far ${b.far} and ${b.near} to far ${a.far}.`,
      correction: `Swap the cores in far ${a.far} and ${b.far}.`,
    });
  for (const { near, far } of moved.filter((label) => !swapped.has(label.near))) {
    const to = foundFar.get(near) ?? '';
    add({
      kind: 'elsewhere',
      near: [near],
      far: [to],
      sentence: `Near ${near} goes to far ${to}; the drawing has far ${far}.`,
      correction: `Move the core of near ${near} from far ${to} to far ${far}.`,
    });
  }
  for (const { near, far } of drawn)
    if (open.has(near) || (over && !foundFar.has(near)))
      add({
        kind: 'missing',
        near: [near],
        far: [far],
        sentence: `Near ${near} reaches nothing; the drawing has far ${far}.`,
        correction: `Remake near ${near} and far ${far}, then probe them again.`,
      });
  for (const { near, far } of found)
    if (!drawnFar.has(near))
      add({
        kind: 'extra',
        near: [near],
        far: [far],
        sentence: `Near ${near} goes to far ${far}; the drawing has nothing there.`,
        correction: `Take the core of near ${near} out at both ends and insulate it.`,
      });
  for (const { kind, near, far, sentence } of contradictions)
    if (kind === 'short')
      add({
        kind,
        near,
        far,
        sentence,
        correction: `Part ${near.join(' and ')}: look for a bridge, a whisker, a nicked insulation.`,
      });
  return differences;
}
