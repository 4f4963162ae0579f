/**
 * Lengths and weights of bodies and props as a teacher says them: centimetres and kilograms, or feet, inches and
 * pounds. Kept are always centimetres and kilograms.
 */

export const UNIT_SYSTEMS = ['metric', 'imperial'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
export const UNIT_SYSTEM_WORDS: Readonly<Record<UnitSystem, string>> = {
  metric: 'centimetres and kilograms',
  imperial: 'feet, inches and pounds',
};

export const CM_PER_INCH = 2.54;
const INCHES_PER_FOOT = 12;
/** The pound avoirdupois, exact by definition. */
export const KG_PER_POUND = 0.45359237;
const POUNDS_PER_STONE = 14;
/** A bare number below this is feet where a body's height is asked in feet. */
const FEWEST_INCHES = 9;

/** Centimetres in feet and whole inches: "5 ft 10 in", "8 ft". @param up rounded up, for what must be long enough */
export function feetWords(cm: number, up = false): string {
  const inches = up ? Math.ceil(cm / CM_PER_INCH - 0.25) : Math.round(cm / CM_PER_INCH);
  const feet = Math.floor(inches / INCHES_PER_FOOT),
    rest = inches % INCHES_PER_FOOT;
  return [feet > 0 ? `${feet} ft` : '', rest > 0 || feet === 0 ? `${rest} in` : ''].filter(Boolean).join(' ');
}

/** Centimetres as inches, to the nearest half. */
export const halfInches = (cm: number): number => Math.round((2 * cm) / CM_PER_INCH) / 2;

/** The height of a body in words. */
export const heightWords = (cm: number, units: UnitSystem): string => (units === 'metric' ? `${cm} cm` : feetWords(cm));

/** The weight of a body in words, without a needless part of a pound. */
export const weightWords = (kg: number, units: UnitSystem): string =>
  units === 'metric' ? `${kg} kg` : `${Math.round(kg / KG_PER_POUND)} lb`;

const NUMBER = String.raw`(\d+(?:\.\d+)?)`;
const FOOT = String.raw`(?:feet|foot|ft\.?|['’′])`;
const INCH = String.raw`(?:inches|inch|in\.?|["”″]|''|′′)`;
const LENGTHS: readonly [pattern: RegExp, cm: (a: number, b: number) => number][] = [
  [new RegExp(`^${NUMBER}\\s*cm$`), (a) => a],
  [new RegExp(`^${NUMBER}\\s*m$`), (a) => 100 * a],
  [new RegExp(`^${NUMBER}\\s*${INCH}$`), (a) => a * CM_PER_INCH],
  [new RegExp(`^${NUMBER}\\s*${FOOT}$`), (a) => a * INCHES_PER_FOOT * CM_PER_INCH],
  [
    new RegExp(`^(\\d+)\\s*${FOOT}\\s*(?:and\\s*)?${NUMBER}\\s*${INCH}?$`),
    (feet, inches) => (feet * INCHES_PER_FOOT + inches) * CM_PER_INCH,
  ],
];
const tidy = (text: string): string => text.trim().toLowerCase().replace(/,/g, '.');
const tenth = (v: number): number => Math.round(10 * v) / 10;

/**
 * Centimetres from a length as it was typed, to a tenth; NaN where it is none. What says its unit is taken at its word
 * (`178 cm`, `1.78 m`, `5'10"`, `5 ft 10`, `70 in`); a bare number is of the units that are asked in.
 * @param whole of a whole body: then in feet, `5 10` and `5.8` are understood too
 */
export function lengthFrom(text: string, units: UnitSystem, whole = false): number {
  const said = tidy(text);
  for (const [pattern, cm] of LENGTHS) {
    const found = pattern.exec(said);
    if (found) return tenth(cm(Number(found[1]), Number(found[2])));
  }
  if (said === '') return Number.NaN;
  if (units === 'metric') return Number(said);
  const two = /^(\d) (\d{1,2})$/.exec(said);
  if (whole && two) return tenth((Number(two[1]) * INCHES_PER_FOOT + Number(two[2])) * CM_PER_INCH);
  const alone = Number(said);
  return tenth(alone * (whole && alone < FEWEST_INCHES ? INCHES_PER_FOOT : 1) * CM_PER_INCH);
}

/** Kilograms from a weight as it was typed (`66`, `66 kg`, `146 lb`, `10 st 4`), to a tenth; NaN where it is none. */
export function weightFrom(text: string, units: UnitSystem): number {
  const said = tidy(text);
  const found = (unit: string) => new RegExp(`^${NUMBER}\\s*(?:${unit})$`).exec(said)?.[1];
  const kg = found('kg|kilos?|kilograms?');
  if (kg) return Number(kg);
  const pounds = found('lbs?\\.?|pounds?');
  if (pounds) return tenth(Number(pounds) * KG_PER_POUND);
  const stone = new RegExp(`^(\\d+)\\s*(?:st|stone)\\.?\\s*(?:${NUMBER}\\s*(?:lbs?|pounds?)?)?$`).exec(said);
  if (stone) return tenth((Number(stone[1]) * POUNDS_PER_STONE + Number(stone[2] ?? 0)) * KG_PER_POUND);
  if (said === '') return Number.NaN;
  return units === 'metric' ? Number(said) : tenth(Number(said) * KG_PER_POUND);
}
