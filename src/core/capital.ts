/** A sentence of words that begin small. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
/** The same within a sentence. */
export const small = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);
