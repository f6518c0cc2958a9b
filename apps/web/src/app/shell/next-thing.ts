import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  inject,
  input,
  output,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Shortcuts } from './shortcuts';
import { Unbroken } from './unbroken';

/** What to do next, its reason, and the screen's one main button, which Space presses too. */
@Component({
  selector: 'ns-next-thing',
  imports: [MatButtonModule, Unbroken],
  template: `
    <div class="words" aria-live="polite">
      <h2>{{ sentence() | unbroken }}</h2>
      @if (why()) {
        <p class="quiet">{{ why() | unbroken }}</p>
      }
      <ng-content />
    </div>
    @if (action()) {
      <button mat-flat-button type="button" [disabled]="disabled()" (click)="act.emit()">
        {{ action() }} <kbd>Space</kbd>
      </button>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 0.75rem 1.5rem;
      align-items: center;
      justify-content: space-between;
      padding: 0.75rem 0 0.9rem;
    }
    .words {
      flex: 1 1 22rem;
      min-width: 0;
    }
    h2 {
      font-size: clamp(1.375rem, 0.9rem + 1.05vw, 2rem);
      font-weight: 600;
      line-height: 1.2;
      text-wrap: pretty;
    }
    p {
      margin-top: 0.25rem;
    }
    button {
      flex: none;
    }
    kbd {
      margin-left: 0.5rem;
      opacity: 0.85;
    }
    @media (max-width: 600px) {
      button {
        width: 100%;
      }
      kbd {
        display: none;
      }
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NextThing {
  readonly sentence = input.required<string>();
  readonly why = input('');
  readonly action = input('');
  readonly disabled = input(false);
  readonly act = output();

  constructor() {
    inject(Shortcuts).add(inject(DestroyRef), {
      key: ' ',
      what: 'The main button',
      run: () => {
        if (this.action() && !this.disabled()) this.act.emit();
      },
    });
  }
}
