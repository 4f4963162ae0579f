import { MOST_SETS } from './taught-order';
import { numberIn } from '@/core/number-in';

/**
 * A sequence as teachers write it down: a name a line, with minutes, breaths or times where they wish. Only the text is
 * read here; which pose a name means is told by `named-shape.ts`.
 */

/** One line of a sequence. */
export interface SequenceLine {
  /** As it was written, without the ends. */
  text: string;
  /** What is left of it when numbers, times and sides are taken out: the name. */
  name: string;
  /** Hold of one side: in seconds or in breaths, whichever was written. */
  seconds?: number;
  breaths?: number;
  /** How often, 1 to 20; in how many sets, 1 to 5. */
  times?: number;
  sets?: number;
  /** One side only, where one was written. */
  side?: 'left' | 'right';
  /**
   * `heading`: no pose is meant. `again`: the other side of the line before, which is in already. `over`: more than a
   * practice holds.
   */
  what: 'pose' | 'heading' | 'again' | 'over';
}

/** Lines that are read of a text, and poses that a practice holds with both their sides; more is told and left out. */
const MOST_LINES = 300;
const MOST_POSES = 60;
/** Longest hold that is believed, seconds, and most repeats. */
const LONGEST_S = 1800;
const MOST_TIMES = 20;

const NUMBERS: Readonly<Record<string, number>> = {
  ...{ a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 },
  ...{ twelve: 12, fifteen: 15, twenty: 20, half: 0.5 },
};
const COUNT = `\\d+|${Object.keys(NUMBERS)
  .filter((w) => NUMBERS[w] > 1)
  .join('|')}`;
const NUMBER = `\\d+(?:[.,]\\d+)?|${Object.keys(NUMBERS).join('|')}`;
const valueOf = (text: string): number => NUMBERS[text.toLowerCase()] ?? numberIn(text);

const CLOCK = /\b(\d{1,2}):([0-5]\d)\b/;
const MINUTES = new RegExp(`\\b(${NUMBER})(?:\\s+a)?\\s*(?:minutes?|mins?\\b\\.?|m\\b|['′])`, 'i');
const SECONDS = new RegExp(`\\b(${NUMBER})\\s*(?:seconds?|secs?\\b\\.?|s\\b|["″])`, 'i');
const BREATHS = new RegExp(`\\b(${NUMBER})\\s*(?:(?:slow|long|deep|full)\\s+)?breaths?\\b`, 'i');
const TIMES = new RegExp(
  `(?:[x×]\\s*(\\d+)\\b|\\b(${COUNT})\\s*(?:[x×](?![a-z])|times\\b|rounds?\\b|reps?\\b|repeats?\\b))`,
  'i',
);
/** "3 sets", "3 sets of 10", "3 × 10": the number after them is how often, unless it is a time. */
const OFTEN = `(\\d{1,2})(?!\\d|[.,:]\\d|\\s*(?:m|s|min|sec|breath|['′"″])\\b|\\s*(?:minute|second|breath))`;
const SETS = new RegExp(`\\b(${COUNT})\\s*sets?\\b(?:\\s+of\\b(?:\\s+${OFTEN})?)?|\\b(\\d)\\s*[x×]\\s*${OFTEN}`, 'i');
const EACH = /[,(]?\s*\b(?:on\s+|for\s+)?(?:each|both|per|either)\s+(?:sides?|legs?)\b\)?/i;
const ONE_SIDE =
  /[,(]?\s*\b(?:on\s+|to\s+)?(?:the\s+)?(left|right)(?:\s+(?:side|leg|foot))?\b(?:\s+(?:forward|first|side))?\)?/i;
const INITIAL = /(?:^|[\s(])([LR])\)?$/;
const AGAIN =
  /^(?:and\s+|then\s+)?(?:repeat|same|again|switch|change|other|second)\b.*\bsides?\b|^(?:other|second) side$|^(?:repeat|switch sides|change sides)\.?$/i;
const HEADINGS =
  /^(?:warm[\s-]?ups?|cool[\s-]?downs?|opening|closing|standing(?: work| poses)?|floor(?: work)?|seated(?: poses)?|arrival|arriv(?:e|ing)|cent(?:er|re)ing|peak|finish(?:ing)?|main part|part \d+|section \d+|sequence|flow|notes?|breath(?:ing|work)?|pranayama|meditation)$/i;

/** The lines of a text. One line that is a list is taken apart at commas, semicolons and arrows. */
export function linesOfSequence(text: string): SequenceLine[] {
  const rows = text.split(/\r?\n/).filter((row) => /\p{L}/u.test(row));
  const all = rows.length === 1 ? partsOf(rows[0]) : rows;
  let poses = 0;
  return all
    .filter((row) => /\p{L}/u.test(row))
    .slice(0, MOST_LINES)
    .map((row): SequenceLine => {
      const line = lineOf(row);
      return line.what === 'pose' && ++poses > MOST_POSES ? { ...line, what: 'over' } : line;
    });
}

/** Fewer names than this between commas are one name with what is said of it: low lunge, arms up. */
const LIST_FROM = 3;

/** The names of a list on one line, each with the times and sides that follow it. */
function partsOf(row: string): string[] {
  const firm = row.split(/\s*(?:;|→|>)\s*/);
  const out: string[] = [];
  for (const part of row.split(/\s*(?:;|→|>|,(?=\s))\s*/)) {
    if (out.length > 0 && lineOf(part).name === '') out[out.length - 1] += `, ${part}`;
    else out.push(part);
  }
  return out.length >= LIST_FROM ? out : firm;
}

function lineOf(row: string): SequenceLine {
  const text = row.trim().slice(0, 200);
  let rest = text.replace(/^(?:[-–—•*·▪]+|\(?\d{1,3}[.)])\s+/, '');
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(rest);
    if (found) rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found;
  };
  if (AGAIN.test(rest.trim())) return { text, name: '', what: 'again' };
  const titled = /:\s*$/.test(rest) || HEADINGS.test(rest.trim());
  const said: Partial<SequenceLine> = {};
  const clock = take(CLOCK);
  const sets = take(SETS);
  const minutes = clock ? null : take(MINUTES);
  const seconds = clock ? null : take(SECONDS);
  const asked = clock
    ? Number(clock[1]) * 60 + Number(clock[2])
    : (minutes ? valueOf(minutes[1]) * 60 : 0) + (seconds ? valueOf(seconds[1]) : 0);
  if (asked > 0) said.seconds = Math.min(LONGEST_S, Math.round(asked));
  const breaths = take(BREATHS);
  if (breaths && valueOf(breaths[1]) >= 1) said.breaths = Math.min(300, Math.round(valueOf(breaths[1])));
  if (sets) said.sets = Math.max(1, Math.min(MOST_SETS, Math.round(valueOf(sets[1] ?? sets[3]))));
  const times = take(TIMES);
  const often = sets?.[2] ?? sets?.[4] ?? times?.[1] ?? times?.[2];
  if (often !== undefined) said.times = Math.max(1, Math.min(MOST_TIMES, Math.round(valueOf(often))));
  const each = take(EACH);
  const side = each ? null : (take(ONE_SIDE) ?? take(INITIAL));
  if (side) said.side = /^l/i.test(side[1]) ? 'left' : 'right';
  const name = rest
    .replace(/[()[\]]/g, ' ')
    .replace(/\b(?:hold|for|about|approx\.?|approximately|stay|then|into|come (?:in)?to)\b/gi, ' ')
    .replace(/[\s,;:.–—-]+$/g, '')
    .replace(/^[\s,;:.–—-]+/g, '')
    .replace(/\s+/g, ' ');
  return { text, name, ...said, what: titled || !/\p{L}/u.test(name) ? 'heading' : 'pose' };
}
