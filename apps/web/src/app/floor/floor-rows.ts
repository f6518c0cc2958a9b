import type { LinkRow } from '@near-spoke/contract';
import type { DrawnWay, SiteLengths } from '@near-spoke/core/plan/drawing';
import { WITHIN_95, formatDistance } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';

export interface LengthRow {
  readonly id: string;
  readonly label: string;
  /** With its uncertainty; empty where there is none, and then why. */
  readonly drawn: string;
  readonly why: string;
  readonly kept: string;
  /** Whether what is kept lies outside of what the plan tells. */
  readonly differs: boolean;
  readonly by: string;
}

export interface FillRow {
  readonly id: string;
  readonly text: string;
  readonly isFull: boolean;
}

/** Those that are not as kept first, then those that have a length. */
export function lengthRows(
  { runs }: SiteLengths,
  links: readonly LinkRow[],
  ways: ReadonlyMap<string, string>,
  tell: Tell,
): LengthRow[] {
  const { units } = tell;
  const words = tell.pages.floor;
  const far = (metres: number): string => words.figure(formatDistance(metres, units, 1));
  const of = new Map(runs.map((run) => [run.id, run]));
  const rows = links.map(({ id, label, lengthM }): LengthRow => {
    const { length = null, by = [], undrawn = [] } = of.get(id) ?? {};
    const within = length ? WITHIN_95 * length.u : 0;
    return {
      id,
      label,
      drawn: length ? `${far(length.value)} ± ${far(within)}` : '',
      why: undrawn.length > 0 ? words.missing(undrawn) : words.noWay,
      kept: lengthM === null ? '–' : far(lengthM),
      differs: length !== null && (lengthM === null || Math.abs(lengthM - length.value) > within),
      by: by.map((way) => ways.get(way) ?? '').join(', '),
    };
  });
  const rank = ({ differs, drawn }: LengthRow): number => (differs ? 0 : drawn === '' ? 2 : 1);
  return rows.sort((a, b) => rank(a) - rank(b));
}

export function fillRows(
  { fills }: SiteLengths,
  ways: ReadonlyMap<string, DrawnWay>,
  words: Tell['pages']['floor'],
): FillRow[] {
  return fills.flatMap(({ id, runs, fill }) => {
    const way = ways.get(id);
    if (!way || runs.length === 0) return [];
    const text = words.fill(way.name, runs.length, fill);
    return [
      {
        id,
        text: way.of === 'tray' && way.areaMm2 === null ? `${text}; ${words.unknownFill}` : text,
        isFull: fill !== null && fill > 1,
      },
    ];
  });
}
