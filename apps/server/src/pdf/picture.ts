import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { Resvg, initWasm } from '@resvg/resvg-wasm';
import { FACE_PARTS } from './fonts';

/** The longer side to which a picture is drawn, px: about 200 to an inch of A4. */
const PX = 2200;
/** ISO/IEC 10918-1. */
const JPEG = Buffer.from([0xff, 0xd8, 0xff]);

let ready: Promise<void> | null = null;

/**
 * A picture as our PDFs take it: a JPEG as it is; an SVG, or a PNG of whatever size, drawn to so many dots on white.
 * What an SVG names outside itself is not fetched.
 *
 * @param size in the picture’s own units: its shape
 * @returns null where it can’t be drawn
 */
export async function pictureForPdf(
  { bytes, type }: { readonly bytes: Buffer; readonly type: string },
  size: { readonly width: number; readonly height: number },
): Promise<Buffer | null> {
  if (bytes.subarray(0, JPEG.length).equals(JPEG)) return bytes;
  ready ??= initWasm(
    readFileSync(createRequire(import.meta.url).resolve('@resvg/resvg-wasm/index_bg.wasm')),
  );
  await ready;
  const svg = type.includes('svg') ? bytes.toString('utf8') : wrapped(bytes, size);
  const isWide = size.width >= size.height;
  try {
    const drawing = new Resvg(svg, {
      background: 'white',
      fitTo: { mode: isWide ? 'width' : 'height', value: PX },
      font: {
        fontBuffers: [...FACE_PARTS.text, ...FACE_PARTS.bold].map(({ data }) => data),
        defaultFontFamily: 'Atkinson Hyperlegible Next',
      },
    });
    const drawn = drawing.render();
    const png = Buffer.from(drawn.asPng());
    drawn.free();
    drawing.free();
    return png;
  } catch {
    return null;
  }
}

const wrapped = (png: Buffer, { width, height }: { width: number; height: number }): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><image width="${width}" height="${height}" href="data:image/png;base64,${png.toString('base64')}"/></svg>`;
