import { Worker } from 'node:worker_threads';

/** What a thread can be asked, by kind, and what it answers. */
export type WorkOf = Readonly<Record<string, { readonly ask: unknown; readonly answer: unknown }>>;

export interface Asked<W extends WorkOf, K extends keyof W = keyof W> {
  readonly id: number;
  readonly kind: K;
  readonly ask: W[K]['ask'];
}

/** Works on a thread of its own, one thing after the other, so that the server goes on answering. */
export class Workbench<W extends WorkOf> {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<
    number,
    { readonly done: (answer: unknown) => void; readonly failed: (error: Error) => void }
  >();

  /**
   * @param built the thread's program beside the server's own
   * @param source the same as TypeScript, for a server that runs from its sources
   */
  constructor(
    private readonly built: URL,
    private readonly source: URL,
  ) {}

  ask<K extends keyof W>(kind: K, ask: W[K]['ask']): Promise<W[K]['answer']> {
    const worker = (this.worker ??= this.start());
    this.asked += 1;
    const asked: Asked<W, K> = { id: this.asked, kind, ask };
    return new Promise((done, failed) => {
      this.waiting.set(asked.id, { done: done, failed });
      worker.postMessage(asked);
    });
  }

  private start(): Worker {
    const worker = this.workerBeside();
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

  /** Built, it is a file beside the server's; from sources the loader of TypeScript has to come along. */
  private workerBeside(): Worker {
    if (!import.meta.url.endsWith('.ts')) return new Worker(this.built);
    return new Worker(
      `import('tsx/esm/api').then(({ register }) => { register(); return import('${this.source.href}'); });`,
      { eval: true },
    );
  }
}
