import { message } from '../../message';

/** On what decibels are lost. */
export interface LossMessages {
  readonly 'loss-cable': object;
  readonly 'loss-connectors': { readonly count: number };
  readonly 'loss-splitter': { readonly ways: number };
}

export const tell = message<LossMessages>();
