import { parentPort } from 'node:worker_threads';
import { blindSpots, reportOf } from '@near-spoke/core/verify/explain';
import type { Asked, Kind, Work } from './workbench';

const WORK: { readonly [K in Kind]: (ask: Work[K]['ask']) => Work[K]['answer'] } = {
  explain: ({ seen, bench, options }) => reportOf(seen, bench, options),
  blind: ({ bench }) => blindSpots(bench),
};

parentPort?.on('message', ({ id, kind, ask }: Asked) => {
  const work = WORK[kind] as (ask: unknown) => unknown;
  parentPort?.postMessage({ id, answer: work(ask) });
});
