/** The number that a text is, NaN where it is none: comma or point, minus in either form, a plus before it or not. */
export function numberIn(text: string): number {
  const plain = text.trim().replace(',', '.').replace(/^[−–]/, '-');
  return plain === '' ? Number.NaN : Number(plain);
}
