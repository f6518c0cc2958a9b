import PDFDocument from 'pdfkit';
import { FACE_PARTS, type Face } from './fonts';
import { runsOf } from './letters';

export type Page = PDFKit.PDFDocument;

const isFace = (name: unknown): name is Face => typeof name === 'string' && name in FACE_PARTS;

/**
 * A document with our typefaces, every letter in a font that has it, and its bytes once it has been ended.
 *
 * @param begun told of every page, with its number, when it begins; what it writes changes nothing of what
 *   is being written, so that pages that are not buffered have a foot too
 */
export function newPage(
  options: PDFKit.PDFDocumentOptions,
  begun?: (page: Page, number: number) => void,
): {
  readonly page: Page;
  readonly bytes: Promise<Buffer>;
} {
  const page = new PDFDocument({ ...options, autoFirstPage: false });
  for (const parts of Object.values(FACE_PARTS))
    for (const { name, data } of parts) page.registerFont(name, data);
  const aside = writeAllLetters(page);
  if (begun) {
    let number = 0;
    page.on('pageAdded', () => {
      number += 1;
      aside(() => begun(page, number));
    });
  }
  page.addPage();
  const chunks: Buffer[] = [];
  const bytes = new Promise<Buffer>((resolve, reject) => {
    page.on('data', (chunk: Buffer) => chunks.push(chunk));
    page.on('end', () => resolve(Buffer.concat(chunks)));
    page.on('error', reject);
  });
  return { page, bytes };
}

type Options = PDFKit.Mixins.TextOptions;

/**
 * What a page is asked to write is written run by run, in the part of the face that has the letters.
 *
 * @returns what writes something aside, after which all is as it was
 */
function writeAllLetters(page: Page): (write: () => void) => void {
  let face: Face = 'text';
  let used: PDFKit.Mixins.PDFFontSource = face;
  let size = 12;
  let colour: PDFKit.Mixins.ColorValue = 'black';
  const part = page.font.bind(page);
  const write = page.text.bind(page);
  const sized = page.fontSize.bind(page);
  const filled = page.fillColor.bind(page);
  const font = (name: PDFKit.Mixins.PDFFontSource, ...rest: never[]) => {
    used = name;
    return part(name, ...rest);
  };
  page.font = (name: PDFKit.Mixins.PDFFontSource, ...rest: never[]) => {
    if (isFace(name)) face = name;
    return font(name, ...rest);
  };
  page.fontSize = (points) => sized((size = points));
  page.fillColor = (value, opacity) => filled((colour = value), opacity);
  page.text = (text: string, x?: number | Options, y?: number | Options, rest?: Options) => {
    const runs = runsOf(text, face);
    const options = [x, y, rest].find((one): one is Options => typeof one === 'object') ?? {};
    const [left, top] = [x, y].map((one) => (typeof one === 'number' ? one : undefined));
    if (runs.length < 2) {
      if (runs[0]) font(runs[0].font);
      write(text === '' ? '' : (runs[0]?.text ?? ''), left, top, options);
      font(face);
      return page;
    }
    runs.forEach((run, index) => {
      font(run.font);
      const own = { ...options, continued: index < runs.length - 1 || options.continued === true };
      if (index === 0) write(run.text, left, top, own);
      else write(run.text, own);
    });
    font(face);
    return page;
  };
  return (writeAside) => {
    const was = { face, used, size, colour, x: page.x, y: page.y };
    writeAside();
    face = was.face;
    font(was.used);
    page.fontSize(was.size).fillColor(was.colour);
    page.x = was.x;
    page.y = was.y;
  };
}
