/** What a worker can be asked, by kind, and what it answers. */
export type WorkOf = Readonly<Record<string, { readonly ask: unknown; readonly answer: unknown }>>;

export interface Question<W extends WorkOf, K extends keyof W = keyof W> {
  readonly id: number;
  readonly kind: K;
  readonly ask: W[K]['ask'];
}

/** What a worker sends: an answer, or the share of one that is done. */
export type Sent =
  | { readonly id: number; readonly answer: unknown }
  | { readonly id: number; readonly share: number };

interface Waiting {
  readonly done: (answer: unknown) => void;
  readonly failed: () => void;
  readonly progress: (share: number) => void;
}

/** Works out beside the page what would hold it up; one thing after the other. */
export class WorkerBench<W extends WorkOf> {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<number, Waiting>();

  constructor(private readonly start: () => Worker) {}

  /** @throws when the worker can't be had or fails, or is let go. */
  ask<K extends keyof W>(
    kind: K,
    ask: W[K]['ask'],
    progress: (share: number) => void = () => undefined,
  ): Promise<W[K]['answer']> {
    const worker = (this.worker ??= this.started());
    this.asked += 1;
    const question: Question<W, K> = { id: this.asked, kind, ask };
    return new Promise((done, reject) => {
      this.waiting.set(question.id, {
        done: done,
        failed: () => reject(new Error('This could not be worked out here')),
        progress,
      });
      worker.postMessage(question);
    });
  }

  /** Lets go of whatever is being worked at. */
  drop(): void {
    this.worker?.terminate();
    this.worker = null;
    for (const { failed } of this.waiting.values()) failed();
    this.waiting.clear();
  }

  private started(): Worker {
    const worker = this.start();
    worker.addEventListener('message', ({ data }: MessageEvent<Sent>) => {
      const waiting = this.waiting.get(data.id);
      if ('share' in data) waiting?.progress(data.share);
      else {
        waiting?.done(data.answer);
        this.waiting.delete(data.id);
      }
    });
    worker.addEventListener('error', () => this.drop());
    return worker;
  }
}
