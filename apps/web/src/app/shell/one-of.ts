import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';

/** Something to choose, and what it is called. */
export interface Choice<T> {
  readonly id: T;
  readonly name: string;
}

/** One of a few, all of them in sight. */
@Component({
  selector: 'ns-one-of',
  imports: [MatButtonToggleModule],
  template: `
    <mat-button-toggle-group
      hideSingleSelectionIndicator
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
      flex-wrap: wrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OneOf<T> {
  readonly label = input.required<string>();
  readonly choices = input.required<readonly Choice<T>[]>();
  readonly chosen = input.required<T>();
  readonly choose = output<T>();
}
