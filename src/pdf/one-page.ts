/** Sizes of letters that a page to carry may have, points, the biggest first; below the last it becomes two pages instead. */
export const SIZES = [13, 12, 11, 10, 9, 8.5, 8, 7.5, 7] as const;
/** Size on several pages, where nothing needs to be squeezed. */
const ON_SEVERAL = 10;

/** Pages of a PDF file as our renderer writes it. */
export function pagesIn(pdf: Uint8Array): number {
  const text = new TextDecoder('latin1').decode(pdf);
  return (text.match(/\/Type\s*\/Page\b(?!s)/g) ?? []).length;
}

/** Renders with the biggest letters that leave it one page; where even the smallest do not, with ordinary ones on several. */
export async function onOnePage(render: (fontSize: number) => Promise<Uint8Array>): Promise<Uint8Array> {
  for (const size of SIZES) {
    const pdf = await render(size);
    if (pagesIn(pdf) === 1) return pdf;
  }
  return render(ON_SEVERAL);
}
