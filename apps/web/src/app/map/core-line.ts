import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { conductor, type ConductorId } from '@near-spoke/core/catalogue';

/** A core as it runs from the near end to the far one, in its colours; two where its halves differ. */
@Component({
  selector: 'ns-core-line',
  template: `
    <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
      @for (half of halves(); track $index) {
        <path class="edge" [attr.d]="half.d" />
        <path [attr.d]="half.d" [attr.stroke]="half.base" stroke-width="5" />
        @if (half.stripe) {
          <path [attr.d]="half.d" [attr.stroke]="half.stripe" stroke-width="1.7" />
        }
      } @empty {
        <path class="none" d="M0 5H100" />
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 100%;
      height: 12px;
      fill: none;
    }
    .edge {
      stroke: var(--ink);
      stroke-width: 7;
    }
    .none {
      stroke: var(--line);
      stroke-width: 1.5;
      stroke-dasharray: 4 4;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CoreLine {
  readonly core = input.required<ConductorId | null>();
  readonly farCore = input<ConductorId | null>(null);

  protected readonly halves = computed(() => {
    const [near, far] = [this.core(), this.farCore() ?? this.core()];
    if (near === null || far === null) return [];
    return near === far
      ? [{ d: 'M0 5H100', ...conductor(near) }]
      : [
          { d: 'M0 5H50', ...conductor(near) },
          { d: 'M50 5H100', ...conductor(far) },
        ];
  });
}
