import type { Question } from '../shell/worker-bench';
import { reflectWork, type Work } from './reflect-work';

const WORK = reflectWork();

addEventListener('message', ({ data }: MessageEvent<Question<Work>>) => {
  const work = WORK[data.kind] as (ask: unknown, progress: (share: number) => void) => unknown;
  const progress = (share: number) => postMessage({ id: data.id, share });
  postMessage({ id: data.id, answer: work(data.ask, progress) });
});
