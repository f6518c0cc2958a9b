import { Injectable, type OnDestroy } from '@angular/core';
import type { Kind, Question, Work } from './verify.worker';

/** Works out beside the page what would hold it up. One for each page that needs it. */
@Injectable()
export class Workbench implements OnDestroy {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<
    number,
    { readonly done: (answer: unknown) => void; readonly failed: () => void }
  >();

  /** @throws when the worker can't be had or fails, or the page is left. */
  ask<K extends Kind>(kind: K, ask: Work[K]['ask']): Promise<Work[K]['answer']> {
    this.worker ??= this.start();
    this.asked += 1;
    const question: Question<K> = { id: this.asked, kind, ask };
    return new Promise((done, reject) => {
      this.waiting.set(question.id, {
        done: done as (answer: unknown) => void,
        failed: () => reject(new Error('This could not be worked out here')),
      });
      this.worker?.postMessage(question);
    });
  }

  /** Lets go of whatever is being worked at. */
  drop(): void {
    this.worker?.terminate();
    this.worker = null;
    for (const { failed } of this.waiting.values()) failed();
    this.waiting.clear();
  }

  ngOnDestroy(): void {
    this.drop();
  }

  private start(): Worker {
    const worker = new Worker(new URL('./verify.worker', import.meta.url), { type: 'module' });
    worker.addEventListener(
      'message',
      ({ data }: MessageEvent<{ readonly id: number; readonly answer: unknown }>) => {
        this.waiting.get(data.id)?.done(data.answer);
        this.waiting.delete(data.id);
      },
    );
    worker.addEventListener('error', () => this.drop());
    return worker;
  }
}
