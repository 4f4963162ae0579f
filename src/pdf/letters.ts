/** Stands for a letter that no typeface of ours has. */
export const UNKNOWN_LETTER = '□';

/** What a paper says, ready to be set. */
export interface Printable<T> {
  content: T;
  /** True where letters beyond the application's own typeface are in it. */
  wider: boolean;
  /** Letters that no typeface has, each once, in the order of their coming; □ stands for them. */
  missing: string[];
}

/**
 * Any content with its texts made ready for setting: letters and their accents as one, and □ where no typeface has a
 * letter. Marks that only steer (joiners, directions) are left out where they cannot be set, without being told.
 * @param own whether the application's own typeface has a code point
 * @param wide whether the fallback has it
 */
export function printable<T>(
  content: T,
  own: (codePoint: number) => boolean,
  wide: (codePoint: number) => boolean,
): Printable<T> {
  const missing = new Set<string>();
  let wider = false;
  const letter = (c: string): string => {
    const code = c.codePointAt(0) ?? 0;
    if (code < 0x20 || own(code)) return c;
    if (wide(code)) {
      wider = true;
      return c;
    }
    if (STEERING.test(c)) return '';
    wider = true;
    missing.add(c);
    return UNKNOWN_LETTER;
  };
  const through = (value: unknown): unknown => {
    if (typeof value === 'string') return Array.from(value.normalize('NFC'), letter).join('');
    if (Array.isArray(value)) return value.map(through);
    if (value !== null && typeof value === 'object')
      return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, through(v)]));
    return value;
  };
  return { content: through(content) as T, wider, missing: [...missing] };
}

/** What is told where letters could not be set. @param letters one or more */
export function missingWords(letters: readonly string[]): string {
  const one = letters.length === 1;
  return `${letters.slice(0, 8).join(' ')}${letters.length > 8 ? ' …' : ''}: ${one ? 'this letter is' : 'these letters are'} not in the PDF’s typefaces; □ stands for ${one ? 'it' : 'them'}.`;
}

/** Joiners, directions, variations of a letter's look. */
const STEERING = /\p{Default_Ignorable_Code_Point}/u;
