import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { tester, verifyMessage, type TesterId } from '@near-spoke/core/verify';
import type { Bench, BlindSpots } from '@near-spoke/core/verify/explain';
import { Workbench } from './workbench';
import { Words } from '../words/words';

/** What a tester lets pass on this very link. */
@Component({
  selector: 'ns-would-pass',
  imports: [RouterLink],
  // A bench of its own: nothing that a person waits for is behind this one.
  providers: [Workbench],
  template: `
    <p>
      {{ told().how }}
      @if (told().passed; as passed) {
        <strong>With it these would pass:</strong> {{ passed }}.
      }
      @if (more()) {
        <a routerLink="blind-spots">Blind spots of all testers</a>
      }
    </p>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WouldPass {
  readonly bench = input.required<Bench>();
  readonly tester = input.required<TesterId>();
  /** Whether a page of all testers is beside this one. */
  readonly more = input(true);

  private readonly workbench = inject(Workbench);
  private readonly words = inject(Words);
  private readonly tell = computed(() => this.words.in('metric'));
  private readonly blind = signal<BlindSpots | null>(null);
  protected readonly told = computed(() => ({
    how: tester(this.tester()).how,
    passed: (this.blind()?.spots ?? [])
      .filter(({ tester: id, missed }) => id === this.tester() && missed > 0)
      .map(
        ({ kind, of, missed }) =>
          `${this.tell()(verifyMessage('fault-several', { kind }))}${missed < of ? ' (some)' : ''}`,
      )
      .join(', '),
  }));

  constructor() {
    effect(() => {
      const bench = this.bench();
      this.blind.set(null);
      this.workbench.ask('blind', { bench }).then(
        (blind) => {
          if (bench === this.bench()) this.blind.set(blind);
        },
        () => this.blind.set(null),
      );
    });
  }
}
