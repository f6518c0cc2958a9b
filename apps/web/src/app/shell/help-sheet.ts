import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialogModule } from '@angular/material/dialog';
import { KEYS, keyName } from './keys';
import { Shortcuts } from './shortcuts';

/** Every key that works on this screen. */
@Component({
  selector: 'ns-help-sheet',
  imports: [MatButtonModule, MatDialogModule],
  template: `
    <h2 mat-dialog-title>Keys on this screen</h2>
    <mat-dialog-content>
      <dl>
        @for (row of keys(); track row.name) {
          <dt>
            <kbd>{{ row.name }}</kbd>
          </dt>
          <dd>{{ row.what }}</dd>
        }
        <dt><kbd>↑</kbd> <kbd>↓</kbd></dt>
        <dd>In the list: move; <kbd>Enter</kbd> opens</dd>
        <dt><kbd>Tab</kbd></dt>
        <dd>To the next field or button</dd>
      </dl>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button mat-button mat-dialog-close type="button">Close</button>
    </mat-dialog-actions>
  `,
  styles: `
    dl {
      display: grid;
      grid-template-columns: auto 1fr;
      gap: 0.5rem 1.25rem;
      align-items: baseline;
      color: var(--ink);
    }
    dt {
      text-align: right;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HelpSheet {
  private readonly shortcuts = inject(Shortcuts);
  /** Live: a page that is still being read adds its keys when it is there. */
  protected readonly keys = computed(() =>
    this.shortcuts
      .active()
      .map(({ does, what }) => ({ name: keyName(does), what: what ?? KEYS[does].what })),
  );
}
