import {
  computed,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  afterRenderEffect,
  inject,
  input,
  output,
  viewChild,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import {
  Chart,
  Legend,
  LineController,
  LineElement,
  LinearScale,
  LogarithmicScale,
  PointElement,
  Tooltip,
  type ChartDataset,
  type ChartOptions,
} from 'chart.js';
import zoom from 'chartjs-plugin-zoom';
import { CHART_FONT, chartBase, chartColours, type ChartColours } from './chart-look';
import { Words } from '../words/words';
import { Theme } from './theme';

Chart.register(
  LineController,
  LineElement,
  LinearScale,
  LogarithmicScale,
  PointElement,
  Tooltip,
  Legend,
  zoom,
);

/** How a plot is laid out: its axes, and what its legend and the point under the pointer tell. */
export interface PlotLayout {
  readonly scales: NonNullable<ChartOptions<'line'>['scales']>;
  readonly legend: NonNullable<NonNullable<ChartOptions<'line'>['plugins']>['legend']>['labels'];
  readonly tooltip: NonNullable<
    NonNullable<ChartOptions<'line'>['plugins']>['tooltip']
  >['callbacks'];
  readonly interaction: NonNullable<ChartOptions<'line'>['interaction']>;
  /** How far it may be moved along; everywhere if not told. */
  readonly within?: { readonly min: number; readonly max: number };
}

/** What is drawn on it. */
export interface PlotContent {
  readonly datasets: ChartDataset<'line'>[];
  /** Least and greatest height that is shown; null for all. */
  readonly heights: readonly [number, number] | null;
}

/** As the chart counts it: what is over one is taken off the range, as a share of it. */
const HALF = { x: 1.5 };
const TWICE = { x: 0 };
/** What a key does to the part that is shown. */
const KEYS: Readonly<Record<string, (chart: Chart) => void>> = {
  '+': (chart) => chart.zoom(HALF, 'none'),
  '=': (chart) => chart.zoom(HALF, 'none'),
  '-': (chart) => chart.zoom(TWICE, 'none'),
  ArrowLeft: (chart) => chart.pan({ x: chart.width / 8 }, undefined, 'none'),
  ArrowRight: (chart) => chart.pan({ x: -chart.width / 8 }, undefined, 'none'),
  Home: (chart) => chart.resetZoom('none'),
};
let plots = 0;

/** Lines over an axis that is zoomed and moved by wheel, finger or key. */
@Component({
  selector: 'ns-plot',
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
      <span [id]="helpId">{{ say().plotHelp(more()) }}</span>
      <button mat-button type="button" (click)="move('Home')">{{ say().wholeRange }}</button>
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
export class Plot {
  readonly label = input.required<string>();
  /** Another one begins the plot anew, at its whole range. */
  readonly layout = input.required<(colours: ChartColours) => PlotLayout>();
  /** May change under the eyes of who has zoomed in. */
  readonly content = input.required<(colours: ChartColours) => PlotContent>();
  /** What else can be done with it, for the line below. */
  readonly more = input('');
  /** The part that is shown, after it was moved. */
  readonly moved = output<readonly [from: number, to: number]>();
  readonly clicked = output<number>();

  private readonly theme = inject(Theme);
  private readonly words = inject(Words);
  /** Nothing of it has units. */
  protected readonly say = computed(() => this.words.in('metric').pages.trace);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private chart: Chart | null = null;
  /** The layout and the theme that the chart was begun with. */
  private begun: readonly unknown[] = [];
  protected readonly helpId = `plot-help-${(plots += 1)}`;

  constructor() {
    afterRenderEffect(() => {
      const [layout, theme] = [this.layout(), this.theme.name()];
      const colours = chartColours(this.canvas().nativeElement);
      if (this.begun[0] !== layout || this.begun[1] !== theme) this.begin(layout(colours), colours);
      this.begun = [layout, theme];
      this.fill(this.content()(colours));
    });
    inject(DestroyRef).onDestroy(() => this.chart?.destroy());
  }

  protected onKey(event: KeyboardEvent): void {
    if (!(event.key in KEYS) || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    this.move(event.key);
  }

  protected move(key: string): void {
    if (!this.chart) return;
    KEYS[key]?.(this.chart);
    this.tellRange();
  }

  private tellRange(): void {
    const { min, max } = this.chart?.scales['x'] ?? { min: 0, max: 1 };
    this.moved.emit([min, max]);
  }

  private fill({ datasets, heights }: PlotContent): void {
    const chart = this.chart;
    if (!chart) return;
    chart.data.datasets = datasets;
    const y = chart.options.scales?.['y'];
    if (y) [y.min, y.max] = [heights?.[0], heights?.[1]];
    chart.update('none');
  }

  private begin(
    { scales, legend, tooltip, interaction, within }: PlotLayout,
    colours: ChartColours,
  ): void {
    this.chart?.destroy();
    const chart = new Chart(this.canvas().nativeElement, {
      type: 'line',
      data: { datasets: [] },
      options: {
        ...chartBase(colours),
        events: ['click', 'mousemove', 'mouseout', 'touchstart', 'touchmove'],
        interaction,
        onClick: ({ x }) => {
          const at = x === null ? undefined : chart.scales['x']?.getValueForPixel(x);
          if (at !== undefined) this.clicked.emit(at);
        },
        plugins: {
          legend: { labels: { color: colours.ink, font: CHART_FONT, ...legend } },
          tooltip: { callbacks: { ...tooltip } },
          zoom: {
            ...(within ? { limits: { x: within } } : {}),
            pan: { enabled: true, mode: 'x', onPanComplete: () => this.tellRange() },
            zoom: {
              wheel: { enabled: true },
              pinch: { enabled: true },
              mode: 'x',
              onZoomComplete: () => this.tellRange(),
            },
          },
        },
        scales,
      },
    });
    this.chart = chart;
  }
}
