import { DOCUMENT, type DestroyRef, Injectable, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { fromEvent } from 'rxjs';
import { Opening } from './opening';

export interface Shortcut {
  /** As KeyboardEvent.key has it, letters in lower case; " " is Space. */
  readonly key: string;
  readonly what: string;
  readonly run: () => void;
}

const TYPING = 'input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable]';
const PRESSABLE = 'button, a[href], input, summary, [role=option], [role=menuitem], [role=tab]';

/** The keys that work now. What was added last wins, and leaves with the part that added it. */
@Injectable({ providedIn: 'root' })
export class Shortcuts {
  private readonly document = inject(DOCUMENT);
  private readonly opening = inject(Opening);
  private readonly added = signal<readonly Shortcut[]>([]);
  readonly active = this.added.asReadonly();

  constructor() {
    fromEvent<KeyboardEvent>(this.document, 'keydown')
      .pipe(takeUntilDestroyed())
      .subscribe((event) => this.press(event));
  }

  /** Adds keys until the given part is destroyed. */
  add(until: DestroyRef, ...shortcuts: readonly Shortcut[]): void {
    this.added.update((list) => [...shortcuts, ...list]);
    until.onDestroy(() => {
      this.added.update((list) => list.filter((row) => !shortcuts.includes(row)));
    });
  }

  private press(event: KeyboardEvent): void {
    if (event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) return;
    // What is pressed while a page is opened, or could not be, was meant for that one.
    if (this.opening.busy() || this.opening.failed() !== null) return;
    if (this.document.querySelector('.cdk-overlay-container [role=dialog], .mat-mdc-menu-panel'))
      return;
    const target = event.target instanceof Element ? event.target : null;
    if (target?.closest(TYPING)) return;
    // Space and Enter press what is focused.
    if ((event.key === ' ' || event.key === 'Enter') && target?.closest(PRESSABLE)) return;
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    const shortcut = this.added().find((row) => row.key === key);
    if (!shortcut) return;
    event.preventDefault();
    shortcut.run();
  }
}
