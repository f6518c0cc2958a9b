/** What is kept of a photo: its longer side, px, and how well it is kept as JPEG. */
const MOST_PX = 1600;
const QUALITY = 0.82;

export interface ScaledPhoto {
  readonly file: Blob;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * A photo as it is kept: upright, of a size that shows a termination and still goes over a telephone's network,
 * and without what a camera writes beside it, such as where it was.
 *
 * @throws where this browser can't read the picture
 */
export async function scalePhoto(file: Blob): Promise<ScaledPhoto> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, MOST_PX / Math.max(picture.width, picture.height));
  const widthPx = Math.max(1, Math.round(picture.width * scale));
  const heightPx = Math.max(1, Math.round(picture.height * scale));
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [widthPx, heightPx];
  const context = canvas.getContext('2d');
  if (!context) throw new Error('This browser draws no pictures.');
  // What is clear in a PNG would be black in a JPEG.
  context.fillStyle = '#fff';
  context.fillRect(0, 0, widthPx, heightPx);
  context.drawImage(picture, 0, 0, widthPx, heightPx);
  picture.close();
  const scaled = await new Promise<Blob | null>((resolve) =>
    canvas.toBlob(resolve, 'image/jpeg', QUALITY),
  );
  if (!scaled) throw new Error('This browser writes no pictures.');
  return { file: scaled, widthPx, heightPx };
}
