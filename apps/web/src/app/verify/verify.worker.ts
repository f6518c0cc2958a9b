import {
  ENOUGH_MS,
  EXPLAIN_WORK,
  MOST_MS,
  type ExplainWork,
} from '@near-spoke/core/verify/explain';
import type { Question } from '../shell/worker-bench';

addEventListener('message', ({ data }: MessageEvent<Question<ExplainWork>>) => {
  const work = EXPLAIN_WORK[data.kind] as (ask: unknown, ...isOver: (() => boolean)[]) => unknown;
  const begun = performance.now();
  const isLater = (ms: number) => () => performance.now() - begun > ms;
  postMessage({ id: data.id, answer: work(data.ask, isLater(MOST_MS), isLater(ENOUGH_MS)) });
});
