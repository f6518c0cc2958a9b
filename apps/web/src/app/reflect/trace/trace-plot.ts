import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { ChartDataset } from 'chart.js';
import { delayOf } from '@near-spoke/core/reflect/hand';
import { LENGTH_UNIT, inLengthUnit, type UnitSystem } from '@near-spoke/core/units';
import { chartAxis, type ChartColours } from '../../shell/chart-look';
import { Plot, type PlotContent, type PlotLayout } from '../../shell/plot';

export interface XY {
  readonly x: number;
  readonly y: number;
}

/** A line of the plot. */
export interface PlotLine {
  readonly name: string;
  readonly points: readonly XY[];
  readonly style: 'measured' | 'behind' | 'fitted' | 'over';
}

/** A place to mark over the lines. */
export interface PlotMark {
  readonly x: number;
  readonly name: string;
  readonly cursor: boolean;
}

/** Nanoseconds to a second. */
const NANO = 1e9;
/** Of the height that is shown, what is left above a mark. */
const ABOVE_A_MARK = 0.04;

/** A trace over distance: as measured, as it should be behind it, events and cursors. */
@Component({
  selector: 'ns-trace-plot',
  imports: [Plot],
  template: `
    <ns-plot
      [label]="label()"
      [layout]="layout()"
      [content]="content()"
      [more]="more()"
      (moved)="moved.emit(there($event))"
      (clicked)="clicked.emit($event / per())"
    />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TracePlot {
  readonly lines = input.required<readonly PlotLine[]>();
  readonly marks = input<readonly PlotMark[]>([]);
  readonly range = input.required<readonly [from: number, to: number]>();
  /** Least and greatest height that is shown; null for all. */
  readonly heights = input<readonly [number, number] | null>(null);
  readonly units = input<UnitSystem>('metric');
  /** What is on the x axis, after the unit of length. */
  readonly xName = input('from the launch');
  readonly yName = input('V');
  /** Of a cable, for an axis of times there and back; null where there is none. */
  readonly velocityFactor = input<number | null>(null);
  readonly timeName = input('');
  readonly label = input.required<string>();
  readonly more = input('');
  /** The part that is shown, after it was moved. */
  readonly moved = output<readonly [from: number, to: number]>();
  readonly clicked = output<number>();

  /** Of the unit that is shown, to a metre: all that goes in and out is metres. */
  protected readonly per = computed(() => inLengthUnit(1, this.units()));

  protected readonly layout = computed(() => {
    const [[min, max], xName, yName] = [
      this.here(this.range()),
      `${LENGTH_UNIT[this.units()]} ${this.xName()}`,
      this.yName(),
    ];
    const unit = LENGTH_UNIT[this.units()];
    const [from, to] = this.range();
    const [factor, timeName] = [this.velocityFactor(), `ns ${this.timeName()}`];
    return (colours: ChartColours): PlotLayout => {
      const plain = { ...chartAxis(colours, '').ticks, includeBounds: false };
      return {
        scales: {
          x: {
            ...chartAxis(colours, xName),
            type: 'linear',
            min,
            max,
            ticks: { ...plain, maxRotation: 0 },
          },
          y: { ...chartAxis(colours, yName), type: 'linear', ticks: plain },
          // Zoomed and moved with the other, as both are along the same pixels.
          ...(factor === null
            ? {}
            : {
                time: {
                  ...chartAxis(colours, timeName),
                  type: 'linear',
                  axis: 'x',
                  position: 'top',
                  min: NANO * delayOf(from, factor),
                  max: NANO * delayOf(to, factor),
                  ticks: { ...plain, maxRotation: 0 },
                  grid: { display: false },
                },
              }),
        },
        interaction: { mode: 'nearest', axis: 'x', intersect: false },
        legend: {
          boxWidth: 34,
          boxHeight: 0,
          // Marks, which have points, are told beside the plot.
          filter: ({ datasetIndex }, { datasets }) =>
            (datasets[datasetIndex ?? 0] as ChartDataset<'line'>).pointRadius === 0,
        },
        tooltip: {
          title: ([item]) => `${item?.parsed.x?.toFixed(2) ?? ''} ${unit}`,
          label: ({ dataset, parsed }) =>
            `${dataset.label ?? ''}: ${parsed.y?.toPrecision(3) ?? ''}`,
        },
      };
    };
  });
  protected readonly content = computed(() => {
    const [given, heights, per] = [this.lines(), this.heights(), this.per()];
    const lines =
      per === 1
        ? given
        : given.map((line) => ({
            ...line,
            points: line.points.map(({ x, y }) => ({ x: x * per, y })),
          }));
    const marks = this.marks().map((mark) => ({ ...mark, x: mark.x * per }));
    return (colours: ChartColours): PlotContent => ({
      heights,
      datasets: [
        ...lines.map((line) => lineOf(line, colours)),
        ...marksOf(marks, heights ?? rangeOf(lines), colours),
      ],
    });
  });

  private here([from, to]: readonly [number, number]): readonly [number, number] {
    return [from * this.per(), to * this.per()];
  }

  protected there([from, to]: readonly [number, number]): readonly [number, number] {
    return [from / this.per(), to / this.per()];
  }
}

function lineOf(
  { name, points, style }: PlotLine,
  { ink, quiet, copper, good }: ChartColours,
): ChartDataset<'line'> {
  const styles = {
    measured: { borderColor: ink, borderWidth: 1.6, borderDash: [] },
    behind: { borderColor: quiet, borderWidth: 1.4, borderDash: [6, 4] },
    over: { borderColor: good, borderWidth: 1.4, borderDash: [] },
    fitted: { borderColor: copper, borderWidth: 1.2, borderDash: [2, 2] },
  };
  return {
    label: name,
    data: [...points],
    pointRadius: 0,
    pointStyle: 'line',
    ...styles[style],
  };
}

/** Least and greatest height of all lines. */
const rangeOf = (lines: readonly PlotLine[]): readonly [number, number] =>
  lines
    .flatMap(({ points }) => points)
    .reduce<[number, number]>(
      ([low, high], { y }) => [Math.min(low, y), Math.max(high, y)],
      [Infinity, -Infinity],
    );

function marksOf(
  marks: readonly PlotMark[],
  [low, high]: readonly [number, number],
  { bad, copper }: ChartColours,
): ChartDataset<'line'>[] {
  if (!Number.isFinite(low)) return [];
  return marks.map(({ x, name, cursor }) => {
    const colour = cursor ? copper : bad;
    return {
      label: name,
      data: [
        { x, y: low },
        { x, y: high - ABOVE_A_MARK * (high - low) },
      ],
      borderColor: colour,
      backgroundColor: colour,
      borderWidth: cursor ? 2 : 1.5,
      borderDash: cursor ? [] : [3, 3],
      pointStyle: cursor ? 'rectRot' : 'triangle',
      pointRadius: [0, 6],
    };
  });
}
