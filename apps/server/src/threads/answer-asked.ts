import { parentPort } from 'node:worker_threads';
import type { Asked, WorkOf } from './workbench';

/** The thread's side: answers what it is asked, one thing after the other. */
export function answerAsked<W extends WorkOf>(work: {
  readonly [K in keyof W]: (ask: W[K]['ask']) => W[K]['answer'];
}): void {
  parentPort?.on('message', ({ id, kind, ask }: Asked<W>) => {
    parentPort?.postMessage({ id, answer: work[kind](ask) });
  });
}
