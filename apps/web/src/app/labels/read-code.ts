import jsQR from 'jsqr';

/** What a label's code says: where the server is reached, and `/l/` with the id of the link. */
const CODE = /\/l\/([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})\/?$/i;

/** The text of a QR code in a picture; null where there is none. */
export const readCode = ({ data, width, height }: ImageData): string | null =>
  jsQR(data, width, height, { inversionAttempts: 'dontInvert' })?.data ?? null;

/** The link that a code belongs to; null where it is no code of a link. */
export const linkIn = (text: string): string | null => CODE.exec(text)?.[1]?.toLowerCase() ?? null;

/** What the code of a reel says: the page of its site's reels, with its name. */
const REEL_CODE = /(\/sites\/[0-9a-f-]{36}\/reels\?reel=[^&\s]+)$/i;

/** The page of a reel that a code belongs to; null where it is no code of a reel. */
export const reelPageIn = (text: string): string | null => REEL_CODE.exec(text)?.[1] ?? null;

/** Longest side of a picture that is looked through: more is slow, and shows no more. */
const MOST_PIXELS = 1000;

/** The pixels of a picture, made small enough to be looked through many times a second. */
export function pixelsOf(
  picture: CanvasImageSource,
  wide: number,
  high: number,
  canvas: HTMLCanvasElement,
): ImageData | null {
  const scale = Math.min(1, MOST_PIXELS / Math.max(wide, high));
  const [width, height] = [Math.round(wide * scale), Math.round(high * scale)];
  if (!(width > 0 && height > 0)) return null;
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d', { willReadFrequently: true });
  context?.drawImage(picture, 0, 0, width, height);
  return context?.getImageData(0, 0, width, height) ?? null;
}
