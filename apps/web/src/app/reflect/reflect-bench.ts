import { InjectionToken } from '@angular/core';
import { WorkerBench } from '../shell/worker-bench';
import type { Work } from './reflect-work';

export type ReflectBench = Pick<WorkerBench<Work>, 'ask' | 'drop'>;

/** Starts a worker for traces: one to look at what is open, another to explain it. */
export const REFLECT_BENCH = new InjectionToken<() => ReflectBench>('A worker for traces', {
  providedIn: 'root',
  factory: () => () =>
    new WorkerBench<Work>(
      () => new Worker(new URL('./reflect.worker', import.meta.url), { type: 'module' }),
    ),
});
