import { Worker } from 'node:worker_threads';
import type {
  Bench,
  BlindSpots,
  Report,
  ReportOptions,
  Seen,
} from '@near-spoke/core/verify/explain';

/** What the thread can be asked, and what it answers. */
export interface Work {
  readonly explain: {
    readonly ask: {
      readonly seen: readonly Seen[];
      readonly bench: Bench;
      readonly options: ReportOptions;
    };
    readonly answer: Report;
  };
  readonly blind: { readonly ask: { readonly bench: Bench }; readonly answer: BlindSpots };
}

export type Kind = keyof Work;

export interface Asked<K extends Kind = Kind> {
  readonly id: number;
  readonly kind: K;
  readonly ask: Work[K]['ask'];
}

/** Works on a thread of its own, one thing after the other, so that the server goes on answering. */
export class Workbench {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<
    number,
    { readonly done: (answer: unknown) => void; readonly failed: (error: Error) => void }
  >();

  ask<K extends Kind>(kind: K, ask: Work[K]['ask']): Promise<Work[K]['answer']> {
    const worker = (this.worker ??= this.start());
    this.asked += 1;
    const asked: Asked<K> = { id: this.asked, kind, ask };
    return new Promise((done, failed) => {
      this.waiting.set(asked.id, { done: done as (answer: unknown) => void, failed });
      worker.postMessage(asked);
    });
  }

  private start(): Worker {
    const worker = workerBeside();
    worker.unref();
    worker.on('message', ({ id, answer }: { readonly id: number; readonly answer: unknown }) => {
      this.waiting.get(id)?.done(answer);
      this.waiting.delete(id);
    });
    worker.on('error', (error) => {
      this.worker = null;
      for (const { failed } of this.waiting.values()) failed(error);
      this.waiting.clear();
    });
    return worker;
  }
}

/** Built, it is a file beside the server's; from sources the loader of TypeScript has to come along. */
function workerBeside(): Worker {
  if (!import.meta.url.endsWith('.ts'))
    return new Worker(new URL('./verify-worker.js', import.meta.url));
  const source = new URL('./verify-worker.ts', import.meta.url).href;
  return new Worker(
    `import('tsx/esm/api').then(({ register }) => { register(); return import('${source}'); });`,
    { eval: true },
  );
}
