import { formatLength } from '../../units';
import { level, type LevelKind } from '../level';
import { placed, type Check } from './context';

/**
 * How far a kind of signal is made to go. USB: 26 ns from end to end, USB 2.0, 7.1.16; at the usual 5.2 ns
 * a metre that is 5 m. Ethernet over four pairs: the channel of ANSI/TIA-568.2-D.
 */
const REACH: Partial<
  Record<LevelKind, { readonly lengthM: number; readonly why: (most: string) => string }>
> = {
  usb: { lengthM: 5, why: (most) => `USB 2.0 allows 26 ns from end to end, about ${most}` },
  ethernet: { lengthM: 100, why: (most) => `a channel of ANSI/TIA-568.2-D has at most ${most}` },
};

export const REACH_CHECKS: readonly Check[] = [
  ({ nets, ports, options, units }) => {
    const { lengthM } = options;
    if (lengthM === null) return [];
    const kinds = new Set(
      nets.flatMap((net) => placed(net, ports).map((row) => level(row.level)?.kind)),
    );
    return [...kinds].flatMap((kind) => {
      const reach = kind === undefined ? undefined : REACH[kind];
      const most = reach && formatLength(reach.lengthM, units);
      return reach && most && lengthM > reach.lengthM
        ? [
            {
              severity: 'warn' as const,
              kind: 'too-long',
              sentence: `${formatLength(lengthM, units)} is further than the data goes for certain: ${reach.why(most)}.`,
              remedy: `Keep it to ${most}, or put a repeater made for it in between.`,
            },
          ]
        : [];
    });
  },
];
