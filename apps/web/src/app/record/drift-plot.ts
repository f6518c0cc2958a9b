import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { WITHIN_95 } from '@near-spoke/core/units';
import type { DriftPoint } from '@near-spoke/core/record';

/** The drawing's own units. */
const WIDTH = 240;
const HEIGHT = 56;
const EDGE = 6;

/** What was measured over time, each with what lies within for 95 of 100; told in words beside it. */
@Component({
  selector: 'ns-drift-plot',
  template: `
    <svg [attr.viewBox]="view" aria-hidden="true" focusable="false">
      @for (mark of marks(); track $index) {
        <path class="within" [attr.d]="mark.within" />
        <circle [attr.cx]="mark.x" [attr.cy]="mark.y" r="3" />
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 15rem;
      max-width: 100%;
      border-bottom: 1px solid var(--line);
    }
    .within {
      stroke: var(--quiet);
      stroke-width: 1.5;
    }
    circle {
      fill: var(--copper);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DriftPlot {
  readonly points = input.required<readonly DriftPoint[]>();

  protected readonly view = `0 0 ${WIDTH} ${HEIGHT}`;
  protected readonly marks = computed(() => {
    const points = this.points().map(({ at, value, u }) => ({
      at: Date.parse(at),
      value,
      least: value - WITHIN_95 * u,
      most: value + WITHIN_95 * u,
    }));
    const [from, to] = [
      Math.min(...points.map(({ at }) => at)),
      Math.max(...points.map(({ at }) => at)),
    ];
    const [low, high] = [
      Math.min(...points.map(({ least }) => least)),
      Math.max(...points.map(({ most }) => most)),
    ];
    const across = (at: number) => EDGE + ((at - from) / (to - from || 1)) * (WIDTH - 2 * EDGE);
    const up = (value: number) =>
      HEIGHT - EDGE - ((value - low) / (high - low || 1)) * (HEIGHT - 2 * EDGE);
    return points.map(({ at, value, least, most }) => ({
      x: across(at),
      y: up(value),
      within: `M${across(at)} ${up(least)}V${up(most)}`,
    }));
  });
}
