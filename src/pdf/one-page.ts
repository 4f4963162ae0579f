/**
 * Sizes of letters that a page to carry may have, points, the biggest first; below the last it becomes two pages
 * instead.
 */
export const SIZES = [13, 12, 11, 10, 9, 8.5, 8, 7.5, 7] as const;
/** Size on several pages, where nothing needs to be squeezed. */
const ON_SEVERAL = 10;

/** Pages of a PDF file as our renderer writes it. */
export function pagesIn(pdf: Uint8Array): number {
  const text = new TextDecoder('latin1').decode(pdf);
  return (text.match(/\/Type\s*\/Page\b(?!s)/g) ?? []).length;
}

/**
 * Renders with the biggest letters that leave it one page; where even the smallest do not, with ordinary ones on
 * several. Smaller letters never take more pages, so that sizes are halved instead of tried one after another.
 */
export async function onOnePage(render: (fontSize: number) => Promise<Uint8Array>): Promise<Uint8Array> {
  let best: Uint8Array | null = null;
  let from = 0,
    to: number = SIZES.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    const pdf = await render(SIZES[middle]);
    if (pagesIn(pdf) === 1) {
      best = pdf;
      to = middle;
    } else from = middle + 1;
  }
  return best ?? render(ON_SEVERAL);
}
