import { coreAt, pairsOf, type Wiring } from '../../link';
import type { Fault } from '../fault';
import type { PairGroup } from '../messages';
import { GROUP_PAIRS } from './block-slips';

/** The groups of five pairs that a fault's contacts belong to. */
export function groupsIn({ near }: Fault, wiring: Wiring): PairGroup[] {
  const pairs = pairsOf(wiring.near);
  const starts = pairs.flatMap(({ tip }, index) =>
    near.includes(tip) ? [index - (index % GROUP_PAIRS)] : [],
  );
  return [...new Set(starts)].map((start) => {
    const group = pairs.slice(start, start + GROUP_PAIRS);
    const colours = new Set(
      group.map(({ tip }) => coreAt(wiring.near, tip)?.split('-')[0] ?? null),
    );
    return {
      from: group[0]?.number ?? 0,
      to: group.at(-1)?.number ?? 0,
      colour: colours.size === 1 ? ([...colours][0] ?? null) : null,
    };
  });
}
