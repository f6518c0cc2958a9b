import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const resolve = createRequire(import.meta.url).resolve;
const font = (name: string) =>
  readFileSync(resolve(`@fontsource/atkinson-hyperlegible-${name}.woff`));
/** The typefaces of our PDFs, by the name that a page registers them under. */
export const FONTS = {
  text: font('next/files/atkinson-hyperlegible-next-latin-400-normal'),
  bold: font('next/files/atkinson-hyperlegible-next-latin-700-normal'),
  mono: font('mono/files/atkinson-hyperlegible-mono-latin-400-normal'),
};
