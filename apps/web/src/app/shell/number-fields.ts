import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { parseNumber } from '@near-spoke/core/units';

export interface NumberField {
  readonly id: string;
  readonly name: string;
  readonly unit: string;
  readonly hint?: string;
  /** Not a number: a name, or several of them. */
  readonly text?: boolean;
}

export interface TypedText {
  readonly id: string;
  readonly text: string;
}

/** What is typed, by the fields' ids. */
export type Texts = Readonly<Record<string, string>>;

export const isTextRecord = (stored: unknown): stored is Texts =>
  typeof stored === 'object' &&
  stored !== null &&
  Object.values(stored).every((text) => typeof text === 'string');

/** A few numbers with their units, side by side. */
@Component({
  selector: 'ns-number-fields',
  imports: [MatFormFieldModule, MatInputModule],
  template: `
    @for (field of fields(); track field.id) {
      <mat-form-field subscriptSizing="dynamic">
        <mat-label>{{ field.name }}</mat-label>
        <input
          matInput
          #box
          class="mono"
          autocomplete="off"
          [value]="texts()[field.id] ?? ''"
          [attr.aria-invalid]="problem(field) ? 'true' : null"
          (input)="typed.emit({ id: field.id, text: box.value })"
          (change)="settled.emit({ id: field.id, text: box.value })"
        />
        @if (field.unit) {
          <span matTextSuffix>{{ field.unit }}</span>
        }
        @if (field.hint) {
          <mat-hint>{{ field.hint }}</mat-hint>
        }
      </mat-form-field>
      @if (problem(field); as reason) {
        <p class="typo" role="status">{{ reason }}</p>
      }
    }
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(10.5rem, 1fr));
      gap: 0.85rem 0.75rem;
      align-content: start;
      align-items: start;
    }
    .typo {
      grid-column: 1 / -1;
      color: var(--bad);
    }
    [matTextSuffix] {
      white-space: nowrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NumberFields {
  readonly fields = input.required<readonly NumberField[]>();
  readonly texts = input.required<Texts>();
  /** At every letter. */
  readonly typed = output<TypedText>();
  /** When it is left or Enter is pressed: for what takes long. */
  readonly settled = output<TypedText>();

  /** What can’t be read, said where it is typed. */
  protected problem(field: NumberField): string {
    if (field.text) return '';
    const parsed = parseNumber(this.texts()[field.id] ?? '', field.unit);
    return parsed.ok ? '' : parsed.reason;
  }
}
