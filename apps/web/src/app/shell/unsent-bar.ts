import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { outboxActions, outboxFeature } from '../store/outbox/outbox';

/** Says when the server is away and what is kept here until it is back, and what it refused. */
@Component({
  selector: 'ns-unsent-bar',
  imports: [MatButtonModule],
  template: `
    <div role="status">
      @if (away()) {
        <p class="away">
          <strong>The server does not answer.</strong>
          @if (waiting().length > 0) {
            {{ waiting().length === 1 ? 'One entry is' : waiting().length + ' entries are' }} kept
            on this device and sent when it is back.
          } @else {
            Go on: what you enter is kept on this device and sent when it is back.
          }
        </p>
      }
    </div>
    @for (entry of refused(); track entry.id) {
      <p class="refused" role="alert">
        <span>
          <strong>{{ entry.what }} was not taken.</strong>
          {{ entry.refused?.detail ?? entry.refused?.title }}
          @for (error of entry.refused?.errors; track error.path) {
            {{ error.path }}: {{ error.reason }}.
          }
        </span>
        <button mat-button type="button" (click)="dismiss(entry.id)">Put it aside</button>
      </p>
    }
  `,
  styles: `
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 0.3rem 0.6rem;
      align-items: center;
      padding: 0.5rem 1.5rem;
      border-bottom: 1px solid var(--line);
    }
    .away {
      color: var(--warn);
    }
    .refused {
      background: var(--bad-wash);
      color: var(--bad);
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class UnsentBar {
  private readonly store = inject(Store);
  protected readonly away = this.store.selectSignal(outboxFeature.selectAway);
  protected readonly refused = this.store.selectSignal(outboxFeature.selectRefused);
  protected readonly waiting = this.store.selectSignal(outboxFeature.selectWaiting);

  protected dismiss(id: string): void {
    this.store.dispatch(outboxActions.dismissed({ id }));
  }
}
