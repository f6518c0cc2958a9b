import { FACE_PARTS, type Face } from './fonts';

/** Words that one font file has all letters of, in a row. */
export interface Run {
  readonly font: string;
  readonly text: string;
}

const isControl = (letter: string) => (letter.codePointAt(0) ?? 0) < 0x20;

/** A letter that no font here has, by its number: nothing is lost unseen. */
const numbered = (letter: string) =>
  `<U+${(letter.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, '0')}>`;

/** A text in runs of whole words, each in the first font of a face that has all its letters. */
export function runsOf(text: string, face: Face): Run[] {
  const parts = FACE_PARTS[face];
  const runs: { font: string; text: string }[] = [];
  for (const word of text.normalize('NFC').split(/(?<=\s)/)) {
    const written = [...word]
      .map((letter) =>
        isControl(letter) || parts.some(({ has }) => has(letter)) ? letter : numbered(letter),
      )
      .join('');
    const letters = [...written.trimEnd()];
    const part = parts.find(({ has }) => letters.every((one) => isControl(one) || has(one)));
    const name = part?.name ?? parts.at(-1)?.name ?? face;
    const last = runs.at(-1);
    if (last?.font === name) last.text += written;
    else runs.push({ font: name, text: written });
  }
  return runs;
}
