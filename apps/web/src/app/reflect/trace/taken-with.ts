import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import type { Pages } from '@near-spoke/words';
import { OneOf } from '../../shell/one-of';
import { Instrument } from './instrument';

/** Which instrument a trace was taken with; another one is named once. */
@Component({
  selector: 'ns-taken-with',
  imports: [MatButtonModule, MatFormFieldModule, MatInputModule, OneOf],
  template: `
    <div class="row">
      @if (choices().length > 1) {
        <ns-one-of
          [label]="say().instrument"
          [choices]="choices()"
          [chosen]="instrument.name()"
          (choose)="instrument.take($event)"
        />
      }
      @if (!isNaming()) {
        <button mat-button type="button" (click)="isNaming.set(true)">
          {{ say().anotherInstrument }}
        </button>
      }
    </div>
    @if (isNaming()) {
      <form class="row" (submit)="$event.preventDefault(); take(name.value)">
        <mat-form-field subscriptSizing="dynamic">
          <mat-label>{{ say().instrumentName }}</mat-label>
          <input matInput #name maxlength="60" autocomplete="off" />
        </mat-form-field>
        <button mat-stroked-button type="submit">{{ say().takeSo }}</button>
      </form>
      <p class="quiet">{{ say().instrumentHow }}</p>
    }
  `,
  styles: `
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 1rem;
      align-items: center;
      margin-bottom: 0.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TakenWith {
  readonly say = input.required<Pages['trace']>();
  protected readonly instrument = inject(Instrument);
  protected readonly isNaming = signal(false);
  protected readonly choices = computed(() =>
    this.instrument
      .names()
      .map((id) => ({ id, name: id === '' ? this.say().usualInstrument : id })),
  );

  protected take(text: string): void {
    if (text.trim() !== '') this.instrument.take(text);
    this.isNaming.set(false);
  }
}
