import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { fourPairWiring, pairsOf } from '@near-spoke/core/link';

const ROW = 62;
const TOP = 34;

/** The tester's circuit: supply, a lamp and a resistor a pair, near jack, cable, looped far jack. */
@Component({
  selector: 'ns-lamp-schematic',
  template: `
    <svg
      viewBox="0 0 640 300"
      role="img"
      aria-label="Circuit: the supply's plus feeds each pair's first contact through a lamp and a resistor; its minus is all second contacts; the far jack joins the two contacts of each pair"
    >
      <path class="wire" [attr.d]="'M60 34V' + lastTip()" />
      <g class="battery">
        <path class="wire" d="M30 150V34H60" />
        <path class="wire" [attr.d]="'M30 168V' + lastRing() + 'H330'" />
        <path class="thick" d="M16 150H44" />
        <path class="thick" d="M22 158H38" />
        <text x="6" y="144">+</text>
        <text x="4" y="20">{{ supply() }}</text>
      </g>
      @for (row of rows(); track row.number) {
        <path class="wire" [attr.d]="'M60 ' + row.tipY + 'H110'" />
        <g [attr.transform]="'translate(126 ' + row.tipY + ')'">
          <path class="wire" d="M-16 0H-9M9 0H20" />
          <path class="lamp" d="M-9 -8V8L9 0Z" />
          <path class="thick" d="M9 -8V8" />
          <path class="ray" d="M2 -11l6 -8m-1 4l1 -4l-4 1M9 -11l6 -8m-1 4l1 -4l-4 1" />
        </g>
        <path class="wire" [attr.d]="'M146 ' + row.tipY + 'H170'" />
        <rect class="part" x="170" [attr.y]="row.tipY - 8" width="54" height="16" />
        <text x="197" [attr.y]="row.tipY - 13" class="middle">{{ series() }}</text>
        <path class="wire" [attr.d]="'M224 ' + row.tipY + 'H330'" />
        <path class="wire" [attr.d]="'M260 ' + row.ringY + 'H330'" />
        @for (contact of row.contacts; track contact.name) {
          <circle class="contact" cx="330" [attr.cy]="contact.y" r="4" />
          <text x="340" [attr.y]="contact.y + 5" class="mono">{{ contact.name }}</text>
          <path class="cable" [attr.d]="'M362 ' + contact.y + 'H508'" />
          <circle class="contact" cx="530" [attr.cy]="contact.y" r="4" />
          <text x="514" [attr.y]="contact.y + 5" class="mono">{{ contact.name }}</text>
        }
        <path class="wire" [attr.d]="'M534 ' + row.tipY + 'H566V' + row.ringY + 'H534'" />
        <text x="576" [attr.y]="(row.tipY + row.ringY) / 2 + 5">pair {{ row.number }}</text>
      }
      <path class="wire" [attr.d]="'M260 ' + firstRing() + 'V' + lastRing()" />
      <text x="330" y="16" class="middle">near jack</text>
      <text x="435" y="16" class="middle">cable</text>
      <text x="530" y="16" class="middle">far jack</text>
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 100%;
      max-width: 44rem;
    }
    path,
    rect,
    circle {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    .thick {
      stroke-width: 3;
    }
    .lamp,
    .contact {
      fill: var(--paper);
    }
    .cable {
      stroke-dasharray: 5 4;
    }
    text {
      fill: var(--ink);
      font: 400 13px var(--text);
    }
    .mono {
      font-family: var(--mono);
    }
    .middle {
      text-anchor: middle;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LampSchematic {
  readonly supply = input.required<string>();
  readonly series = input.required<string>();

  protected readonly rows = computed(() =>
    pairsOf(fourPairWiring('T568B', 'T568B').near).map(({ number, tip, ring }, index) => {
      const tipY = TOP + index * ROW;
      const ringY = tipY + 30;
      return {
        number,
        tipY,
        ringY,
        contacts: [
          { name: tip, y: tipY },
          { name: ring, y: ringY },
        ],
      };
    }),
  );
  protected readonly lastTip = computed(() => this.rows().at(-1)?.tipY ?? TOP);
  protected readonly firstRing = computed(() => this.rows()[0]?.ringY ?? TOP);
  protected readonly lastRing = computed(() => this.rows().at(-1)?.ringY ?? TOP);
}
