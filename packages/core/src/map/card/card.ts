import { conductor, describeView, outline, type FaceView } from '../../catalogue';
import type { End } from '../../link';
import { formatLength } from '../../units';
import { cableName, coresAt, ownConnector, type Adapter } from '../adapter';
import type { Solution } from '../solution';
import type { MapTask } from '../solve';
import { faceFigure } from './face-figure';
import { path, placed, rectangle, words, type Figure, type Mark } from '../../figure';
import { cardRows, coreText, type CardRow } from './table';

export interface CardInput {
  readonly adapter: Pick<Adapter, 'name' | 'note'>;
  readonly solution: Solution;
  readonly task: MapTask;
  /** What was found to differ and was accepted, and what was measured, in sentences. */
  readonly remarks: readonly string[];
  /** "25 November 2026" */
  readonly date: string;
  /** Whether every measurement has passed and nothing else holds it back. */
  readonly ready: boolean;
}

/** A4, upright. */
const PAGE = { widthMm: 210, heightMm: 297, marginMm: 14 } as const;
const FACE = { widthMm: 86, heightMm: 34, captionMm: 9 } as const;
const TABLE_ROW_MM = 5.2;
const NOTE_MM = 4.4;
/** How many letters of the page's text go into a millimetre of its width, at a size of 1 mm. */
const LETTERS_PER_MM = 1.85;

const COLUMNS = [
  { title: 'Near', xMm: 0, widthMm: 22 },
  { title: 'Signal', xMm: 22, widthMm: 40 },
  { title: 'Core', xMm: 62, widthMm: 58 },
  { title: 'Signal', xMm: 120, widthMm: 40 },
  { title: 'Far', xMm: 160, widthMm: 22 },
] as const;

/** Cut to what fits, and said so by three dots. */
function fitted(text: string, widthMm: number, sizeMm: number): string {
  const most = Math.floor((widthMm / sizeMm) * LETTERS_PER_MM);
  return text.length <= most ? text : `${text.slice(0, Math.max(1, most - 1))}…`;
}

function wrapped(text: string, widthMm: number, sizeMm: number): string[] {
  const most = Math.floor((widthMm / sizeMm) * LETTERS_PER_MM);
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length < most)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

const SIDES = ['wiring', 'mating'] as const;

function faces(end: End, input: CardInput, yMm: number): Mark[] {
  const part = ownConnector(input.task[end]);
  const row = outline(part.connector);
  const cores = coresAt(input.solution, end);
  const sides = row.oneSided ? (['wiring'] as const) : SIDES;
  const title = `${end === 'near' ? 'Near' : 'Far'} end: ${row.name}${row.oneSided ? '' : ` ${part.gender}`}, for ${input.task[end].name}`;
  return [
    words(PAGE.marginMm, yMm + 4, fitted(title, 182, 3.6), 3.6, 'start', true),
    ...sides.flatMap((side, index): Mark[] => {
      const view: FaceView = { side, latch: 'down' };
      const figure = faceFigure(part, view, (contact) => cores.get(contact) ?? null);
      const scale = Math.min(
        FACE.widthMm / figure.widthMm,
        (FACE.heightMm - 4) / figure.heightMm,
        3,
      );
      const left = PAGE.marginMm + index * (FACE.widthMm + 10);
      const caption = describeView({ outline: part.connector, gender: part.gender }, view);
      return [
        ...placed(figure.marks, left + FACE.widthMm / 2, yMm + 6 + FACE.heightMm / 2, scale),
        ...wrapped(caption, FACE.widthMm, 2.7)
          .slice(0, 2)
          .map((line, at) => words(left, yMm + 10 + FACE.heightMm + at * 3.4, line, 2.7)),
      ];
    }),
  ];
}

function swatch(id: string, xMm: number, yMm: number): Mark[] {
  const { base, stripe } = conductor(id);
  return [
    path(rectangle(xMm, yMm, 7, 2.2), base, 'ink', 0.15),
    ...(stripe ? [path(rectangle(xMm, yMm + 0.75, 7, 0.7), stripe, null)] : []),
  ];
}

function tableRow(row: CardRow, yMm: number, heightMm: number): Mark[] {
  const size = Math.min(3.1, heightMm * 0.66);
  const base = yMm + heightMm * 0.7;
  const cell = (index: number, text: string, bold = false, indent = 0) => {
    const { xMm, widthMm } = COLUMNS[index] ?? COLUMNS[0];
    return words(
      PAGE.marginMm + xMm + indent,
      base,
      fitted(text, widthMm - indent - 1, size),
      size,
      'start',
      bold,
    );
  };
  const [, , { xMm: coreAt }] = COLUMNS;
  return [
    path(`M${PAGE.marginMm} ${yMm + heightMm}h182`, null, 'ink', 0.1),
    cell(0, row.near.join(', ') || '–', true),
    cell(1, row.nearSignal),
    ...(row.core ? swatch(row.core, PAGE.marginMm + coreAt, yMm + heightMm * 0.24) : []),
    cell(2, coreText(row), false, row.core ? 9 : 0),
    cell(3, row.farSignal),
    cell(4, row.far.join(', ') || '–', true),
  ];
}

/** The page that goes with an adapter: both ends from both sides, the table, what to know, the date. */
export function adapterCard(input: CardInput): Figure {
  const { adapter, solution, task, date, ready, remarks } = input;
  const ports = { near: task.near, far: task.far };
  const rows = cardRows(solution, ports);
  const top = 34;
  const perEnd = FACE.heightMm + FACE.captionMm + 10;
  const tableTop = top + 2 * perEnd + 2;
  const notes = [
    ...(adapter.note === '' ? [] : [adapter.note]),
    ...remarks,
    ...solution.findings
      .filter(({ severity }) => severity !== 'note')
      .map(({ sentence, remedy }) => [sentence, ...(remedy ? [remedy] : [])].join(' ')),
    ...solution.findings.filter(({ kind }) => kind === 'shield').map(({ sentence }) => sentence),
  ].flatMap((text) => wrapped(`• ${text}`, 182, 2.9));
  const room = PAGE.heightMm - PAGE.marginMm - tableTop - 8;
  const noteRoom = Math.min(notes.length, 9) * NOTE_MM + (notes.length > 0 ? 8 : 0);
  const rowMm = Math.min(TABLE_ROW_MM, (room - noteRoom) / Math.max(1, rows.length));
  const notesTop = tableTop + 7 + rows.length * rowMm + 8;
  const fitting = Math.max(0, Math.floor((PAGE.heightMm - PAGE.marginMm - notesTop) / NOTE_MM));
  const shown =
    notes.length > fitting ? [...notes.slice(0, fitting - 1), '… more in the application'] : notes;
  return {
    widthMm: PAGE.widthMm,
    heightMm: PAGE.heightMm,
    marks: [
      words(PAGE.marginMm, 20, fitted(adapter.name, 182, 6.4), 6.4, 'start', true),
      words(
        PAGE.marginMm,
        27,
        fitted(
          [
            cableName(task.cable),
            ...(task.options.lengthM === null
              ? []
              : [formatLength(task.options.lengthM, task.units ?? 'metric')]),
            date,
            ready ? 'every measurement passed' : 'NOT READY YET',
          ].join(' · '),
          182,
          3.4,
        ),
        3.4,
      ),
      ...faces('near', input, top),
      ...faces('far', input, top + perEnd),
      path(`M${PAGE.marginMm} ${tableTop + 6.4}h182`, null, 'ink', 0.3),
      ...COLUMNS.map(({ title, xMm }) =>
        words(PAGE.marginMm + xMm, tableTop + 5, title, 3, 'start', true),
      ),
      ...rows.flatMap((row, index) => tableRow(row, tableTop + 7 + index * rowMm, rowMm)),
      ...(shown.length > 0
        ? [words(PAGE.marginMm, notesTop - 2.6, 'To know', 3.2, 'start', true)]
        : []),
      ...shown.map((line, index) =>
        words(PAGE.marginMm, notesTop + 2.4 + index * NOTE_MM, line, 2.9),
      ),
    ],
  };
}
