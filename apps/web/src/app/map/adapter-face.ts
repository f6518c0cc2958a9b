import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { describeView, outline, type ConductorId, type Contact } from '@near-spoke/core/catalogue';
import { type Paint } from '@near-spoke/core/figure';
import { faceFigure, type FacePart } from '@near-spoke/core/map';

/** One side of one connector, its cores on it, in millimetres; a contact can be chosen on it. */
@Component({
  selector: 'ns-adapter-face',
  template: `
    <svg [attr.viewBox]="viewBox()" role="img" [attr.aria-label]="spoken()">
      @for (mark of figure().marks; track $index) {
        @if (mark.kind === 'path') {
          <path
            [attr.d]="mark.d"
            [style.fill]="paint(mark.fill)"
            [style.stroke]="paint(mark.stroke)"
            [attr.stroke-width]="mark.widthMm"
          />
        } @else {
          <text
            [attr.x]="mark.xMm"
            [attr.y]="mark.yMm"
            [attr.font-size]="mark.sizeMm"
            [attr.text-anchor]="mark.anchor"
            [attr.font-weight]="mark.bold ? 700 : 400"
          >
            {{ mark.text }}
          </text>
        }
      }
      @for (at of figure().contacts; track at.contact) {
        <rect
          class="touch"
          [class.chosen]="chosen().includes(at.contact)"
          [attr.x]="at.xMm - at.halfMm[0]"
          [attr.y]="at.yMm - at.halfMm[1]"
          [attr.width]="2 * at.halfMm[0]"
          [attr.height]="2 * at.halfMm[1]"
          [attr.rx]="at.halfMm[0]"
          [attr.stroke-width]="at.radiusMm * 0.32"
          (click)="pick.emit(at.contact)"
        />
      }
    </svg>
    <p class="quiet">{{ caption() }}</p>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      width: 100%;
      max-height: 15rem;
    }
    text {
      fill: var(--ink);
      font-family: var(--mono);
    }
    .touch {
      fill: transparent;
      stroke: none;
      cursor: pointer;
    }
    .chosen {
      stroke: var(--copper);
    }
    p {
      margin-top: 0.4rem;
      line-height: 1.3;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AdapterFace {
  readonly part = input.required<FacePart>();
  readonly side = input.required<'mating' | 'wiring'>();
  readonly cores = input.required<ReadonlyMap<Contact, ConductorId>>();
  readonly chosen = input<readonly Contact[]>([]);
  readonly pick = output<Contact>();

  private readonly view = computed(() => ({ side: this.side(), latch: 'down' as const }));
  protected readonly figure = computed(() =>
    faceFigure(this.part(), this.view(), (contact) => this.cores().get(contact) ?? null),
  );
  protected readonly viewBox = computed(() => {
    const { widthMm, heightMm } = this.figure();
    // A small connector is not blown up to the size of a large one.
    const width = Math.max(widthMm, 16);
    return [-width / 2, -heightMm / 2, width, heightMm].join(' ');
  });
  protected readonly caption = computed(() => {
    const { connector, gender } = this.part();
    return `${describeView({ outline: connector, gender }, this.view())}.`;
  });
  protected readonly spoken = computed(() => {
    const { connector, gender } = this.part();
    return `${outline(connector).name} ${gender}. ${this.caption()}`;
  });

  protected paint(paint: Paint | null): string {
    if (paint === null) return 'none';
    return { ink: 'var(--ink)', paper: 'var(--raised)' }[paint] ?? paint;
  }
}
