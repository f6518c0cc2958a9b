import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';

/** What a thread can be asked, by kind, and what it answers. */
export type WorkOf = Readonly<Record<string, { readonly ask: unknown; readonly answer: unknown }>>;

export interface Asked<W extends WorkOf, K extends keyof W = keyof W> {
  readonly id: number;
  readonly kind: K;
  readonly ask: W[K]['ask'];
}

/** Two at least: what is quick is not kept waiting by one thing that takes long. */
const MOST_THREADS = Math.max(2, Math.min(4, availableParallelism() - 1));

/** Works on a few threads beside the server, so that it goes on answering; each is started when it is needed. */
export class Workbench<W extends WorkOf> {
  private readonly threads: Thread<W>[] = [];

  /**
   * @param built the threads' program beside the server's own
   * @param source the same as TypeScript, for a server that runs from its sources
   */
  constructor(
    private readonly built: URL,
    private readonly source: URL,
  ) {}

  /** Asks the thread that has the least to do. */
  ask<K extends keyof W>(kind: K, ask: W[K]['ask']): Promise<W[K]['answer']> {
    const [least] = [...this.threads].sort((a, b) => a.busy - b.busy);
    if (least && (least.busy === 0 || this.threads.length >= MOST_THREADS))
      return least.ask(kind, ask);
    const thread = new Thread<W>(this.built, this.source);
    this.threads.push(thread);
    return thread.ask(kind, ask);
  }
}

/** One thread, which does one thing after the other; started anew after it has failed. */
class Thread<W extends WorkOf> {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<
    number,
    { readonly done: (answer: unknown) => void; readonly failed: (error: Error) => void }
  >();

  constructor(
    private readonly built: URL,
    private readonly source: URL,
  ) {}

  /** How many things wait for it. */
  get busy(): number {
    return this.waiting.size;
  }

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
