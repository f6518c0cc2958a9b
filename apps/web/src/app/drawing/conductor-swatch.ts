import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { conductor, type ConductorId } from '@near-spoke/core/catalogue';

/** A piece of a conductor with its stripe, and its letter code beside it. */
@Component({
  selector: 'ns-conductor-swatch',
  template: `
    <svg viewBox="0 0 34 12" width="34" height="12" aria-hidden="true">
      <rect x="0.5" y="0.5" width="33" height="11" rx="2" [attr.fill]="wire().base" class="edge" />
      @if (wire().stripe; as stripe) {
        <rect x="1" y="4" width="32" height="4" [attr.fill]="stripe" />
      }
    </svg>
    <span class="mono">{{ wire().id }}</span>
  `,
  styles: `
    :host {
      display: inline-flex;
      align-items: center;
      gap: 0.5rem;
    }
    .edge {
      stroke: var(--ink);
      stroke-width: 0.8;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ConductorSwatch {
  readonly id = input.required<ConductorId>();
  protected readonly wire = computed(() => conductor(this.id()));
}
