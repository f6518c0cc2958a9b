import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { Problem } from '@near-spoke/core/reflect/analyse';
import type { Tell, Told } from '@near-spoke/words';
import type { ShownEvent } from './shown-event';

/** What is on the cable, in the order of its distance, and what must be known before it is trusted. */
@Component({
  selector: 'ns-trace-events',
  imports: [MatButtonModule],
  templateUrl: './trace-events.html',
  styleUrl: './trace-events.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TraceEvents {
  readonly events = input.required<readonly ShownEvent[]>();
  readonly main = input.required<ShownEvent | null>();
  readonly problems = input.required<readonly Told<Problem>[]>();
  readonly say = input.required<Tell['pages']['trace']>();
  /** What to measure first, so that less has to be opened. */
  readonly better = input<string>('');
  readonly chosen = output<ShownEvent>();
  readonly removed = output<ShownEvent>();

  protected readonly places = computed(() => this.events().filter(({ kind }) => kind !== 'ghost'));
  protected readonly ghosts = computed(() => this.events().filter(({ kind }) => kind === 'ghost'));
}
