/** How strong something was felt, of ten, and in a word: nothing much, a clear pull, strong, too much. */
export const STRENGTHS = [
  [2, 'light'],
  [4, 'clear'],
  [6, 'strong'],
  [8, 'too much'],
] as const;
