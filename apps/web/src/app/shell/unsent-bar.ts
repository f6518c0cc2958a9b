import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { Store } from '@ngrx/store';
import { Device } from '../store/device/device';
import type { Entry } from '../store/outbox/deed';
import { outboxActions, outboxFeature } from '../store/outbox/outbox';
import { Updates } from './updates';

const entries = (count: number): string => (count === 1 ? 'One entry' : `${count} entries`);

/**
 * Says when the server is away, how old what is shown is, what is kept here until it is back, what this device
 * did not take, and what the server refused.
 */
@Component({
  selector: 'ns-unsent-bar',
  imports: [DatePipe, MatButtonModule],
  template: `
    <div role="status">
      @if (away()) {
        <p class="away">
          <strong>{{ why() || 'The server does not answer.' }}</strong>
          @if (kept() > 0) {
            {{ keptWords() }} kept on this device and sent when it is back.
          } @else if (notKept() === 0) {
            Go on: what you enter is kept on this device and sent when it is back.
          }
          @if (shownAt(); as at) {
            What you see is as it was on this device at {{ at | date: 'd MMM, HH:mm' }}.
          }
        </p>
      }
    </div>
    @if (notKept() > 0 || full()) {
      <p class="refused" role="alert">
        <span>
          <strong>This device’s store takes no more.</strong>
          @if (notKept() > 0) {
            {{ notKeptWords() }} in this page alone: don’t close or reload it until the server has
            them.
          } @else {
            What you see can’t be taken along. Make room on this device.
          }
        </span>
      </p>
    }
    @for (entry of refused(); track entry.id) {
      <p class="refused" role="alert">
        <span>
          <strong>{{ entry.what }} was not taken.</strong>
          {{ entry.refused?.detail ?? entry.refused?.title }}
          @for (error of entry.refused?.errors; track error.path) {
            {{ error.path }}: {{ error.reason }}.
          }
        </span>
        <button mat-button type="button" (click)="look(entry)">Look at it</button>
        <button mat-button type="button" (click)="dismiss(entry.id)">Put it aside</button>
      </p>
    }
    @for (row of unreadable(); track row.key) {
      <p class="refused" role="alert">
        <span>
          <strong>Something that waits on this device can’t be read.</strong>
          <code>{{ row.text }}</code>
        </span>
        <button mat-button type="button" (click)="dismiss(row.key)">Put it aside</button>
      </p>
    }
    @if (newer()) {
      <p class="newer" role="status">
        @if (waiting().length > 0) {
          A newer Near Spoke is here. It is taken once what you did is sent.
        } @else {
          <span>A newer Near Spoke is here.</span>
          <button mat-button type="button" (click)="take()">Reload to take it</button>
        }
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
    code {
      overflow-wrap: anywhere;
    }
    .away {
      color: var(--warn);
    }
    .refused {
      background: var(--bad-wash);
      color: var(--bad);
    }
    .newer {
      color: var(--calm);
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
  private readonly dialog = inject(MatDialog);
  private readonly updates = inject(Updates);
  private readonly device = inject(Device);
  private readonly state = this.store.selectSignal(outboxFeature.selectOutboxState);
  protected readonly away = this.store.selectSignal(outboxFeature.selectAway);
  protected readonly why = this.store.selectSignal(outboxFeature.selectWhy);
  protected readonly refused = this.store.selectSignal(outboxFeature.selectRefused);
  protected readonly waiting = this.store.selectSignal(outboxFeature.selectWaiting);
  protected readonly unreadable = this.store.selectSignal(outboxFeature.selectUnreadable);
  protected readonly full = this.device.full.asReadonly();
  protected readonly shownAt = this.device.shownAt;
  protected readonly newer = this.updates.ready.asReadonly();
  protected readonly notKept = computed(() => this.state().notKept.length);
  protected readonly kept = computed(() => this.waiting().length - this.notKept());
  protected readonly keptWords = computed(
    () => `${entries(this.kept())} ${this.kept() === 1 ? 'is' : 'are'}`,
  );
  protected readonly notKeptWords = computed(
    () => `${entries(this.notKept())} ${this.notKept() === 1 ? 'is' : 'are'}`,
  );

  protected dismiss(id: string): void {
    this.store.dispatch(outboxActions.dismissed({ id }));
  }

  protected async look(entry: Entry): Promise<void> {
    const { RefusedSheet } = await import('./refused-sheet');
    this.dialog.open(RefusedSheet, { width: '640px', data: entry });
  }

  protected take(): void {
    this.updates.take();
  }
}
