import { message } from '../../message';
import type { LineReading } from './readings';

/** What a telephone line's voltages say: each is asked for, or settles whose the fault is. */
export const LINE_SAYS = [
  'measure-idle',
  'wiring-between',
  'no-line-there',
  'a-set-holds-it',
  'something-loads-it',
  'no-line-here',
  'lift-a-handset',
  'no-current-drawn',
  'falls-too-low',
  'ring-it',
  'rings-weakly',
  'good',
] as const;
export type LineSays = (typeof LINE_SAYS)[number];

export interface LineMessages {
  readonly line: { readonly says: LineSays };
  /** What to measure, as an order, and what a good line shows. */
  readonly 'line-order': { readonly reading: LineReading };
  readonly 'line-usual': { readonly reading: LineReading };
  readonly 'line-reversed': object;
  readonly 'ringer-load': {
    readonly sum: number;
    readonly most: number;
    readonly isEnough: boolean;
  };
  readonly 'ringer-limit': { readonly country: 'uk' | 'us'; readonly most: number };
}

export const tell = message<LineMessages>();
