/**
 * Whole years somebody has lived by the end of the year of a day, as far as that is known: of a birth only the year is.
 * @param day `YYYY-MM-DD`, or a moment that begins so
 */
export const ageOn = (birthYear: number, day: string): number => Number(day.slice(0, 4)) - birthYear;
