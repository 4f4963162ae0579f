/** A day, `YYYY-MM-DD`, as it is said in a sentence: "7 Oct 2026", or its month in full. A word that is no day stays as it is. */
export function dayWords(day: string, month: 'short' | 'long' = 'short'): string {
  const at = new Date(`${day.slice(0, 10)}T12:00:00Z`);
  return Number.isNaN(at.getTime())
    ? day
    : at.toLocaleDateString('en-GB', { day: 'numeric', month, year: 'numeric', timeZone: 'UTC' });
}
