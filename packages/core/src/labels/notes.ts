import type { Message } from '../message';
import { labelMessage } from './messages';
import { sheetProblem, type FaceProblem, type Stock } from './stock';
import type { WrittenLabels } from './write-labels';

/** Labels that have been laid out. */
export interface LabelRun {
  readonly stock: Stock;
  readonly written: Pick<WrittenLabels, 'doubles' | 'blanks' | 'unknown'>;
  readonly labelOf: (linkId: string) => string;
  /** Cables that the labels do not go round, by name: their ends have none. */
  readonly misfits: readonly {
    readonly cable: string;
    readonly ends: number;
    readonly problem: FaceProblem;
  }[];
  readonly smallest: { readonly letterMm: number; readonly name: string } | null;
  readonly moduleMm: number | null;
}

/** Doubles that are named one by one. */
const MOST_DOUBLES = 5;
/** Letters of 5 points, which is read from a hand's length at best. Generic. */
const LEAST_LETTER_MM = 1.76;
/** Finer modules are not read by every camera. Generic. */
const LEAST_MODULE_MM = 0.3;

/**
 * What is wrong with labels, the worst first; `stops` of what would be waste or a mistake if it were printed.
 */
export function labelNotes({
  stock,
  written: { doubles, blanks, unknown },
  labelOf,
  misfits,
  smallest,
  moduleMm,
}: LabelRun): { readonly stops: readonly Message[]; readonly notes: readonly Message[] } {
  const problem = sheetProblem(stock);
  const named = doubles.slice(0, MOST_DOUBLES);
  return {
    stops: [
      ...(problem ? [labelMessage('label-sheet', { problem })] : []),
      ...unknown.map((field) => labelMessage('label-unknown-field', { field })),
      ...named.map(({ name, linkIds }) =>
        labelMessage('label-double', { name, links: linkIds.map(labelOf) }),
      ),
      ...(doubles.length > named.length
        ? [labelMessage('label-more-doubles', { count: doubles.length - named.length })]
        : []),
    ],
    notes: [
      ...misfits.map(({ problem: misfit, ...rest }) =>
        labelMessage('label-face', { ...misfit, ...rest }),
      ),
      ...blanks.map((blank) => labelMessage('label-blank', blank)),
      ...(smallest && smallest.letterMm < LEAST_LETTER_MM
        ? [labelMessage('label-small', smallest)]
        : []),
      ...(moduleMm !== null && moduleMm < LEAST_MODULE_MM
        ? [labelMessage('label-fine-code', { moduleMm })]
        : []),
    ],
  };
}
