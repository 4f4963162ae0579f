import { listed, type PlainAims } from '@/core/aims/plainly';
import type { Aim, Student } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import type { LogEntry } from '@/core/teaching/log';
import { readoutOf, testById } from '@/core/assessment/battery';
import type { Readout } from '@/core/assessment/definition';
import { withUnit, type Reading } from '@/core/assessment/reading';
import type { ReadingChange } from './change';
import type { ChangeVerdict } from './point';
import { retestsOf, tellsOf } from './retest';
import { dayOf } from '@/core/day-of';
import { asWritten, type Say } from '@/core/languages/as-written';
import { inSentence } from '@/core/languages/in-sentence';

/** What a student is told of her progress, on one page and in her words: plain data for screen, print and PDF. */

/** Where two readings lie on a line that runs from less to more, 0–1. */
export interface Strip {
  then: number;
  now: number;
  /** Within it nothing can be told from the reading then. */
  error: [number, number];
  /** What is typical of people like her; null where there is no norm. */
  typical: [number, number] | null;
}

export interface SheetChange {
  kind: string;
  title: string;
  /** What was read: "Leg above the floor". */
  what: string;
  verdict: ChangeVerdict;
  then: string;
  now: string;
  words: string;
  strip: Strip;
}

export interface ProgressSheet {
  name: string;
  /** Days of the two rounds, `YYYY-MM-DD`. */
  from: string;
  to: string;
  told: SheetChange[];
  /** Further readings that stayed about the same. */
  same: string[];
  complaints: string[];
  practised: string;
  goingOn: string[];
  refer: boolean;
  /** Day from which it is worth measuring again; null where nothing is due. */
  again: string | null;
}

/** Readings that are told with a picture; more would only weigh on her. */
const TOLD = 6;

/** How more and less are said of a reading. */
const MORE: Readonly<Record<Readout['unit'], readonly [string, string]>> = {
  deg: ['further', 'less far'],
  cm: ['further', 'less far'],
  s: ['longer', 'shorter'],
  reps: ['more', 'fewer'],
  grade: ['better', 'less well'],
  Nm_kg: ['stronger', 'weaker'],
};

/** A name within a sentence: in English as English has it. */
const named = (name: string, say: Say): string => (say(name) === name ? inSentence(name) : say(name));

/** What was done, as she will remember it: "Left: straight leg raise". */
function titleOf(c: Pick<ReadingChange, 'test' | 'side' | 'variant' | 'active' | 'atHome'>, say: Say): string {
  const test = testById(c.test);
  const side = say(c.side === 'both' ? 'Both sides' : c.side === 'left' ? 'Left' : 'Right');
  const way = test?.variants?.find((v) => v.id === c.variant)?.name;
  return [
    `${side}: ${test ? named(test.name, say) : c.test}`,
    ...(way ? [say(way)] : []),
    ...(c.active ? [say('by yourself')] : []),
    ...(c.atHome ? [say('at home')] : []),
  ].join(', ');
}

/** Two readings on a line on which further, longer or stronger lies to the right. */
export function stripOf(c: Pick<ReadingChange, 'first' | 'last' | 'detectable' | 'typical'>, readout: Readout): Strip {
  const spread = c.typical ? [c.typical.mean - c.typical.sd, c.typical.mean + c.typical.sd] : [];
  const values = [c.first.value - c.detectable, c.first.value + c.detectable, c.last.value, ...spread];
  const low = Math.min(...values),
    high = Math.max(...values);
  const room = (high - low) * 0.05 || 1;
  const at = (v: number): number => {
    const share = (v - low + room) / (high - low + 2 * room);
    return readout.better === 'lower' ? 1 - share : share;
  };
  const pair = (a: number, b: number): [number, number] => [Math.min(at(a), at(b)), Math.max(at(a), at(b))];
  return {
    then: at(c.first.value),
    now: at(c.last.value),
    error: pair(c.first.value - c.detectable, c.first.value + c.detectable),
    typical: c.typical && pair(spread[0], spread[1]),
  };
}

/** So much of a unit: "14°", "3 times", "1 grade". */
function amount(readout: Readout, by: number, say: Say): string {
  const whole = Math.round(by);
  if (readout.unit === 'grade') return say('{{count}} grades', { count: whole });
  if (readout.unit === 'reps') return String(whole);
  return withUnit(readout, by);
}

function wordsOf(c: ReadingChange, readout: Readout, say: Say): string {
  const [more, less] = MORE[readout.unit];
  const by = amount(readout, Math.abs(c.by), say),
    error = amount(readout, c.detectable, say);
  const warm = c.caveats.includes('warm') ? ` ${say('One was taken warm and the other not, so take it lightly.')}` : '';
  if (c.verdict === 'too-small')
    return say('About the same: up to {{error}} can come from the measuring alone.', { error }) + warm;
  const which = say(c.verdict === 'changed' ? more : less);
  return (
    say('{{by}} {{which}}, more than the {{error}} that can come from the measuring alone.', { by, which, error }) +
    warm
  );
}

function sheetChange(c: ReadingChange, say: Say): SheetChange[] {
  const readout = readoutOf(c.test, c.readout);
  if (!readout) return [];
  return [
    {
      kind: c.kind,
      title: titleOf(c, say),
      what: say(readout.name),
      verdict: c.verdict,
      then: withUnit(readout, c.first.value),
      now: withUnit(readout, c.last.value),
      words: wordsOf(c, readout, say),
      strip: stripOf(c, readout),
    },
  ];
}

/** Days on which she practised here, and for how long, as it is told to her. */
function practisedWords(logs: readonly LogEntry[], from: string, to: string, say: Say): string {
  const within = logs.filter((l) => dayOf(l) >= from && dayOf(l) <= to);
  const days = new Set(within.map((l) => dayOf(l))).size;
  const minutes = Math.round(within.reduce((s, l) => s + l.items.reduce((t, i) => t + i.doneSeconds, 0), 0) / 60);
  if (days === 0) return say('No practice is written down between the two.');
  return say('You practised on {{count}} days, {{minutes}} minutes in poses.', { count: days, minutes });
}

/** Complaints that were asked about more than once, then and now. */
function complaintWords(complaints: Student['complaints'], from: string, say: Say): string[] {
  return complaints.flatMap(({ place, side, course = [] }) => {
    const since = course.filter((x) => x.on >= from);
    if (since.length < 2) return [];
    const [{ strength: then }] = since,
      { strength: now } = since[since.length - 1];
    const where = `${say(PLACE_WORDS[place])}${side === 'both' ? '' : `, ${say(side)}`}`;
    return [say('What you said of the {{where}}: {{then}} of 10 then, {{now}} now.', { where, then, now })];
  });
}

/**
 * The student's progress sheet. Readings that her aims rest on come first, then what changed; the rest is named.
 * @returns null where nothing was read twice
 */
export function progressSheet(
  about: Pick<Student, 'name' | 'complaints'>,
  changes: readonly ReadingChange[],
  told: {
    readings: readonly Reading[];
    logs: readonly LogEntry[];
    aims: readonly Aim[];
    plainly: PlainAims;
    today: string;
    /** In her language; English without. */
    say?: Say;
  },
): ProgressSheet | null {
  const { say = asWritten } = told;
  if (changes.length === 0) return null;
  const from = changes.reduce((d, c) => (c.first.day < d ? c.first.day : d), changes[0].first.day);
  const to = changes.reduce((d, c) => (c.last.day > d ? c.last.day : d), '');
  const aimedAt = (c: ReadingChange): boolean => told.aims.some((a) => a.kind !== 'leave' && tellsOf(c, a));
  const rank = (c: ReadingChange): number => (aimedAt(c) ? 2 : 0) + (c.verdict !== 'too-small' ? 1 : 0);
  const order = [...changes].sort(
    (a, b) => rank(b) - rank(a) || Math.abs(b.by / b.detectable) - Math.abs(a.by / a.detectable),
  );
  // What can be told is never left out for want of room.
  const first = order.filter((c, k) => k < TOLD || c.verdict !== 'too-small');
  const { lengthen, strengthen, refer } = told.plainly;
  const due = retestsOf(told.readings, told.aims, told.today).find((r) => r.aims.length > 0);
  return {
    name: about.name,
    from,
    to,
    told: first.flatMap((c) => sheetChange(c, say)),
    same: order.filter((c) => !first.includes(c)).map((c) => titleOf(c, say)),
    complaints: complaintWords(about.complaints, from, say),
    practised: practisedWords(told.logs, from, to, say),
    goingOn: [
      ...(lengthen.length > 0 ? [say('Give room to {{places}}.', { places: listed(lengthen, say) })] : []),
      ...(strengthen.length > 0 ? [say('Make stronger {{places}}.', { places: listed(strengthen, say) })] : []),
    ],
    refer,
    again: due?.due ?? null,
  };
}
