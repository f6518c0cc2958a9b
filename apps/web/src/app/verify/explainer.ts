import { DestroyRef, Injectable, inject, signal } from '@angular/core';
import type { Report } from '@near-spoke/core/verify/explain';
import type { ExplainQuestion } from './explain.worker';

/** Explains readings beside the page, so that it goes on answering keys. The last question counts. */
@Injectable()
export class Explainer {
  readonly report = signal<Report | null>(null);
  readonly failed = signal(false);
  private worker: Worker | null = null;
  private asked = 0;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.worker?.terminate());
  }

  ask(question: Omit<ExplainQuestion, 'id'>): void {
    // A question that is still being worked at is no longer wanted.
    if (this.worker && this.report() === null) {
      this.worker.terminate();
      this.worker = null;
    }
    this.worker ??= this.start();
    this.asked += 1;
    this.report.set(null);
    this.failed.set(false);
    this.worker.postMessage({ ...question, id: this.asked } satisfies ExplainQuestion);
  }

  private start(): Worker {
    const worker = new Worker(new URL('./explain.worker', import.meta.url), { type: 'module' });
    worker.addEventListener(
      'message',
      ({ data }: MessageEvent<{ readonly id: number; readonly report: Report }>) => {
        if (data.id === this.asked) this.report.set(data.report);
      },
    );
    worker.addEventListener('error', () => this.failed.set(true));
    return worker;
  }
}
