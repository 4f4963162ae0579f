/** Longest edge that a picture keeps: enough for landmarks, little enough for any tablet. Pixels. */
const LONGEST = 2000;
/** Bytes above which a picture is refused before it is opened. */
const LARGEST = 60e6;

export type PictureResult = { ok: true; blob: Blob; width: number; height: number } | { ok: false; problem: string };

/** Opens a picture, turned the way it was taken and made smaller where it is huge. Never rejects. */
export async function openPicture(file: Blob): Promise<PictureResult> {
  if (file.size > LARGEST)
    return {
      ok: false,
      problem: 'This picture is larger than 60 MB. Take a smaller one; a phone’s usual size is plenty.',
    };
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    return {
      ok: false,
      problem:
        'This is not a picture that the browser can read. JPEG and PNG always work. You can type the reading instead.',
    };
  }
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale)),
    height = Math.max(1, Math.round(bitmap.height * scale));
  if (bitmap.width < 40 || bitmap.height < 40) {
    bitmap.close();
    return { ok: false, problem: 'This picture is too small to place a point on.' };
  }
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.9));
  return blob
    ? { ok: true, blob, width, height }
    : { ok: false, problem: 'The picture could not be opened. You can type the reading instead.' };
}
