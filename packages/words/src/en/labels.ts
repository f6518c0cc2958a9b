import type { LabelMessages } from '@near-spoke/core/labels';
import { formatSheetMm } from '@near-spoke/core/units';
import type { WordsFor } from '../tell';
import { list } from './list';

const ends = (count: number): string => (count === 1 ? '1 end' : `${count} ends`);

const SHEET: Readonly<Record<LabelMessages['label-sheet']['problem'], string>> = {
  overlap: 'Labels would lie over each other: from one to the next is less than a label.',
  'past-the-edge': 'Labels would lie past the edge of the sheet.',
};

export const LABELS: WordsFor<LabelMessages> = {
  'label-double': ({ name, links }) =>
    name === ''
      ? `${list(links.slice(0, 3))}${links.length > 3 ? ' …' : ''} would have no name in their first line.`
      : `${list(links)} would both be called ${name}: nobody could tell them apart.`,
  'label-more-doubles': ({ count }) =>
    `${count} more ${count === 1 ? 'name is' : 'names are'} there twice.`,
  'label-blank': ({ field, ends: count }) => `{${field}} is empty at ${ends(count)}.`,
  'label-unknown-field': ({ field }) => `{${field}} is nothing that a label can have.`,
  'label-face': ({ kind, cable, ends: count, haveMm, needMm }, { units }) =>
    `${cable} (${ends(count)}) gets no label: ${kind === 'wrap-too-short' ? 'the wrap does not go round and over itself' : 'the flag leaves too little to write on'}. It has ${formatSheetMm(haveMm, units)}, and needs ${formatSheetMm(needMm, units)}.`,
  'label-sheet': ({ problem }) => SHEET[problem],
  'label-small': ({ letterMm, name }, { units }) =>
    `The letters of ${name} are ${formatSheetMm(letterMm, units)} high: hard to read. Fewer or shorter lines make them larger.`,
  'label-fine-code': ({ moduleMm }, { units }) =>
    `The code’s squares are ${formatSheetMm(moduleMm, units)}: not every camera reads them. Print one and try.`,
};
