import {
  ChangeDetectionStrategy,
  Component,
  HostListener,
  afterNextRender,
  inject,
  viewChild,
  type ElementRef,
} from '@angular/core';
import { Opening } from './opening';

/** Says that a page could not be opened. Until that is seen, no key does anything else. */
@Component({
  selector: 'ns-not-opened',
  template: `
    <div class="veil">
      <section role="alertdialog" aria-modal="true" aria-labelledby="not-opened">
        <h2 id="not-opened" #title tabindex="-1">{{ opening.failed() }} can’t be opened now.</h2>
        <p>
          The server does not answer, and this page was not brought along yet. You are still where
          you were, and nothing was entered.
        </p>
        <button type="button" (click)="close()">Stay here <kbd>Esc</kbd></button>
      </section>
    </div>
  `,
  styles: `
    .veil {
      position: fixed;
      inset: 0;
      z-index: 1100;
      display: grid;
      place-items: center;
      padding: 1rem;
      background: rgb(0 0 0 / 35%);
    }
    section {
      display: grid;
      gap: 1rem;
      max-width: 32rem;
      padding: 1.5rem;
      border-radius: 6px;
      background: var(--raised);
      box-shadow: var(--mat-sys-level3);
    }
    h2 {
      font-size: 1.5rem;
    }
    button {
      justify-self: start;
      min-height: 44px;
      padding: 0 1rem;
      border: 1px solid var(--quiet);
      border-radius: 4px;
      background: none;
      color: var(--ink);
      font: inherit;
      cursor: pointer;
    }
    kbd {
      margin-left: 0.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NotOpened {
  protected readonly opening = inject(Opening);
  private readonly title = viewChild<ElementRef<HTMLElement>>('title');

  constructor() {
    // Not the button: a key that was meant for the other page must not close this one.
    afterNextRender(() => this.title()?.nativeElement.focus());
  }

  @HostListener('document:keydown.escape')
  protected close(): void {
    this.opening.failed.set(null);
  }
}
