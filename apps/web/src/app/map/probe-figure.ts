import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** The two places to touch, as big as the screen allows: "near 5 – far 4". */
@Component({
  selector: 'ns-probe-figure',
  template: `
    <span>
      <small>{{ from().at }}</small>
      {{ from().contact }}
    </span>
    <span class="to" aria-hidden="true">{{ apart() ? '×' : '–' }}</span>
    <span [class.many]="to().contact.length > 6">
      <small>{{ to().at }}</small>
      {{ to().contact }}
    </span>
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 1.75rem;
      align-items: flex-end;
      margin: 0.75rem 0;
      font: 650 clamp(3rem, 2rem + 4vw, 5rem) / 1 var(--mono);
    }
    small {
      display: block;
      margin-bottom: 0.4rem;
      color: var(--quiet);
      font: 500 1.0625rem/1 var(--text);
    }
    .to {
      color: var(--quiet);
    }
    .many {
      font-size: 2rem;
      overflow-wrap: anywhere;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProbeFigure {
  readonly from = input.required<{ readonly at: string; readonly contact: string }>();
  readonly to = input.required<{ readonly at: string; readonly contact: string }>();
  /** Whether they must not touch. */
  readonly apart = input(false);
}
