import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { LANGUAGE_IDS, LANGUAGE_NAMES, type LanguageId } from '@near-spoke/words/language-ids';
import { SpokenLanguage } from '../words/language';
import { Person } from './person';

/** Asks who works at this device. */
@Component({
  selector: 'ns-who-sheet',
  imports: [MatButtonModule, MatDialogModule, MatFormFieldModule, MatInputModule, MatSelectModule],
  template: `
    <h2 mat-dialog-title>Who works here?</h2>
    <form (submit)="save($event, box.value, device.value, spoken.value)">
      <mat-dialog-content>
        <mat-form-field>
          <mat-label>Name or role</mat-label>
          <input matInput #box [value]="person.name()" maxlength="80" autocomplete="off" />
          <mat-hint>Signed under every tick and reading made here</mat-hint>
        </mat-form-field>
        <mat-form-field>
          <mat-label>This device</mat-label>
          <input matInput #device [value]="person.device()" maxlength="80" autocomplete="off" />
          <mat-hint>“van tablet”: kept with every entry made on it</mat-hint>
        </mat-form-field>
        <mat-form-field>
          <mat-label>Language</mat-label>
          <mat-select #spoken [value]="language.id()">
            @for (row of languages; track row.id) {
              <mat-option [value]="row.id" [lang]="row.id">{{ row.name }}</mat-option>
            }
          </mat-select>
          <mat-hint>Of steps, findings and records; the rest is in English</mat-hint>
        </mat-form-field>
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button mat-button mat-dialog-close type="button">Leave as is</button>
        <button mat-flat-button type="submit">Save</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: `
    mat-form-field {
      width: 100%;
      margin-top: 0.75rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhoSheet {
  protected readonly person = inject(Person);
  protected readonly language = inject(SpokenLanguage);
  protected readonly languages = LANGUAGE_IDS.map((id) => ({ id, name: LANGUAGE_NAMES[id] }));
  private readonly dialog = inject<MatDialogRef<WhoSheet>>(MatDialogRef);

  protected save(event: Event, name: string, device: string, language: LanguageId): void {
    event.preventDefault();
    this.person.set(name, device);
    this.language.id.set(language);
    this.dialog.close();
  }
}
