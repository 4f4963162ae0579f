import type { Readout } from '@/core/assessment/definition';
import { numberIn } from '@/core/number-in';

const INCH = 2.54;

/**
 * A number that was typed, NaN where it is none: comma or point, minus in either form, degree sign and units left off.
 */
export function typedNumber(text: string): number {
  return numberIn(text.trim().replace(/\s*(°|deg|degrees?|cm|s|sec|seconds?|reps?|×|x)$/i, ''));
}

/** A value for a read-out as it was typed; inches (`4 in`, `4"`) become centimetres where centimetres are asked. */
export function typedValue(text: string, readout: Pick<Readout, 'unit'>): number {
  const inches = /^(.*?)\s*(?:in|inch|inches|"|″)$/i.exec(text.trim());
  if (inches && readout.unit === 'cm') return Math.round(typedNumber(inches[1]) * INCH * 10) / 10;
  return typedNumber(text);
}

const UNITS: Readonly<Record<string, number>> = {
  zero: 0,
  oh: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};

/**
 * A number that was spoken in English, or null where none is heard: digits or words (`minus six point five`, `a hundred
 * and twelve`). Words that are no number are passed over.
 */
export function spokenNumber(said: string): number | null {
  const words = said
    .toLowerCase()
    .replace(/-(?=[a-z])/g, ' ')
    .replace(/[−–]/g, '-')
    .split(/[\s,]+/)
    .filter(Boolean);
  let whole: number | null = null,
    decimals = '',
    afterPoint = false,
    negative = false;
  for (const word of words) {
    const digits = /^(-?)(\d+)(?:\.(\d+))?°?$/.exec(word);
    if (digits && !afterPoint) {
      negative ||= digits[1] === '-';
      whole = (whole ?? 0) + Number(digits[2]);
      decimals = digits[3] ?? '';
    } else if (digits) decimals += digits[2];
    else if (word === 'minus' || word === 'negative') negative = true;
    else if (word === 'point' || word === 'comma') {
      afterPoint = true;
      whole ??= 0;
    } else if (word === 'half' && whole !== null) decimals = '5';
    else if (word === 'hundred') whole = (whole || 1) * 100;
    else if (Object.hasOwn(UNITS, word)) {
      if (afterPoint) decimals += String(UNITS[word]);
      else whole = (whole ?? 0) + UNITS[word];
    } else if (Object.hasOwn(TENS, word)) whole = (whole ?? 0) + TENS[word];
  }
  if (whole === null) return null;
  const value = Number(`${whole}${decimals ? `.${decimals}` : ''}`);
  return negative ? -value : value;
}
