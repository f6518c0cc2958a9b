import { EXPLAIN_WORK, type ExplainWork } from '@near-spoke/core/verify/explain';
import type { Question } from '../shell/worker-bench';

addEventListener('message', ({ data }: MessageEvent<Question<ExplainWork>>) => {
  const work = EXPLAIN_WORK[data.kind] as (ask: unknown) => unknown;
  postMessage({ id: data.id, answer: work(data.ask) });
});
