import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import type { Pages } from '@near-spoke/words';
import { BARS, isReadable, type TimeRow } from './time-rows';

/** When somebody is let in, when it is off, when it is dry: a row each, typed by the clock. */
@Component({
  selector: 'ns-day-times',
  imports: [MatButtonModule, MatFormFieldModule, MatInputModule, MatSelectModule],
  templateUrl: './day-times.html',
  styleUrl: './day-times.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DayTimes {
  readonly rows = input.required<readonly TimeRow[]>();
  /** Where something is left to do. */
  readonly places = input.required<readonly string[]>();
  readonly words = input.required<Pages['day']>();
  readonly changed = output<readonly TimeRow[]>();

  protected readonly bars = BARS;
  protected readonly clocks = ['from', 'to'] as const;
  protected readonly isReadable = isReadable;
  /** A place at which nothing is left any more stays named. */
  protected readonly choices = computed(() => [
    ...new Set([
      ...this.places(),
      ...this.rows().flatMap(({ place }) => (place === null ? [] : [place])),
    ]),
  ]);
  protected readonly has = computed(() => new Set(this.rows().map(({ bar }) => bar)));

  protected set(index: number, change: Partial<TimeRow>): void {
    this.changed.emit(this.rows().map((row, at) => (at === index ? { ...row, ...change } : row)));
  }

  protected setClock(index: number, which: 'from' | 'to', text: string): void {
    this.set(index, { [which]: text });
  }

  protected add(): void {
    this.changed.emit([...this.rows(), { bar: 'in', place: null, from: '', to: '' }]);
  }

  protected takeOut(index: number): void {
    this.changed.emit(this.rows().toSpliced(index, 1));
  }
}
