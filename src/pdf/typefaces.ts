import { Font } from '@react-pdf/renderer';
import { printable, type Printable } from './letters';

/**
 * The application's own typeface, and one that has most letters of the world's alphabets (Latin, Greek, Cyrillic,
 * Arabic, Hebrew and more).
 */
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
  const own = await faces(FAMILY);
  for (const face of own) knowLetters(face, face.characterSet);
  const plain = printable(
    content,
    (c) => has(own, c),
    () => false,
  );
  if (!plain.wider) return { content: plain.content, missing: [], families: [FAMILY] };
  const wide = await faces(FALLBACK);
  const { content: said, missing } = printable(
    content,
    (c) => has(own, c),
    (c) => has(wide, c),
  );
  const letters = lettersIn(said).filter((c) => has(wide, c));
  for (const face of wide) knowLetters(face, letters);
  return { content: said, missing, families: [FAMILY, FALLBACK] };
}

type Face = NonNullable<ReturnType<typeof Font.getFont>['data']>;

/** Both cuts of a typeface. */
async function faces(fontFamily: string): Promise<readonly Face[]> {
  const cuts = [400, 700].map((fontWeight) => ({ fontFamily, fontWeight }));
  await Promise.all(cuts.map((c) => Font.load(c)));
  const found = cuts.flatMap((c) => Font.getFont(c)?.data ?? []);
  for (const face of found) keepTables(face);
  return found.length === cuts.length ? found : [];
}

/** Whether both cuts have a code point. */
const has = (cuts: readonly Face[], codePoint: number): boolean =>
  cuts.length > 0 && cuts.every((f) => f.hasGlyphForCodePoint(codePoint));

const lettersIn = (content: unknown): number[] => [
  ...new Set(Array.from(JSON.stringify(content), (c) => c.codePointAt(0) ?? 0)),
];

/** What reads a table of a packed typeface. */
interface Packed {
  /** The whole file; tables that are not packed are read out of it. */
  stream?: object;
  _getTableStream?: (tag: string) => { pos: number } | null;
}
const keeping = new WeakSet<Face>();
/**
 * A packed typeface (WOFF) is unpacked table by table, and its reader does so anew for every letter: two thirds of the
 * time of a file. Each table is kept as it was unpacked, and read from its beginning, as the reader does with a
 * typeface that is not packed.
 */
function keepTables(face: Face): void {
  const packed = face as Packed;
  const unpack = packed._getTableStream?.bind(face);
  if (!unpack || keeping.has(face)) return;
  keeping.add(face);
  const tables = new Map<string, { pos: number }>();
  packed._getTableStream = (tag) => {
    const kept = tables.get(tag);
    if (kept) {
      kept.pos = 0;
      return kept;
    }
    const table = unpack(tag);
    if (table && table !== packed.stream) tables.set(tag, table);
    return table;
  };
}

const known = new WeakMap<Face, Set<number>>();
/**
 * Asks a typeface for letters before anything is set. It keeps a glyph as it first met it: a dot that came in as half
 * of a colon has no letter of its own in any later file, and would be lost to who copies or listens. So it is given
 * back here.
 */
function knowLetters(face: Face, letters: readonly number[]): void {
  let asked = known.get(face);
  if (!asked) known.set(face, (asked = new Set()));
  for (const codePoint of letters) {
    if (asked.has(codePoint)) continue;
    asked.add(codePoint);
    const glyph = face.glyphForCodePoint(codePoint);
    if (glyph.codePoints.length === 0) glyph.codePoints = [codePoint];
  }
}
