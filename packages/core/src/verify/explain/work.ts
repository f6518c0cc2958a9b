import type { Bench } from '../circuit/bench';
import type { Seen } from './agree';
import type { Happened } from './done';
import { blindSpots } from './blind-spots';
import { judgeTest } from './judge-test';
import { reportOf, type ReportOptions } from './report';

/** With something found, the rest is not waited for longer than this; and for nothing longer than that, ms. */
export const ENOUGH_MS = 400;
export const MOST_MS = 2000;

interface Asked {
  readonly seen: readonly Seen[];
  readonly bench: Bench;
}

/** What takes long, by name: done beside the page, or on a thread of the server. */
export const EXPLAIN_WORK = {
  explain: (
    {
      history,
      bench,
      options,
    }: {
      readonly history: readonly Happened[];
      readonly bench: Bench;
      readonly options: Omit<ReportOptions, 'isOver' | 'isEnough'>;
    },
    isOver?: () => boolean,
    isEnough?: () => boolean,
  ) => reportOf(history, bench, { ...options, isOver, isEnough }),
  judge: ({ seen, bench }: Asked) => seen.map((row) => judgeTest(row, bench)),
  blind: ({ bench }: Pick<Asked, 'bench'>) => blindSpots(bench),
};

export type ExplainKind = keyof typeof EXPLAIN_WORK;
/** What each can be asked, and what it answers. */
export type ExplainWork = {
  readonly [K in ExplainKind]: {
    readonly ask: Parameters<(typeof EXPLAIN_WORK)[K]>[0];
    readonly answer: ReturnType<(typeof EXPLAIN_WORK)[K]>;
  };
};
