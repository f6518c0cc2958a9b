import type { CostAnswer, CostLeftAnswer } from '@near-spoke/contract/prices';
import { WITHIN_95, formatDistance, type Uncertain } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';

const money = (value: number, currency: string): string => `${value.toFixed(2)} ${currency}`.trim();

/** Whether a cord is made or bought, and what that rests on. */
export function costVerdict(
  { madeEach, boughtEach, breakEvenCount, failureRate, parts, currency }: CostAnswer,
  count: number,
  hasTools: boolean,
  { pages: { costs: words } }: Tell,
): { readonly sentence: string; readonly why: string } {
  const margin = WITHIN_95 * madeEach.u;
  const made = `${money(madeEach.value, currency)} ± ${margin.toFixed(2)}`;
  const bought = money(boughtEach, currency);
  const gain = boughtEach - madeEach.value;
  const unpriced = parts.filter(({ cost }) => cost === null).map(({ name }) => name);
  return {
    sentence:
      Math.abs(gain) <= margin
        ? words.close(made, bought)
        : gain > 0
          ? words.make(made, count, bought)
          : words.buy(bought, made, count),
    why: [
      unpriced.length > 0 ? words.unpriced(unpriced.join(', ')) : '',
      !hasTools ? '' : breakEvenCount === null ? words.never : words.breakEven(breakEvenCount),
      words.fails(`${(100 * failureRate.value).toFixed(1)} %`),
    ]
      .filter(Boolean)
      .join(' '),
  };
}

export interface CostRow {
  readonly name: string;
  readonly count: string;
  readonly cost: string;
}

/**
 * What is left costs, and what of it could not be counted.
 *
 * @param link that it is left of, by its label; null of a whole site
 */
export function leftVerdict(
  { cost, currency, ends, minutes, parts, refused, unknown }: CostLeftAnswer,
  link: string | null,
  { pages: { costs: words } }: Tell,
): { readonly sentence: string; readonly why: string } {
  if (ends === 0 && parts.length === 0) return { sentence: words.leftNothing(link), why: '' };
  const within = ({ value, u }: Uncertain, digits: number) =>
    `${value.toFixed(digits)} ± ${(WITHIN_95 * u).toFixed(digits)}`;
  const unpriced = parts.filter(({ cost: price }) => price === null).map(({ name }) => name);
  const hasCable = unknown > 0 || parts.some(({ cable }) => cable);
  const hours = { value: minutes.value / 60, u: minutes.u / 60 };
  return {
    sentence: words.left(link, ends, hasCable, `${within(cost, 2)} ${currency}`.trim()),
    why: [
      words.leftMinutes(`${within(hours, 1)} h`),
      unpriced.length > 0 ? words.unpriced(unpriced.join(', ')) : '',
      unknown > 0 ? words.leftUnknown(unknown) : '',
      refused > 0 ? words.leftRefused(refused) : '',
    ]
      .filter(Boolean)
      .join(' '),
  };
}

interface Taking {
  readonly parts: CostAnswer['parts'];
  readonly minutes: number;
  readonly currency: string;
}

/** What it takes, part by part, and its work. */
export function costRows(
  { parts, minutes, currency }: Taking,
  wagePerHour: number,
  { units, pages: { costs: words } }: Tell,
): CostRow[] {
  return [
    ...parts.map(({ name, count, cable, cost }) => ({
      name,
      count: cable
        ? formatDistance(count, units, 1)
        : words.piece(Number.isInteger(count) ? String(count) : count.toFixed(1)),
      cost: cost === null ? words.noPrice : money(cost, currency),
    })),
    {
      name: words.work,
      count: words.minutes(minutes.toFixed(1)),
      cost: money((minutes / 60) * wagePerHour, currency),
    },
  ];
}
