import type { LabelMessages } from '@near-spoke/core/labels';
import { formatSheetMm, type UnitSystem } from '@near-spoke/core/units';
import type { WordsFor } from '../tell';
import { list } from './list';
import { written } from './number';

const sheetMm = (mm: number, units: UnitSystem): string => written(formatSheetMm(mm, units));

const ends = (count: number): string => (count === 1 ? '1 Ende' : `${count} Enden`);

const SHEET: Readonly<Record<LabelMessages['label-sheet']['problem'], string>> = {
  overlap:
    'Schilder lägen übereinander: von einem zum nächsten ist es weniger, als ein Schild misst.',
  'past-the-edge': 'Schilder lägen über den Rand des Bogens hinaus.',
};

export const LABELS: WordsFor<LabelMessages> = {
  'label-double': ({ name, links }) =>
    name === ''
      ? `${list(links.slice(0, 3))}${links.length > 3 ? ' …' : ''} hätten keinen Namen in der ersten Zeile.`
      : `${list(links)} hießen beide ${name}: niemand könnte sie unterscheiden.`,
  'label-more-doubles': ({ count }) =>
    count === 1 ? '1 weiterer Name ist zweimal da.' : `${count} weitere Namen sind zweimal da.`,
  'label-blank': ({ field, ends: count }) =>
    `{${field}} ist an ${count === 1 ? '1 Ende' : `${count} Enden`} leer.`,
  'label-unknown-field': ({ field }) => `{${field}} ist nichts, was ein Schild haben kann.`,
  'label-face': ({ kind, cable, ends: count, haveMm, needMm }, { units }) =>
    `${cable} (${ends(count)}) bekommt kein Schild: ${kind === 'wrap-too-short' ? 'der Wickel geht nicht um das Kabel und über sich selbst' : 'die Fahne lässt zu wenig Platz für Schrift'}. Es misst ${sheetMm(haveMm, units)} und braucht ${sheetMm(needMm, units)}.`,
  'label-sheet': ({ problem }) => SHEET[problem],
  'label-small': ({ letterMm, name }, { units }) =>
    `Die Schrift von ${name} ist ${sheetMm(letterMm, units)} hoch: schwer zu lesen. Weniger oder kürzere Zeilen machen sie größer.`,
  'label-fine-code': ({ moduleMm }, { units }) =>
    `Die Quadrate des Codes messen ${sheetMm(moduleMm, units)}: nicht jede Kamera liest sie. Eines drucken und versuchen.`,
};
