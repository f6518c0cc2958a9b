import { pairsOf, type Wiring } from '../../link';
import type { Fault } from '../fault';
import { named } from './fault-words';
import { GROUP_PAIRS } from './block-slips';

interface PairGroup {
  readonly from: number;
  readonly to: number;
  /** The colour that the tips of its pairs share, if they do. */
  readonly colour: string | null;
}

/** The groups of five pairs that a fault's contacts belong to. */
export function groupsIn({ near }: Fault, wiring: Wiring): PairGroup[] {
  const pairs = pairsOf(wiring.near);
  const starts = pairs.flatMap(({ tip }, index) =>
    near.includes(tip) ? [index - (index % GROUP_PAIRS)] : [],
  );
  return [...new Set(starts)].map((start) => {
    const group = pairs.slice(start, start + GROUP_PAIRS);
    const colours = new Set(
      group.map(({ tip }) => named(tip, 'near', wiring).split('-')[0]?.split(' ')[0] ?? ''),
    );
    return {
      from: group[0]?.number ?? 0,
      to: group.at(-1)?.number ?? 0,
      colour: colours.size === 1 ? ([...colours][0] ?? null) : null,
    };
  });
}

export const groupName = ({ from, to, colour }: PairGroup): string =>
  colour ? `the ${colour} group (pairs ${from} to ${to})` : `pairs ${from} to ${to}`;
