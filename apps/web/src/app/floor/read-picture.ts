/** The largest file that is taken, bytes. */
const MOST_BYTES = 40_000_000;
/** The longer side to which a page of a PDF is drawn, px: fine lines are still there when it is printed again. */
const PDF_PX = 4000;

export type NoPicture = 'empty' | 'too-large' | 'not-a-picture' | 'no-size';

export interface ReadPicture {
  readonly file: Blob;
  readonly width: number;
  readonly height: number;
}

export type PictureRead =
  | { readonly ok: true; readonly picture: ReadPicture }
  | { readonly ok: false; readonly reason: NoPicture }
  /** A PDF of several pages: which one? */
  | { readonly ok: 'pages'; readonly count: number };

const no = (reason: NoPicture): PictureRead => ({ ok: false, reason });

/**
 * A picture of a floor as it is kept: a PNG or JPEG as it is, an SVG with its size, a page of a PDF as a PNG.
 *
 * @param page of a PDF, from 1; null where nobody was asked yet
 */
export async function readPicture(file: File, page: number | null = null): Promise<PictureRead> {
  if (file.size === 0) return no('empty');
  if (file.size > MOST_BYTES) return no('too-large');
  const begin = new TextDecoder('latin1').decode(await file.slice(0, 1024).arrayBuffer());
  try {
    if (begin.startsWith('%PDF')) return await readPdf(file, page);
    if (/<svg[\s>]/iu.test(begin) || /\.svg$/iu.test(file.name)) return await readSvg(file);
    const bitmap = await createImageBitmap(file);
    const { width, height } = bitmap;
    bitmap.close();
    const isPng = begin.startsWith('\u0089PNG');
    return {
      ok: true,
      picture: {
        file: new Blob([file], { type: isPng ? 'image/png' : 'image/jpeg' }),
        width,
        height,
      },
    };
  } catch {
    return no('not-a-picture');
  }
}

/** Its own size, or that of its view; an SVG that fills whatever it is put in has none. */
async function readSvg(file: Blob): Promise<PictureRead> {
  const parsed = new DOMParser().parseFromString(await file.text(), 'image/svg+xml');
  const root = parsed.documentElement;
  if (root.localName !== 'svg' || parsed.querySelector('parsererror')) return no('not-a-picture');
  const box = (root.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/u)
    .map(Number);
  const lengthOf = (name: string, fromBox: number | undefined): number => {
    const own = root.getAttribute(name) ?? '';
    return own === '' || own.endsWith('%') ? (fromBox ?? NaN) : Number.parseFloat(own);
  };
  const [width, height] = [lengthOf('width', box[2]), lengthOf('height', box[3])];
  if (!(width > 0) || !(height > 0)) return no('no-size');
  // An image takes its shape from here, whatever it is stretched to.
  if (!root.hasAttribute('viewBox')) root.setAttribute('viewBox', `0 0 ${width} ${height}`);
  root.setAttribute('width', String(width));
  root.setAttribute('height', String(height));
  const text = new XMLSerializer().serializeToString(parsed);
  return {
    ok: true,
    picture: { file: new Blob([text], { type: 'image/svg+xml' }), width, height },
  };
}

async function readPdf(file: Blob, page: number | null): Promise<PictureRead> {
  const { GlobalWorkerOptions, getDocument } = await import('pdfjs-dist');
  const worker = new Worker(new URL('./pdf.worker', import.meta.url), { type: 'module' });
  GlobalWorkerOptions.workerPort = worker;
  try {
    const data = await file.arrayBuffer();
    const opened = await getDocument({ data, isEvalSupported: false }).promise;
    if (opened.numPages > 1 && page === null) return { ok: 'pages', count: opened.numPages };
    const shown = await opened.getPage(Math.min(page ?? 1, opened.numPages));
    const plain = shown.getViewport({ scale: 1 });
    const scale = PDF_PX / Math.max(plain.width, plain.height);
    const viewport = shown.getViewport({ scale });
    const canvas = document.createElement('canvas');
    const [width, height] = [Math.round(viewport.width), Math.round(viewport.height)];
    [canvas.width, canvas.height] = [width, height];
    const canvasContext = canvas.getContext('2d');
    if (!canvasContext) return no('not-a-picture');
    await shown.render({ canvasContext, viewport }).promise;
    const png = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
    return png ? { ok: true, picture: { file: png, width, height } } : no('not-a-picture');
  } finally {
    GlobalWorkerOptions.workerPort = null;
    worker.terminate();
  }
}
