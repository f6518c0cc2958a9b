import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { terminateMessage, type PartId } from '@near-spoke/core/terminate';
import type { Tell } from '@near-spoke/words';

/** How wide a part is drawn, and how thick against the cable. */
const SHAPES: Readonly<Record<string, readonly [width: number, thick: number]>> = {
  boot: [26, 1.7],
  shrink: [34, 1.25],
  ferrule: [16, 1.5],
  backshell: [44, 2.2],
  sleeves: [12, 0.7],
  relief: [10, 2],
};

const CABLE_PX = 14;
const GAP_PX = 64;
/** How wide a letter of a name is, about. */
const LETTER_PX = 7.5;

/** The cable with what has been slid on it so far, in the order in which it lies. */
@Component({
  selector: 'ns-on-cable',
  template: `
    <svg [attr.viewBox]="'0 0 ' + width() + ' 58'" role="img" [attr.aria-label]="spoken()">
      <rect class="jacket" x="-2" y="12" [attr.width]="width() - 40" height="14" />
      <path class="wire" [attr.d]="'M' + (width() - 42) + ' 16h38M' + (width() - 42) + ' 22h38'" />
      @for (item of items(); track item.part) {
        <rect
          class="part"
          [class.in-place]="item.inPlace"
          [attr.x]="item.x - item.width / 2"
          [attr.y]="19 - item.thick / 2"
          [attr.width]="item.width"
          [attr.height]="item.thick"
          rx="2"
        />
        <text [attr.x]="item.x" y="52">{{ item.name }}</text>
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: min(100%, 300px);
      margin-inline: auto;
    }
    .jacket {
      fill: var(--body);
      stroke: var(--ink);
      stroke-width: 0.8;
    }
    .wire {
      fill: none;
      stroke: var(--quiet);
      stroke-width: 3;
    }
    .part {
      fill: var(--raised);
      stroke: var(--copper);
      stroke-width: 1.4;
    }
    .in-place {
      stroke: var(--good);
    }
    text {
      fill: var(--ink);
      font: 13px var(--text);
      text-anchor: middle;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OnCable {
  readonly parts =
    input.required<readonly { readonly part: PartId; readonly inPlace: boolean }[]>();
  readonly tell = input.required<Tell>();

  private readonly named = computed(() =>
    this.parts().map((row) => ({
      ...row,
      name: this.tell()(terminateMessage('part', { part: row.part })),
    })),
  );
  /** From one part to the next: as far as their names need. */
  private readonly gap = computed(() =>
    Math.max(GAP_PX, ...this.named().map(({ name }) => name.length * LETTER_PX)),
  );
  protected readonly width = computed(() => Math.max(240, 60 + this.parts().length * this.gap()));
  protected readonly items = computed(() =>
    this.named().map(({ part, name, inPlace }, index) => {
      const [width, thick] = SHAPES[part] ?? [18, 1.4];
      const x = 4 + (index + 0.5) * this.gap();
      return { part, name, inPlace, x, width, thick: thick * CABLE_PX };
    }),
  );
  protected readonly spoken = computed(() => {
    const { onCable, inPlace } = this.tell().pages.terminate;
    const all = this.named().map((row) => (row.inPlace ? inPlace(row.name) : row.name));
    return `${onCable}: ${all.join('; ')}`;
  });
}
