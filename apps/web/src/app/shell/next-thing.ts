import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { keyName } from './keys';
import { REST } from './rest';
import { Shortcuts, type Shortcut } from './shortcuts';
import { Unbroken } from './unbroken';

/**
 * What to do next, its reason, and the screen's one main button, which a key presses too. Where the
 * button can't be pressed, the reason stands beside it.
 */
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
      <div class="main">
        @if (off()) {
          <p class="off" id="why-off">{{ off() | unbroken }}</p>
        }
        <button
          mat-flat-button
          type="button"
          [class.is-off]="shut()"
          [aria-disabled]="shut() || resting()"
          [attr.aria-describedby]="off() ? 'why-off' : null"
          (click)="press()"
        >
          {{ action() }} <kbd>{{ keyName() }}</kbd>
        </button>
      </div>
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
    .main {
      display: flex;
      flex: none;
      flex-wrap: wrap;
      gap: 0.25rem 1rem;
      align-items: center;
      justify-content: flex-end;
      max-width: 100%;
    }
    .off {
      max-width: 20rem;
      margin: 0;
      text-align: right;
      text-wrap: pretty;
    }
    .is-off {
      --mat-button-filled-container-color: var(--line);
      --mat-button-filled-label-text-color: var(--quiet);
      cursor: default;
    }
    kbd {
      margin-left: 0.5rem;
      opacity: 0.85;
    }
    @media (max-width: 600px) {
      .main,
      button {
        width: 100%;
      }
      .off {
        max-width: none;
        text-align: left;
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
  /** Why the main action can't be done now; empty where it can. */
  readonly off = input('');
  readonly disabled = input(false);
  /** Whether this is a stop point: it takes a key of its own, and a moment to read what comes next. */
  readonly stop = input(false);
  readonly act = output();

  protected readonly resting = signal(false);
  protected readonly shut = computed(() => this.disabled() || this.off() !== '');
  /** Space goes on; at a stop point another key has to be found. */
  private readonly key = computed(() => (this.stop() ? 'stop' : 'main'));
  protected readonly keyName = computed(() => keyName(this.key()));
  private readonly restOf = inject(REST);
  private timer = 0;

  constructor() {
    const gone = inject(DestroyRef);
    // What was pressed for the page before this one is not meant for this one.
    this.rest(this.restOf.plainMs);
    gone.onDestroy(() => clearTimeout(this.timer));
    const keyOf = (does: 'main' | 'stop'): Shortcut => ({
      does,
      isMain: true,
      works: () => this.key() === does,
      run: () => this.press(),
    });
    // At a stop point Space does nothing, rather than move the page.
    const idle: Shortcut = {
      does: 'main',
      what: 'Nothing, at a stop point',
      works: this.stop,
      run: () => undefined,
    };
    inject(Shortcuts).add(gone, keyOf('main'), keyOf('stop'), idle);
  }

  protected press(): void {
    if (!this.action() || this.shut() || this.resting()) return;
    this.rest(this.stop() ? this.restOf.stopMs : this.restOf.plainMs);
    this.act.emit();
  }

  private rest(forMs: number): void {
    clearTimeout(this.timer);
    if (forMs === 0) return;
    this.resting.set(true);
    this.timer = window.setTimeout(() => this.resting.set(false), forMs);
  }
}
