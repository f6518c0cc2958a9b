import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  afterRenderEffect,
  inject,
  input,
  viewChild,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { JudgedSweep, LimitsReport, Parameter } from '@near-spoke/core/verify/limits';
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
} from 'chart.js';
import zoom from 'chartjs-plugin-zoom';
import { CHART_FONT, chartAxis, chartBase, chartColours } from '../../shell/chart-look';
import { Theme } from '../../shell/theme';

Chart.register(
  LineController,
  LineElement,
  PointElement,
  LinearScale,
  LogarithmicScale,
  Tooltip,
  Legend,
  zoom,
);

const DASHES = [[], [7, 4], [2, 3], [9, 3, 2, 3]] as const;
const TICKS_MHZ = [1, 2, 5, 10, 20, 50, 100, 200, 500];

/** Sweeps of one parameter under or over its limit; the point with the least to spare is marked. */
@Component({
  selector: 'ns-limit-plot',
  imports: [MatButtonModule],
  template: `
    <div class="plot"><canvas #canvas role="img" [attr.aria-label]="label()"></canvas></div>
    <p class="quiet">
      Wheel or pinch to zoom, drag to move.
      <button mat-button type="button" (click)="chart?.resetZoom()">Whole range</button>
    </p>
  `,
  styles: `
    .plot {
      position: relative;
      height: 22rem;
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
export class LimitPlot {
  readonly parameter = input.required<Parameter>();
  readonly limits = input.required<LimitsReport['limits']>();
  readonly sweeps = input.required<readonly JudgedSweep[]>();
  readonly label = input.required<string>();

  private readonly theme = inject(Theme);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  protected chart: Chart | null = null;

  constructor() {
    afterRenderEffect(() => {
      this.theme.name();
      this.draw();
    });
    inject(DestroyRef).onDestroy(() => this.chart?.destroy());
  }

  private draw(): void {
    const colours = chartColours(this.canvas().nativeElement);
    const { ink, bad } = colours;
    const limit = this.limits().find(({ parameter }) => parameter === this.parameter());
    const line = (points: readonly { readonly mhz: number; readonly db: number }[]) =>
      points.map(({ mhz, db }) => ({ x: mhz, y: db }));
    const plain = { pointRadius: 0, pointStyle: 'line', borderWidth: 2 } as const;
    const sweeps = this.sweeps().filter(({ parameter }) => parameter === this.parameter());
    const datasets: ChartDataset<'line'>[] = [
      {
        ...plain,
        label: 'Limit',
        data: line(limit?.points ?? []),
        borderColor: bad,
        borderWidth: 1.5,
      },
      ...sweeps.map((row, index): ChartDataset<'line'> => ({
        ...plain,
        label: row.name,
        data: line(row.points),
        borderColor: ink,
        borderDash: [...(DASHES[index % DASHES.length] ?? [])],
      })),
      ...sweeps.flatMap(({ name, worst }): ChartDataset<'line'>[] =>
        worst
          ? [
              {
                label: `Least to spare, ${name}`,
                data: [{ x: worst.mhz, y: worst.db }],
                borderColor: ink,
                backgroundColor: worst.marginDb < 0 ? bad : ink,
                pointStyle: worst.marginDb < 0 ? 'rectRot' : 'circle',
                pointRadius: 7,
                clip: 12,
                showLine: false,
              },
            ]
          : [],
      ),
    ];
    const most = limit?.points.at(-1)?.mhz ?? 100;
    this.chart?.destroy();
    this.chart = new Chart(this.canvas().nativeElement, {
      type: 'line',
      data: { datasets },
      options: {
        ...chartBase(colours),
        interaction: { mode: 'nearest', intersect: false },
        plugins: {
          legend: {
            labels: { color: ink, font: CHART_FONT, usePointStyle: true, pointStyleWidth: 36 },
          },
          tooltip: {
            callbacks: {
              label: ({ dataset, parsed }) =>
                `${dataset.label ?? ''}: ${parsed.y?.toFixed(1) ?? ''} dB at ${parsed.x?.toFixed(1) ?? ''} MHz`,
            },
          },
          zoom: {
            limits: { x: { min: 1, max: most } },
            pan: { enabled: true, mode: 'x' },
            zoom: { wheel: { enabled: true }, pinch: { enabled: true }, mode: 'x' },
          },
        },
        scales: {
          x: {
            ...chartAxis(colours, 'MHz'),
            type: 'logarithmic',
            min: 1,
            max: most,
            ticks: {
              ...chartAxis(colours, '').ticks,
              autoSkip: false,
              maxRotation: 0,
              callback: (value) => (TICKS_MHZ.includes(Number(value)) ? String(value) : ''),
            },
          },
          y: { ...chartAxis(colours, 'dB'), type: 'linear' },
        },
      },
    });
  }
}
