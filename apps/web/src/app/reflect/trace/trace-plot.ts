import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  afterRenderEffect,
  inject,
  input,
  output,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import {
  Chart,
  Legend,
  LineController,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
  type ChartDataset,
} from 'chart.js';
import zoom from 'chartjs-plugin-zoom';
import {
  CHART_FONT,
  chartAxis,
  chartBase,
  chartColours,
  type ChartColours,
} from '../../shell/chart-look';
import { Theme } from '../../shell/theme';

Chart.register(LineController, LineElement, PointElement, LinearScale, Tooltip, Legend, zoom);

export interface XY {
  readonly x: number;
  readonly y: number;
}

/** A line of the plot. */
export interface PlotLine {
  readonly name: string;
  readonly points: readonly XY[];
  readonly style: 'measured' | 'behind' | 'fitted';
}

/** A place to mark over the lines. */
export interface PlotMark {
  readonly x: number;
  readonly name: string;
  readonly cursor: boolean;
}

/** What a key does to the part that is shown. */
const KEYS: Readonly<Record<string, (chart: Chart) => void>> = {
  '+': (chart) => chart.zoom({ x: 1.5 }, 'none'),
  '=': (chart) => chart.zoom({ x: 1.5 }, 'none'),
  '-': (chart) => chart.zoom({ x: 1 / 1.5 }, 'none'),
  ArrowLeft: (chart) => chart.pan({ x: chart.width / 8 }, undefined, 'none'),
  ArrowRight: (chart) => chart.pan({ x: -chart.width / 8 }, undefined, 'none'),
  Home: (chart) => chart.resetZoom('none'),
};
let plots = 0;

/** A trace over distance: as measured, as it should be behind it, events and cursors. */
@Component({
  selector: 'ns-trace-plot',
  imports: [MatButtonModule],
  template: `
    <div class="plot">
      <canvas
        #canvas
        role="application"
        tabindex="0"
        [attr.aria-label]="label()"
        [attr.aria-describedby]="helpId"
        (keydown)="onKey($event)"
      ></canvas>
    </div>
    <p class="quiet">
      <span [id]="helpId">
        Wheel, pinch or + and − to zoom, drag or arrows to move, click to set a cursor.
      </span>
      <button mat-button type="button" (click)="whole()">Whole range</button>
    </p>
  `,
  styles: `
    .plot {
      position: relative;
      height: 21rem;
    }
    p {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 0.5rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TracePlot {
  readonly lines = input.required<readonly PlotLine[]>();
  readonly marks = input<readonly PlotMark[]>([]);
  readonly range = input.required<readonly [from: number, to: number]>();
  /** Least and greatest height that is shown; null for all. */
  readonly heights = input<readonly [number, number] | null>(null);
  readonly xName = input('m from the launch');
  readonly yName = input('V');
  readonly label = input.required<string>();
  /** The part that is shown, after it was moved. */
  readonly moved = output<readonly [from: number, to: number]>();
  readonly clicked = output<number>();

  private readonly theme = inject(Theme);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private chart: Chart | null = null;
  private drawnRange: readonly [number, number] | null = null;

  constructor() {
    afterRenderEffect(() => {
      this.theme.name();
      const range = this.range();
      if (this.drawnRange !== range || !this.chart) this.draw(range);
      else {
        this.chart.data.datasets = this.datasets(chartColours(this.canvas().nativeElement));
        this.fitHeights(this.chart);
        this.chart.update('none');
      }
    });
    inject(DestroyRef).onDestroy(() => this.chart?.destroy());
  }

  protected readonly helpId = `plot-help-${(plots += 1)}`;

  protected whole(): void {
    this.move(KEYS['Home']);
  }

  protected onKey(event: KeyboardEvent): void {
    const key = KEYS[event.key];
    if (!key || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    this.move(key);
  }

  private move(how: ((chart: Chart) => void) | undefined): void {
    if (!this.chart) return;
    how?.(this.chart);
    this.tellRange(this.chart);
  }

  private fitHeights(chart: Chart): void {
    const y = chart.options.scales?.['y'];
    const heights = this.heights();
    if (!y) return;
    y.min = heights?.[0];
    y.max = heights?.[1];
  }

  private tellRange(chart: Chart): void {
    const { min, max } = chart.scales['x'] ?? { min: 0, max: 1 };
    this.moved.emit([min, max]);
  }

  private datasets({ ink, quiet, bad, copper }: ChartColours): ChartDataset<'line'>[] {
    const styles = {
      measured: { borderColor: ink, borderWidth: 1.6, borderDash: [] },
      behind: { borderColor: quiet, borderWidth: 1.4, borderDash: [6, 4] },
      fitted: { borderColor: copper, borderWidth: 1.2, borderDash: [2, 2] },
    } as const;
    const heights = this.lines().flatMap(({ points }) => points.map(({ y }) => y));
    const [least, most] = heights.reduce<[number, number]>(
      ([low, high], y) => [Math.min(low, y), Math.max(high, y)],
      [Infinity, -Infinity],
    );
    const [low, high] = this.heights() ?? [least, most];
    const marks = Number.isFinite(low) ? this.marks() : [];
    return [
      ...this.lines().map(({ name, points, style }): ChartDataset<'line'> => {
        const { borderColor, borderWidth, borderDash } = styles[style];
        return {
          label: name,
          data: [...points],
          pointRadius: 0,
          pointStyle: 'line',
          borderColor,
          borderWidth,
          borderDash: [...borderDash],
        };
      }),
      ...marks.map(({ x, name, cursor }): ChartDataset<'line'> => ({
        label: name,
        data: [
          { x, y: low },
          { x, y: high - 0.04 * (high - low) },
        ],
        borderColor: cursor ? copper : bad,
        borderWidth: cursor ? 2 : 1.5,
        borderDash: cursor ? [] : [3, 3],
        pointStyle: cursor ? 'rectRot' : 'triangle',
        pointRadius: [0, 6],
        backgroundColor: cursor ? copper : bad,
      })),
    ];
  }

  private draw(range: readonly [number, number]): void {
    this.drawnRange = range;
    const colours = chartColours(this.canvas().nativeElement);
    this.chart?.destroy();
    const chart = new Chart(this.canvas().nativeElement, {
      type: 'line',
      data: { datasets: this.datasets(colours) },
      options: {
        ...chartBase(colours),
        events: ['click', 'mousemove', 'mouseout', 'touchstart', 'touchmove'],
        interaction: { mode: 'nearest', axis: 'x', intersect: false },
        onClick: ({ x }) => {
          const at = x === null ? undefined : chart.scales['x']?.getValueForPixel(x);
          if (at !== undefined) this.clicked.emit(at);
        },
        plugins: {
          legend: {
            labels: {
              color: colours.ink,
              font: CHART_FONT,
              boxWidth: 34,
              boxHeight: 0,
              filter: ({ datasetIndex }) =>
                (datasetIndex ?? 0) < untracked(() => this.lines().length),
            },
          },
          tooltip: {
            callbacks: {
              title: ([item]) => `${item?.parsed.x?.toFixed(2) ?? ''} m`,
              label: ({ dataset, parsed }) =>
                `${dataset.label ?? ''}: ${parsed.y?.toPrecision(3) ?? ''}`,
            },
          },
          zoom: {
            pan: { enabled: true, mode: 'x', onPanComplete: () => this.tellRange(chart) },
            zoom: {
              wheel: { enabled: true },
              pinch: { enabled: true },
              mode: 'x',
              onZoomComplete: () => this.tellRange(chart),
            },
          },
        },
        scales: {
          x: {
            ...chartAxis(colours, this.xName()),
            type: 'linear',
            min: range[0],
            max: range[1],
            ticks: { ...chartAxis(colours, '').ticks, maxRotation: 0, includeBounds: false },
          },
          y: {
            ...chartAxis(colours, this.yName()),
            type: 'linear',
            ticks: { ...chartAxis(colours, '').ticks, includeBounds: false },
          },
        },
      },
    });
    this.chart = chart;
    this.fitHeights(chart);
    chart.update('none');
  }
}
