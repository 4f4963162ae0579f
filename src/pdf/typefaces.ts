import { Font } from '@react-pdf/renderer';
import { printable, type Printable } from './letters';

/** The application's own typeface, and one that has most letters of the world's alphabets (Latin, Greek, Cyrillic, Arabic, Hebrew and more). */
export const FAMILY = 'Atkinson Hyperlegible Next';
const FALLBACK = 'DejaVu Sans';

/** Addresses or files of the regular and bold cuts. */
export type Cuts = readonly [regular: string, bold: string];

/** Makes both typefaces known; the fallback is fetched only with the first letter that needs it. */
export function registerFonts(own: Cuts, fallback: Cuts): void {
  for (const [family, [regular, bold]] of [
    [FAMILY, own],
    [FALLBACK, fallback],
  ] as const)
    Font.register({
      family,
      fonts: [
        { src: regular, fontWeight: 400 },
        { src: bold, fontWeight: 700 },
      ],
    });
  // Words of the field are never broken.
  Font.registerHyphenationCallback((word) => [word]);
}

/** Content that can be set, with the typefaces it takes. */
export type Lettered<T> = Omit<Printable<T>, 'wider'> & { families: string[] };

/** Makes content ready to be set: which typefaces it needs, and □ for letters that neither has. */
export async function inLetters<T>(content: T): Promise<Lettered<T>> {
  const own = await coverage(FAMILY);
  const plain = printable(content, own, () => false);
  if (!plain.wider) return { content: plain.content, missing: [], families: [FAMILY] };
  const { content: said, missing } = printable(content, own, await coverage(FALLBACK));
  return { content: said, missing, families: [FAMILY, FALLBACK] };
}

/** Which code points both cuts of a typeface have. */
async function coverage(fontFamily: string): Promise<(codePoint: number) => boolean> {
  const cuts = [400, 700].map((fontWeight) => ({ fontFamily, fontWeight }));
  await Promise.all(cuts.map((c) => Font.load(c)));
  const fonts = cuts.flatMap((c) => Font.getFont(c)?.data ?? []);
  for (const f of fonts) knowLetters(f);
  return (codePoint) => fonts.length === cuts.length && fonts.every((f) => f.hasGlyphForCodePoint(codePoint));
}

type Face = NonNullable<ReturnType<typeof Font.getFont>['data']>;
const known = new WeakSet<Face>();
/**
 * Asks a typeface for all its letters once. It keeps a glyph as it first met it: a dot that came in as half of a colon would have no
 * letter of its own in any later file, and be lost to who copies or listens.
 */
function knowLetters(face: Face): void {
  if (known.has(face)) return;
  known.add(face);
  for (const codePoint of face.characterSet) face.glyphForCodePoint(codePoint);
}
