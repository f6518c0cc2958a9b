import { DOCUMENT, type DestroyRef, Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { fromEvent } from 'rxjs';
import { KEYS, type KeyId } from './keys';
import { Opening } from './opening';

export interface Shortcut {
  /** Which key that is says the table. */
  readonly does: KeyId;
  /** What that comes to here; as the table says it, if nothing is said. */
  readonly what?: string;
  /** Whether it works now; always, if not said. */
  readonly works?: () => boolean;
  /** Whether it presses the main button, and so also where a click has left the focus on another one. */
  readonly isMain?: boolean;
  /** Whether it goes on while it is held: only what moves a mark may. */
  readonly repeats?: boolean;
  readonly run: () => void;
}

const TYPING = 'input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable]';
const PRESSABLE = 'button, a[href], input, summary, [role=option], [role=menuitem], [role=tab]';

/**
 * The keys that work now. What was added last wins, and leaves with the part that added it. A key that
 * is held acts once, here and in whatever is focused.
 */
@Injectable({ providedIn: 'root' })
export class Shortcuts {
  private readonly document = inject(DOCUMENT);
  private readonly opening = inject(Opening);
  private readonly added = signal<readonly Shortcut[]>([]);
  readonly active = computed(() => this.added().filter(({ works }) => works?.() ?? true));

  /** Whether the last thing that was used is the pointer, and what it left the focus on. */
  private byPointer = false;
  private clicked: Element | null = null;

  constructor() {
    const keys = (capture: boolean) =>
      fromEvent<KeyboardEvent>(this.document, 'keydown', { capture }).pipe(takeUntilDestroyed());
    const seen = (name: string) =>
      fromEvent(this.document, name, { capture: true }).pipe(takeUntilDestroyed());
    seen('pointerdown').subscribe(() => (this.byPointer = true));
    keys(true).subscribe((event) => {
      this.byPointer = false;
      this.holdOff(event);
      this.pressMain(event);
    });
    seen('focusin').subscribe(({ target }) => {
      this.clicked = this.byPointer && target instanceof Element ? target : null;
    });
    keys(false).subscribe((event) => this.press(event));
  }

  /** Adds keys until the given part is destroyed. */
  add(until: DestroyRef, ...shortcuts: readonly Shortcut[]): void {
    this.added.update((list) => [...shortcuts, ...list]);
    until.onDestroy(() => {
      this.added.update((list) => list.filter((row) => !shortcuts.includes(row)));
    });
  }

  /** A held Enter or Space would press a button, or keep what is typed, again and again. */
  private holdOff(event: KeyboardEvent): void {
    if (!event.repeat || (event.key !== 'Enter' && event.key !== ' ')) return;
    const field = event.target instanceof Element ? event.target.closest(TYPING) : null;
    if (field && (event.key === ' ' || field.matches('textarea'))) return;
    event.preventDefault();
    event.stopImmediatePropagation();
  }

  /** Where only a click has left the focus on another button, the main key does not press that one. */
  private pressMain(event: KeyboardEvent): void {
    if (event.key !== ' ' && event.key !== 'Enter') return;
    const target = event.target instanceof Element ? event.target.closest(PRESSABLE) : null;
    if (!target || this.clicked?.closest(PRESSABLE) !== target) return;
    if (!this.active().some((row) => row.isMain && KEYS[row.does].key === event.key)) return;
    this.press(event, true);
    if (event.defaultPrevented) event.stopImmediatePropagation();
  }

  private press(event: KeyboardEvent, whereClicked = false): void {
    if (event.defaultPrevented || event.altKey) return;
    const held = event.ctrlKey || event.metaKey ? 'Ctrl+' : '';
    // What is pressed while a page is opened, or could not be, was meant for that one.
    if (this.opening.busy() || this.opening.failed() !== null) return;
    if (this.document.querySelector('.cdk-overlay-container [role=dialog], .mat-mdc-menu-panel'))
      return;
    const target = event.target instanceof Element ? event.target : null;
    if (held === '' && target?.closest(TYPING)) return;
    const key = held + (event.key.length === 1 ? event.key.toLowerCase() : event.key);
    const shortcut = this.active().find((row) => KEYS[row.does].key === key);
    if (!shortcut) return;
    // Space and Enter press what is focused, unless only a click has left the focus there.
    if (!whereClicked && (key === ' ' || key === 'Enter') && target?.closest(PRESSABLE)) return;
    event.preventDefault();
    if (!event.repeat || shortcut.repeats) shortcut.run();
  }
}
