import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { JudgedSweep, LimitsReport, Parameter } from '@near-spoke/core/verify/limits';
import type { Tell, Told } from '@near-spoke/words';
import type { ChartDataset } from 'chart.js';
import { chartAxis, type ChartColours } from '../../shell/chart-look';
import { Plot, type PlotContent, type PlotLayout } from '../../shell/plot';

const DASHES = [[], [7, 4], [2, 3], [9, 3, 2, 3]] as const;
const TICKS_MHZ = [1, 2, 5, 10, 20, 50, 100, 200, 500];
/** Where a limit has no points. */
const PLAIN_MOST_MHZ = 100;

/** Sweeps of one parameter under or over its limit; the point with the least to spare is marked. */
@Component({
  selector: 'ns-limit-plot',
  imports: [Plot],
  template: `<ns-plot [label]="label()" [layout]="layout()" [content]="content()" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LimitPlot {
  readonly parameter = input.required<Parameter>();
  readonly limits = input.required<LimitsReport['limits']>();
  readonly sweeps = input.required<readonly Told<JudgedSweep>[]>();
  readonly say = input.required<Tell['pages']['limits']>();
  readonly label = input.required<string>();

  private readonly limit = computed(
    () => this.limits().find(({ parameter }) => parameter === this.parameter())?.points ?? [],
  );
  private readonly mostMhz = computed(() => this.limit().at(-1)?.mhz ?? PLAIN_MOST_MHZ);
  protected readonly layout = computed(() => {
    const [most, say] = [this.mostMhz(), this.say()];
    return (colours: ChartColours): PlotLayout => ({
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
      within: { min: 1, max: most },
      interaction: { mode: 'nearest', intersect: false },
      legend: { usePointStyle: true, pointStyleWidth: 36 },
      tooltip: {
        label: ({ dataset, parsed }) =>
          say.point(dataset.label ?? '', parsed.y?.toFixed(1) ?? '', parsed.x?.toFixed(1) ?? ''),
      },
    });
  });
  protected readonly content = computed(() => {
    const [limit, say] = [this.limit(), this.say()];
    const sweeps = this.sweeps().filter(({ parameter }) => parameter === this.parameter());
    return ({ ink, bad }: ChartColours): PlotContent => ({
      heights: null,
      datasets: [
        { ...PLAIN, label: say.limit, data: lineOf(limit), borderColor: bad, borderWidth: 1.5 },
        ...sweeps.map((row, index) => ({
          ...PLAIN,
          label: row.name,
          data: lineOf(row.points),
          borderColor: ink,
          borderDash: [...(DASHES[index % DASHES.length] ?? [])],
        })),
        ...sweeps.flatMap(({ name, worst }): ChartDataset<'line'>[] =>
          worst
            ? [
                {
                  label: say.leastToSpare(name),
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
      ],
    });
  });
}

const PLAIN = { pointRadius: 0, pointStyle: 'line', borderWidth: 2 } as const;

const lineOf = (points: readonly { readonly mhz: number; readonly db: number }[]) =>
  points.map(({ mhz, db }) => ({ x: mhz, y: db }));
