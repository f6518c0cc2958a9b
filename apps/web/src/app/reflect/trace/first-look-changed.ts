import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { compareLooks } from '@near-spoke/core/reflect/analyse';
import type { Uncertain } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';
import { TraceWork } from '../trace-work';
import { seenBy } from './seen-by';

/** What has become of what was seen of a trace before it was explained. */
@Component({
  selector: 'ns-first-look-changed',
  template: `
    @if (changed().length > 0) {
      <details>
        <summary>{{ tell().pages.trace.sinceFirstLook }}</summary>
        @for (sentence of changed(); track sentence) {
          <p>{{ sentence }}</p>
        }
      </details>
    }
  `,
  styles: `
    details {
      margin: 0.5rem 0 1rem;
      color: var(--quiet);
    }
    summary {
      min-height: 2rem;
      cursor: pointer;
    }
    p {
      margin: 0.25rem 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstLookChanged {
  readonly velocity = input.required<Uncertain>();
  readonly tell = input.required<Tell>();
  private readonly work = inject(TraceWork);

  private readonly look = computed(() => seenBy(this.work.opened()?.look, this.velocity()));
  protected readonly changed = computed(() => {
    const [look, explained] = [this.look(), this.work.explained()];
    if (!look || !explained) return [];
    const analysis = { ...explained.analysis, velocityFactor: this.velocity() };
    return compareLooks(look, analysis).map((message) => this.tell()(message));
  });
}
