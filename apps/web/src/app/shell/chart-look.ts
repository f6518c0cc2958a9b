import type { ChartOptions } from 'chart.js';

/** Letters in a chart are those of the page. */
export const CHART_FONT = { family: 'Atkinson Hyperlegible Next Variable', size: 14 };

const COLOURS = ['ink', 'quiet', 'hair', 'bad', 'good', 'copper'] as const;
export type ChartColours = Readonly<Record<(typeof COLOURS)[number], string>>;

/** The theme's colours as they are where a chart stands. */
export function chartColours(element: HTMLElement): ChartColours {
  const style = getComputedStyle(element);
  return Object.fromEntries(
    COLOURS.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
  ) as ChartColours;
}

/** What every chart of ours has: no animation, as large as its place, points that are ready to draw. */
export const chartBase = ({ ink }: ChartColours) =>
  ({
    parsing: false,
    animation: false,
    maintainAspectRatio: false,
    normalized: true,
    color: ink,
    font: CHART_FONT,
  }) satisfies ChartOptions<'line'>;

/** An axis with its name and ticks. */
export const chartAxis = ({ quiet, hair }: ChartColours, text: string) => ({
  title: { display: true, text, color: quiet, font: CHART_FONT },
  ticks: { color: quiet, font: CHART_FONT },
  grid: { color: hair },
});
