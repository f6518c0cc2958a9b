import {
  reportOf,
  type Bench,
  type ReportOptions,
  type Seen,
} from '@near-spoke/core/verify/explain';

/** What is asked of the worker. */
export interface ExplainQuestion {
  readonly id: number;
  readonly seen: readonly Seen[];
  readonly bench: Bench;
  readonly options: ReportOptions;
}

addEventListener('message', ({ data }: MessageEvent<ExplainQuestion>) => {
  postMessage({ id: data.id, report: reportOf(data.seen, data.bench, data.options) });
});
