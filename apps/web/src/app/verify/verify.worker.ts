import {
  blindSpots,
  judgeTest,
  reportOf,
  type Bench,
  type BlindSpots,
  type JudgedTest,
  type Report,
  type ReportOptions,
  type Seen,
} from '@near-spoke/core/verify/explain';

/** What the worker can be asked, and what it answers. */
export interface Work {
  readonly explain: {
    readonly ask: {
      readonly seen: readonly Seen[];
      readonly bench: Bench;
      readonly options: ReportOptions;
    };
    readonly answer: Report;
  };
  readonly judge: {
    readonly ask: { readonly seen: readonly Seen[]; readonly bench: Bench };
    readonly answer: readonly JudgedTest[];
  };
  readonly blind: { readonly ask: { readonly bench: Bench }; readonly answer: BlindSpots };
}

export type Kind = keyof Work;

export interface Question<K extends Kind = Kind> {
  readonly id: number;
  readonly kind: K;
  readonly ask: Work[K]['ask'];
}

export const WORK: { readonly [K in Kind]: (ask: Work[K]['ask']) => Work[K]['answer'] } = {
  explain: ({ seen, bench, options }) => reportOf(seen, bench, options),
  judge: ({ seen, bench }) => seen.map((row) => judgeTest(row, bench)),
  blind: ({ bench }) => blindSpots(bench),
};

addEventListener('message', ({ data }: MessageEvent<Question>) => {
  const work = WORK[data.kind] as (ask: unknown) => unknown;
  postMessage({ id: data.id, answer: work(data.ask) });
});
