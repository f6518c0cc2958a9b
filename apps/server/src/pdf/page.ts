import PDFDocument from 'pdfkit';
import { FONTS } from './fonts';

export type Page = PDFKit.PDFDocument;

/** A document with our typefaces, and its bytes once it has been ended. */
export function newPage(options: PDFKit.PDFDocumentOptions): {
  readonly page: Page;
  readonly bytes: Promise<Buffer>;
} {
  const page = new PDFDocument(options);
  for (const [name, data] of Object.entries(FONTS)) page.registerFont(name, data);
  const chunks: Buffer[] = [];
  const bytes = new Promise<Buffer>((resolve, reject) => {
    page.on('data', (chunk: Buffer) => chunks.push(chunk));
    page.on('end', () => resolve(Buffer.concat(chunks)));
    page.on('error', reject);
  });
  return { page, bytes };
}
