import { makeOrBuy, type MadeOrBought, type MakeOrBuy } from '../make-or-buy';
import type { Uncertain } from '../../units';
import type { Price } from './price-list';

/** Something that is made of parts. */
export interface Making {
  /** Of each one: a part's id, and pieces or metres of it. */
  readonly parts: readonly { readonly part: string; readonly count: number }[];
  readonly minutes: number;
  /** Of each of its ends: share that has to be made again. */
  readonly rates: readonly Uncertain[];
}

export interface CostOfMaking extends MadeOrBought {
  readonly parts: readonly {
    readonly part: string;
    readonly count: number;
    /** Of so many; null where the list has no price. */
    readonly cost: number | null;
  }[];
  /** Parts without a price: they cost nothing here, and more in truth. */
  readonly unpriced: readonly string[];
  /** Share of cords of which an end has to be made again. */
  readonly failureRate: Uncertain;
}

/**
 * What one made costs beside one bought, with the prices of a list. An end that fails is reckoned as the whole
 * again, as it is for a cord whose cable gets too short.
 *
 * @param rest wages, tools, how many, and the price of one bought
 */
export function costOfMaking(
  { parts, minutes, rates }: Making,
  prices: readonly Price[],
  rest: Pick<MakeOrBuy, 'count' | 'buy'> & Pick<MakeOrBuy['make'], 'wagePerHour' | 'tools'>,
): CostOfMaking {
  const each = new Map(prices.map(({ part, price, pack }) => [part, price / pack]));
  const costs = parts.map(({ part, count }) => {
    const price = each.get(part);
    return { part, count, cost: price === undefined ? null : price * count };
  });
  const failureRate = eitherFails(rates);
  const { count, buy, wagePerHour, tools } = rest;
  const made = makeOrBuy({
    count,
    buy,
    make: {
      parts: costs.map(({ cost }) => ({ price: cost ?? 0, count: 1 })),
      minutes,
      wagePerHour,
      tools,
      failureRate,
    },
  });
  return {
    ...made,
    parts: costs,
    unpriced: costs.flatMap(({ part, cost }) => (cost === null ? [part] : [])),
    failureRate,
  };
}

/** That one of several that fail on their own does: 1 − Π(1 − p), with what each leaves open. */
function eitherFails(rates: readonly Uncertain[]): Uncertain {
  const good = rates.reduce((all, { value }) => all * (1 - value), 1);
  const u = Math.hypot(...rates.map((rate) => (good / Math.max(1e-9, 1 - rate.value)) * rate.u));
  return { value: 1 - good, u };
}
