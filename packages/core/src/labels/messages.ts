import { message } from '../message';
import type { FaceProblem } from './stock';
import type { LabelField } from './write-labels';

/** What is to be said of labels before they are printed. */
export interface LabelMessages {
  readonly 'label-double': { readonly name: string; readonly links: readonly string[] };
  readonly 'label-more-doubles': { readonly count: number };
  readonly 'label-blank': { readonly field: LabelField; readonly ends: number };
  readonly 'label-unknown-field': { readonly field: string };
  readonly 'label-face': FaceProblem & { readonly cable: string; readonly ends: number };
  readonly 'label-sheet': { readonly problem: 'overlap' | 'past-the-edge' };
  /** The smallest letters, on whose label. */
  readonly 'label-small': { readonly letterMm: number; readonly name: string };
  readonly 'label-fine-code': { readonly moduleMm: number };
}

export const labelMessage = message<LabelMessages>();
