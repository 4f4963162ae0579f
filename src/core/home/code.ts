import { digest } from '@/core/digest';
import { PAIN_KINDS, type PainKind } from '@/core/students/pain-kinds';
import { PLACES, type Place } from '@/core/students/place-names';

/**
 * What a phone gives back, as one line of plain letters: short enough for a square code, safe in any message. Fields
 * are escaped as in an address, so that the marks between them cannot stand inside. A check at the end tells a line
 * that lost something on the way.
 *
 *     KOLPOS1|file|student|practice;start;lasted;day;zone;shapes;items;readings|check|
 */

/** One shape and side as it was done at home. */
export interface HomeResult {
  pose: string;
  rung: number;
  side: 'left' | 'right' | 'both';
  plannedSeconds: number;
  doneSeconds: number;
  skipped: boolean;
  stopped?: boolean;
  pain?: PainKind;
  placeFelt?: Place;
  /** 0–10. */
  strength?: number;
}

/** A test read alone. */
export interface HomeReading {
  test: string;
  readout: string;
  side: 'left' | 'right' | 'both';
  value: number;
}

/** One time that the student practised or tested alone. */
export interface HomePlay {
  /** Empty where only tests were done. */
  practice: string;
  /** Milliseconds since 1970. */
  startedAt: number;
  endedAt: number;
  /** `YYYY-MM-DD` of the phone's own clock, and its time zone. */
  day: string;
  zone: string;
  items: readonly HomeResult[];
  readings: readonly HomeReading[];
}

export interface HomeReturn {
  /** Of the file that was given. */
  file: string;
  student: string;
  play: HomePlay;
}

const HEAD = 'KOLPOS1';
const SIDES = { l: 'left', r: 'right', b: 'both' } as const;
const put = encodeURIComponent;
const whole = (n: number): string => Math.max(0, Math.round(n)).toString(36);

/** Of a result: how it went, in a letter or two. */
const howOf = (r: HomeResult): string => {
  if (r.stopped) return `p${r.pain ? PAIN_KINDS.indexOf(r.pain) : ''}`;
  return r.skipped ? 's' : '';
};

function itemOf(r: HomeResult, shapes: readonly string[]): string {
  const place = r.placeFelt ? whole(PLACES.indexOf(r.placeFelt)) : '';
  const fields = [
    whole(shapes.indexOf(shapeOf(r))) + r.side[0],
    whole(r.plannedSeconds),
    whole(r.doneSeconds),
    howOf(r),
    place,
    r.strength === undefined ? '' : whole(r.strength),
  ];
  // What was done as planned and not spoken of is most of a line.
  return fields.join(':').replace(/:+$/, '');
}
const shapeOf = (r: Pick<HomeResult, 'pose' | 'rung'>): string => `${put(r.pose)}:${whole(r.rung)}`;

/** One time at home as a line of letters. */
export function writeHomeCode({ file, student, play }: HomeReturn): string {
  const shapes = [...new Set(play.items.map(shapeOf))];
  const body = [
    put(play.practice),
    whole(play.startedAt / 1000),
    whole((play.endedAt - play.startedAt) / 1000),
    play.day,
    put(play.zone),
    shapes.join(','),
    play.items.map((r) => itemOf(r, shapes)).join(','),
    play.readings.map((r) => `${put(r.test)}:${put(r.readout)}:${r.side[0]}:${r.value}`).join(','),
  ].join(';');
  const line = [HEAD, put(file), put(student), body].join('|');
  return `${line}|${checkOf(line)}|`;
}

const checkOf = (line: string): string => digest(line).replace('-', '');

/**
 * Lines that something given back holds: found in whatever stands round them, blanks and line ends that a message put
 * in taken out.
 */
export const homeCodesIn = (text: string): string[] => {
  const plain = text.replace(/[\s\u200b\u00ad]+/g, '');
  return [...new Set(plain.match(/KOLPOS1\|[^|]*\|[^|]*\|[^|]*\|[0-9a-z]{2,14}\|/g) ?? [])];
};

/** A whole number in base 36; NaN for anything else. */
const number = (text: string | undefined): number =>
  text !== undefined && /^[0-9a-z]{1,11}$/.test(text) ? parseInt(text, 36) : NaN;
const sideOf = (letter: string | undefined): HomeResult['side'] | undefined =>
  letter === 'l' || letter === 'r' || letter === 'b' ? SIDES[letter] : undefined;

/** What cannot be read as a line. */
class Unreadable extends Error {}
const must = <T>(value: T | undefined): T => {
  if (value === undefined || Number.isNaN(value)) throw new Unreadable();
  return value;
};

function readItem(text: string, shapes: readonly { pose: string; rung: number }[]): HomeResult {
  const [which = '', planned, done, how = '', place = '', strength = ''] = text.split(':');
  const pain = how.length > 1 ? must(PAIN_KINDS.at(number(how.slice(1)))) : undefined;
  if (!['', 's', 'p'].includes(how.slice(0, 1))) throw new Unreadable();
  return {
    ...must(shapes.at(must(number(which.slice(0, -1))))),
    side: must(sideOf(which.at(-1))),
    plannedSeconds: must(number(planned)),
    doneSeconds: done ? must(number(done)) : 0,
    skipped: how === 's',
    ...(how.startsWith('p') && { stopped: true }),
    ...(pain && { pain }),
    ...(place !== '' && { placeFelt: must(PLACES.at(must(number(place)))) }),
    ...(strength !== '' && { strength: must(number(strength)) }),
  };
}

function readReading(text: string): HomeReading {
  const [test, readout, side, value] = text.split(':').map(decodeURIComponent);
  return { test, readout: must(readout), side: must(sideOf(side)), value: must(value ? Number(value) : undefined) };
}

const listed = (text: string): string[] => (text === '' ? [] : text.split(','));

/**
 * Reads a line. Null where it is damaged or none of ours; nothing is thrown. What it says is still to be looked at
 * (`takeIn`).
 */
export function readHomeCode(line: string): HomeReturn | null {
  const [, head = '', check] = /^(.*)\|([0-9a-z]+)\|$/.exec(line) ?? [];
  if (checkOf(head) !== check) return null;
  try {
    const [mark, file, student, body, ...more] = head.split('|');
    if (mark !== HEAD || more.length > 0) return null;
    const [practice, start, lasted, day, zone, shapesText, itemsText, readings, ...rest] = must(body).split(';');
    if (rest.length > 0) return null;
    const startedAt = must(number(start)) * 1000;
    const shapes = listed(must(shapesText)).map((s) => {
      const [pose, rung] = s.split(':');
      return { pose: decodeURIComponent(pose), rung: must(number(rung)) };
    });
    return {
      file: decodeURIComponent(file),
      student: decodeURIComponent(student),
      play: {
        practice: decodeURIComponent(practice),
        startedAt,
        endedAt: startedAt + must(number(lasted)) * 1000,
        day: must(day),
        zone: decodeURIComponent(must(zone)),
        items: listed(must(itemsText)).map((t) => readItem(t, shapes)),
        readings: listed(must(readings)).map(readReading),
      },
    };
  } catch (error) {
    // Escapes that are none throw a URIError.
    if (error instanceof Unreadable || error instanceof URIError) return null;
    throw error;
  }
}
