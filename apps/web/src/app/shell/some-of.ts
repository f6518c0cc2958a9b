import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import type { Choice } from './one-of';

/** Any of a few, all of them in sight. */
@Component({
  selector: 'ns-some-of',
  imports: [MatButtonToggleModule],
  template: `
    <mat-button-toggle-group
      multiple
      [attr.aria-label]="label()"
      [value]="chosen()"
      (change)="choose.emit($event.value)"
    >
      @for (choice of choices(); track choice.id) {
        <mat-button-toggle [value]="choice.id">{{ choice.name }}</mat-button-toggle>
      }
    </mat-button-toggle-group>
  `,
  styles: `
    :host {
      display: flex;
      min-width: 0;
    }
    mat-button-toggle-group {
      --mat-button-toggle-divider-color: transparent;
      flex-wrap: wrap;
      gap: 0.5rem;
      overflow: visible;
      border: 0;
    }
    mat-button-toggle {
      outline: 1px solid var(--quiet);
      outline-offset: -1px;
      border-radius: 4px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SomeOf {
  readonly label = input.required<string>();
  readonly choices = input.required<readonly Choice<string>[]>();
  readonly chosen = input.required<readonly string[]>();
  readonly choose = output<readonly string[]>();
}
