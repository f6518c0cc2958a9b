import { EXPLAIN_WORK, type ExplainWork } from '@near-spoke/core/verify/explain';
import type { Question } from '../shell/worker-bench';

/** Somebody waits for what explains a reading: after so long, the best that was found, ms. */
const MOST_MS = 10_000;

addEventListener('message', ({ data }: MessageEvent<Question<ExplainWork>>) => {
  const work = EXPLAIN_WORK[data.kind] as (ask: unknown, isOver: () => boolean) => unknown;
  const end = performance.now() + MOST_MS;
  postMessage({ id: data.id, answer: work(data.ask, () => performance.now() > end) });
});
