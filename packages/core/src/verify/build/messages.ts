import { message } from '../../message';

/** What must be known before a lamp tester is built. */
export interface BuildMessages {
  readonly 'supply-too-low': { readonly supplyV: number; readonly lampV: number };
  readonly 'lamp-too-much': { readonly mostA: number };
  readonly 'resistor-too-small': { readonly watt: number };
  readonly 'lamps-hardly-light': object;
  readonly 'lamps-out-early': object;
}

export const tell = message<BuildMessages>();
