import type { Bench } from '../electric/trial';
import type { Seen } from './agree';
import { blindSpots } from './blind-spots';
import { judgeTest } from './judge-test';
import { reportOf, type ReportOptions } from './report';

interface Explained {
  readonly seen: readonly Seen[];
  readonly bench: Bench;
}

/** What takes long, by name: done beside the page, or on a thread of the server. */
export const EXPLAIN_WORK = {
  explain: (
    { seen, bench, options }: Explained & { readonly options: Omit<ReportOptions, 'isOver'> },
    isOver?: () => boolean,
  ) => reportOf(seen, bench, { ...options, isOver }),
  judge: ({ seen, bench }: Explained) => seen.map((row) => judgeTest(row, bench)),
  blind: ({ bench }: Pick<Explained, 'bench'>) => blindSpots(bench),
};

export type ExplainKind = keyof typeof EXPLAIN_WORK;
/** What each can be asked, and what it answers. */
export type ExplainWork = {
  readonly [K in ExplainKind]: {
    readonly ask: Parameters<(typeof EXPLAIN_WORK)[K]>[0];
    readonly answer: ReturnType<(typeof EXPLAIN_WORK)[K]>;
  };
};
