import { DestroyRef, inject, signal } from '@angular/core';
import type { Observable, Subscription } from 'rxjs';

/**
 * One question to the server at a time: the last one counts, and what was answered before stays until the next
 * answer. Made where a page is made; what is still asked when the page goes is dropped.
 */
export class Asking<T> {
  readonly answer = signal<T | null>(null);
  readonly failed = signal(false);
  readonly busy = signal(true);
  private asked: Subscription | null = null;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.asked?.unsubscribe());
  }

  /** @param taken what becomes of an answer, over the one that is there */
  ask(
    question: Observable<T>,
    taken: (answer: T, before: T | null) => T = (answer) => answer,
  ): void {
    this.drop();
    this.failed.set(false);
    this.busy.set(true);
    this.asked = question.subscribe({
      next: (answer) => {
        this.answer.update((before) => taken(answer, before));
        this.busy.set(false);
      },
      error: () => {
        this.failed.set(true);
        this.busy.set(false);
      },
    });
  }

  /** Nobody waits for what was asked any more. */
  drop(): void {
    this.asked?.unsubscribe();
    this.busy.set(false);
  }
}
