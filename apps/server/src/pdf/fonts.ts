import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import * as fontkit from 'fontkit';

const resolve = createRequire(import.meta.url).resolve;
const font = (name: string) => readFileSync(resolve(`@expo-google-fonts/${name}.ttf`));

const other = {
  text: font('noto-sans/400Regular/NotoSans_400Regular'),
  bold: font('noto-sans/700Bold/NotoSans_700Bold'),
};

/**
 * The faces of our PDFs, by the name that a page asks for: our own, and another for letters that it has not,
 * such as β or Ж.
 */
const FACES = {
  text: [
    font('atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular'),
    other.text,
  ],
  bold: [font('atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold'), other.bold],
  mono: [
    font('atkinson-hyperlegible-mono/400Regular/AtkinsonHyperlegibleMono_400Regular'),
    other.text,
  ],
} as const;

export type Face = keyof typeof FACES;

/** A font file of a face, and which letters it has. */
export interface FacePart {
  readonly name: string;
  readonly data: Buffer;
  readonly has: (letter: string) => boolean;
}

const partsOf = (face: Face): FacePart[] =>
  FACES[face].map((data, index) => {
    let letters: ReadonlySet<number> | null = null;
    return {
      name: index === 0 ? face : `${face}, other letters`,
      data,
      has: (letter) => {
        letters ??= new Set((fontkit.create(data) as fontkit.Font).characterSet);
        return letters.has(letter.codePointAt(0) ?? 0);
      },
    };
  });

export const FACE_PARTS: Readonly<Record<Face, readonly FacePart[]>> = {
  text: partsOf('text'),
  bold: partsOf('bold'),
  mono: partsOf('mono'),
};
