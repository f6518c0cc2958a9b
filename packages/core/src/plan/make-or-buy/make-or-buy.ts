import type { Uncertain } from '../../units';
import { failing } from './failures';

/** So many of one thing, made or bought. Prices in one currency, the caller’s own. */
export interface MakeOrBuy {
  readonly count: number;
  readonly make: {
    readonly parts: readonly { readonly price: number; readonly count: number }[];
    /** Each, at the bench. */
    readonly minutes: number;
    readonly wagePerHour: number;
    readonly tools: readonly { readonly price: number; readonly uses: number }[];
    /** Share that has to be made again. */
    readonly failureRate: Uncertain;
  };
  readonly buy: { readonly price: number };
}

export interface MadeOrBought {
  /** Of one good one: parts, wages and its share of the tools, with those that fail. */
  readonly madeEach: Uncertain;
  readonly boughtEach: number;
  /** From so many on made ones cost less, the tools bought for them; null where they never do. */
  readonly breakEvenCount: number | null;
}

/**
 * What one made costs beside one bought, and from how many on making pays. Each attempt takes its parts and its
 * time, and wears the tools; of n good ones, n / (1 − failure rate) are attempted.
 *
 * @returns `u` of one made: what the failure rate leaves open, and how many of a batch of `count` happen to fail
 */
export function makeOrBuy({ count, make, buy }: MakeOrBuy): MadeOrBought {
  const rate = failing(make.failureRate);
  const good = 1 - rate;
  const partsEach = make.parts.reduce((sum, { price, count: each }) => sum + price * each, 0);
  const attempt = partsEach + (make.minutes / 60) * make.wagePerHour;
  const wear = make.tools.reduce((sum, { price, uses }) => sum + price / uses, 0);
  const value = (attempt + wear) / good;
  // Attempts for n good ones stray by √(n · rate) / good: a negative binomial.
  const byRate = (value / good) * make.failureRate.u;
  const byChance = ((attempt + wear) * Math.sqrt(rate / count)) / good;
  const tools = make.tools.reduce((sum, { price }) => sum + price, 0);
  const gain = buy.price - attempt / good;
  return {
    madeEach: { value, u: Math.hypot(byRate, byChance) },
    boughtEach: buy.price,
    breakEvenCount: gain > 0 ? Math.max(1, Math.ceil(tools / gain - ROUNDING)) : null,
  };
}

/** Figures of money add up to whole ones only so nearly. */
const ROUNDING = 1e-9;
