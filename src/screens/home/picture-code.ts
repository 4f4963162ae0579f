/** Longest side that is looked at, pixels: a code needs no more, and a photograph has ten times as many. */
const MOST = 1600;

/** Pixels of what can be drawn, made smaller where it is large. */
export function pixelsOf(source: CanvasImageSource, width: number, height: number): ImageData | null {
  const scale = Math.min(1, MOST / Math.max(width, height, 1));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** The reader, fetched when it is needed. */
export const squareReader = () => import('@/core/home/square-code').then((m) => m.readSquare);

/** The text of the square code in a picture; null where there is none that can be read, or it is no picture. */
export async function codeInPicture(file: Blob): Promise<string | null> {
  const read = await squareReader();
  try {
    const image = await createImageBitmap(file);
    const pixels = pixelsOf(image, image.width, image.height);
    image.close();
    return pixels && read(pixels);
  } catch {
    return null;
  }
}
