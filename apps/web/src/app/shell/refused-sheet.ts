import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { Store } from '@ngrx/store';
import type { Entry } from '../store/outbox/deed';
import { asTyped, fieldName, mendFields, mended } from '../store/outbox/mend';
import { outboxActions } from '../store/outbox/outbox';

/** Something that the server did not take: as it was entered, what is stored beside it, and both ways on. */
@Component({
  selector: 'ns-refused-sheet',
  imports: [MatButtonModule, MatDialogModule, MatFormFieldModule, MatInputModule],
  template: `
    <h2 mat-dialog-title>{{ entry.what }} was not taken</h2>
    <mat-dialog-content>
      <p>{{ entry.refused?.detail ?? entry.refused?.title }}</p>
      <table>
        <thead>
          <tr>
            <th scope="col">Field</th>
            <th scope="col">Yours</th>
            @if (hasStored) {
              <th scope="col">Stored now</th>
            }
          </tr>
        </thead>
        <tbody>
          @for (row of rows; track row.path) {
            <tr>
              <th scope="row">{{ row.name }}</th>
              <td>
                <mat-form-field subscriptSizing="dynamic">
                  <input
                    matInput
                    #box
                    [attr.aria-label]="row.name + ', yours'"
                    [value]="texts()[row.path] ?? row.text"
                    (input)="type(row.path, box.value)"
                  />
                </mat-form-field>
                @if (wrong().includes(row.path)) {
                  <p class="bad">This is not a number.</p>
                } @else if (row.reason) {
                  <p class="bad">It {{ row.reason }}.</p>
                }
              </td>
              @if (hasStored) {
                <td>
                  {{ row.stored }}
                  @if (row.stored !== '') {
                    <button mat-button type="button" (click)="type(row.path, row.stored)">
                      Take it
                    </button>
                  }
                </td>
              }
            </tr>
          }
        </tbody>
      </table>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button mat-button type="button" (click)="putAside()">Put mine aside</button>
      <button mat-flat-button type="button" [disabled]="wrong().length > 0" (click)="send()">
        Send mine again
      </button>
    </mat-dialog-actions>
  `,
  styles: `
    table {
      width: 100%;
      margin-top: 1rem;
      border-collapse: collapse;
      color: var(--ink);
    }
    th,
    td {
      padding: 0.35rem 0.5rem 0.35rem 0;
      border-bottom: 1px solid var(--hair);
      text-align: left;
      vertical-align: middle;
      overflow-wrap: anywhere;
    }
    .bad {
      color: var(--bad);
    }
    mat-form-field {
      width: 100%;
      min-width: 9rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RefusedSheet {
  private readonly store = inject(Store);
  private readonly dialog = inject(MatDialogRef<RefusedSheet>);
  protected readonly entry = inject<Entry>(MAT_DIALOG_DATA);
  private readonly fields = mendFields(this.entry);
  protected readonly rows = this.fields.map((field) => ({
    ...field,
    name: fieldName(field.path),
    text: field.mine === null ? '' : String(field.mine),
    stored: field.stored === undefined || field.stored === null ? '' : String(field.stored),
  }));
  protected readonly hasStored = this.fields.some(({ stored }) => stored !== undefined);
  protected readonly texts = signal<Readonly<Record<string, string>>>({});
  /** Fields whose text can't be what they hold. */
  protected readonly wrong = computed(() =>
    this.fields.flatMap(({ path, mine }) => {
      const text = this.texts()[path];
      return text !== undefined && asTyped(text, mine) === null ? [path] : [];
    }),
  );

  protected type(path: string, text: string): void {
    this.texts.update((texts) => ({ ...texts, [path]: text }));
  }

  protected send(): void {
    const values = this.fields.flatMap(({ path, mine }) => {
      const text = this.texts()[path];
      const typed = text === undefined ? null : asTyped(text, mine);
      return typed ? [[path, typed.value] as const] : [];
    });
    const entry = mended(this.entry, Object.fromEntries(values));
    this.store.dispatch(outboxActions.mended({ entry }));
    this.dialog.close();
  }

  protected putAside(): void {
    this.store.dispatch(outboxActions.dismissed({ id: this.entry.id }));
    this.dialog.close();
  }
}
