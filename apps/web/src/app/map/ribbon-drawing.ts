import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { conductor, type Core } from '@near-spoke/core/catalogue';
import { RIBBON_PITCH_MM, type RibbonLayout } from '@near-spoke/core/map';

/** Room for numbers above and below, and the flat part of the ribbon, mm. */
const NUMBERS_MM = 4;
const FLAT_MM = 9;

/** A ribbon as it lies on the bench: pressed at the top, its peeled cores in their slots below. */
@Component({
  selector: 'ns-ribbon-drawing',
  template: `
    <h2>How the ribbon lies</h2>
    <div class="sheet">
      <svg [attr.viewBox]="viewBox()" role="img" [attr.aria-label]="ribbon().sentences.join(' ')">
        @for (wire of wires(); track wire.core) {
          <path class="edge" [attr.d]="wire.d" />
          <path [attr.d]="wire.d" [attr.stroke]="wire.paint.base" stroke-width="0.75" />
          @if (wire.paint.stripe) {
            <path [attr.d]="wire.d" [attr.stroke]="wire.paint.stripe" stroke-width="0.25" />
          }
          <text [attr.x]="wire.fromMm" y="-0.8">{{ wire.pressed }}</text>
          @if (wire.toMm !== null) {
            <text
              [class.filler]="wire.filler"
              [attr.x]="wire.toMm"
              [attr.y]="bottom() + 1.9 + wire.drop"
            >
              {{ wire.slot }}
            </text>
          }
        }
        <path class="mark" [attr.d]="'M' + edge() + ' 0v' + flat" />
      </svg>
      <ol>
        @for (sentence of ribbon().sentences; track $index) {
          <li>{{ sentence }}</li>
        }
      </ol>
    </div>
  `,
  styles: `
    :host {
      display: block;
      margin-top: 1.5rem;
      padding-top: 1rem;
      border-top: 1px solid var(--line);
    }
    .sheet {
      display: grid;
      grid-template-columns: minmax(12rem, 19rem) 1fr;
      gap: 1.5rem 2.5rem;
      align-items: start;
      margin-top: 0.75rem;
    }
    svg {
      display: block;
      width: 100%;
      fill: none;
    }
    .edge {
      stroke: var(--ink);
      stroke-width: 1;
    }
    .mark {
      stroke: var(--bad);
      stroke-width: 0.5;
    }
    text {
      fill: var(--ink);
      font: 600 1px var(--mono);
      text-anchor: middle;
    }
    .filler {
      fill: var(--quiet);
      font-weight: 400;
    }
    li {
      padding: 0.45rem 0;
      border-bottom: 1px solid var(--hair);
    }
    @media (max-width: 820px) {
      .sheet {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RibbonDrawing {
  readonly ribbon = input.required<RibbonLayout>();
  readonly cores = input.required<readonly Core[]>();

  protected readonly flat = FLAT_MM;
  protected readonly bottom = computed(() => FLAT_MM + this.ribbon().peelMm * 0.8);
  protected readonly wires = computed(() =>
    this.ribbon().wires.map((wire, index) => {
      const { fromMm, toMm } = wire;
      const end =
        toMm === null
          ? `L${fromMm} ${FLAT_MM + 3}`
          : `L${toMm} ${this.bottom() - 1}V${this.bottom()}`;
      // Slots of two rows stand close: every other number lower.
      const place = this.ribbon().slots.indexOf(wire.slot ?? '');
      return {
        ...wire,
        d: `M${fromMm} 0V${FLAT_MM}${end}`,
        paint: conductor(this.cores()[index]?.id ?? ''),
        drop: place % 2 === 0 ? 0 : 1.3,
      };
    }),
  );
  protected readonly edge = computed(
    () => -((this.ribbon().wires.length - 1) / 2) * RIBBON_PITCH_MM - 0.9,
  );
  protected readonly viewBox = computed(() => {
    const reach = Math.max(
      ...this.ribbon().wires.flatMap(({ fromMm, toMm }) => [Math.abs(fromMm), Math.abs(toMm ?? 0)]),
    );
    const width = 2 * (reach + 2);
    return [-width / 2, -NUMBERS_MM / 1.5, width, this.bottom() + 1.7 * NUMBERS_MM].join(' ');
  });
}
