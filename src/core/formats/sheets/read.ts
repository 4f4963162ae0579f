import { say } from '@/core/languages/spoken';
import { readoutOf, testById } from '@/core/assessment/battery';
import { INSTRUMENTS, STOP_REASONS, type EndFeel, type Reading } from '@/core/assessment/reading';
import { END_FEEL_WORDS, INSTRUMENT_WORDS, UNIT_WORDS } from '@/core/assessment/words';
import { dayOf } from '@/core/day-of';
import { PLACES, type Place, type Student } from '@/core/students/student';
import { PAIN_KINDS, type PainKind } from '@/core/students/hurt';
import { PAIN_WORDS, PLACE_WORDS } from '@/core/students/words';
import { wordsOf } from '@/core/text-search';
import type { Moments } from '../moments';
import { whyNoReading } from '../sound-readings';
import { isReadout, type PlainRole, type ReadoutRole, type Role } from './columns';
import { dayIn, dayOrderOf } from './days';
import { nameOf, readoutsFor, sideIn, unitIn, unitOfName, type NamedReadout } from './names';
import type { Table } from './table';
import { numberIn } from '@/core/number-in';

/**
 * Readings of a foreign table: what is plain is read, what is not is asked, what cannot be is left out with its row and
 * why.
 */

/** One thing that has to be said before its rows can be read. */
export interface SheetQuestion {
  key: string;
  question: string;
  /** Rows that wait for it. */
  rows: number;
  options: { value: string; label: string }[];
  /** True where a day is typed instead. */
  day?: true;
  /** What was answered; null while it is open. */
  answer: string | null;
}
type Question = Omit<SheetQuestion, 'rows' | 'answer'>;
/** Answers by the key of their doubt. */
export type Answers = Readonly<Record<string, string>>;
/** The answer that leaves the rows out. */
export const LEAVE_OUT = 'leave-out';

export interface SheetReadings {
  readings: Reading[];
  /** Everything that was to be asked, answered or not. */
  doubts: SheetQuestion[];
  /** Rows that are here already, the same day, side and value. */
  known: number;
  leftOut: { row: number; why: string }[];
}

export interface SheetAround {
  students: readonly Student[];
  readings: readonly Reading[];
  moments: Moments;
  newId: () => string;
}

const MOST_TRIALS = 3;

/** Reads a table. @param roles what each column holds; rows are counted from 2, as a program for tables does */
export function readSheet(table: Table, roles: readonly Role[], answers: Answers, around: SheetAround): SheetReadings {
  const doubts = new Map<string, SheetQuestion>();
  const leftOut: SheetReadings['leftOut'] = [];
  const readings: Reading[] = [];
  let known = 0;
  const here = new Set(around.readings.map(sameAs));
  const column = (role: PlainRole): number => roles.indexOf(role);
  const order = column('day') < 0 ? undefined : dayOrderOf(table.rows.map((r) => r[column('day')]));
  /** What was answered; where nothing was, the question stands and the row waits. */
  const ask = (doubt: Question): string | null => {
    const answer = answers[doubt.key];
    const valid = doubt.day ? /^\d{4}-\d{2}-\d{2}$/.test(answer ?? '') : doubt.options.some((o) => o.value === answer);
    const said = valid ? (answer ?? null) : null;
    doubts.set(doubt.key, { ...doubt, rows: (doubts.get(doubt.key)?.rows ?? 0) + 1, answer: said });
    return said;
  };
  table.rows.forEach((cells, k) => {
    const row = k + 2;
    const cell = (role: PlainRole): string => (column(role) < 0 ? '' : cells[column(role)]);
    const no = (why: string): void => void leftOut.push({ row, why });
    for (const one of valuesOf(cells, roles, table.columns)) {
      const who = studentFor(cell('student'), around.students, ask);
      const day = dayFor(cell('day'), order, ask);
      const named = one.named ?? namedFor(cell('test'), cell('measured'), ask);
      const side = named === 'wait' || named === 'out' ? 'wait' : sideFor(named, one.side, cell('side'), ask);
      const parts = [who, day, named, side];
      if (parts.includes('out')) {
        no(say('Left out, as you said.'));
        continue;
      }
      const why = parts.find((p): p is { why: string } => typeof p === 'object' && 'why' in p);
      if (why) {
        no(why.why);
        continue;
      }
      if (parts.includes('wait')) continue;
      const made = readingFrom(
        {
          student: who as Student,
          day: (day as { day: string }).day,
          named: named as NamedReadout,
          side: side as Reading['side'],
          text: one.text,
          unit: cell('unit') || unitOfName(one.column),
          cell,
        },
        ask,
        around,
      );
      if (made === 'wait') continue;
      if ('why' in made) no(made.why);
      else if (here.has(sameAs(made))) known += 1;
      else {
        here.add(sameAs(made));
        readings.push(made);
      }
    }
  });
  return { readings, doubts: [...doubts.values()], known, leftOut };
}

type Ask = (doubt: Question) => string | null;
/** A part of a row: found, waiting for an answer, left out by one, or impossible. */
type Part<T> = T | 'wait' | 'out' | { why: string };

const sameAs = (r: Pick<Reading, 'student' | 'test' | 'readout' | 'side' | 'trials' | 'takenAt' | 'day'>): string =>
  [r.student, r.test, r.readout, r.side, dayOf(r), r.trials.map((t) => t.toFixed(2)).join('/')].join('|');

interface OneValue {
  text: string;
  column: string;
  named?: NamedReadout;
  side?: ReadoutRole['side'];
}
/** The values of a row: that of its column of values, and one for each column of a test; empty cells are none. */
function valuesOf(cells: readonly string[], roles: readonly Role[], columns: readonly string[]): OneValue[] {
  return roles.flatMap((role, i): OneValue[] => {
    if (cells[i] === '' || cells[i] === '-' || cells[i] === '–') return [];
    if (isReadout(role)) return [{ text: cells[i], column: columns[i], named: role, side: role.side }];
    return role === 'value' ? [{ text: cells[i], column: columns[i] }] : [];
  });
}

const leave = { value: LEAVE_OUT, label: 'leave these rows out' };

function studentFor(text: string, students: readonly Student[], ask: Ask): Part<Student> {
  const said = wordsOf(text).join(' ');
  const named = students.filter((s) => wordsOf(s.name).join(' ') === said || s.id === text);
  const first = students.filter((s) => wordsOf(s.name)[0] === said);
  if (said !== '' && named.length === 1) return named[0];
  if (said !== '' && named.length === 0 && first.length === 1) return first[0];
  const answer = ask({
    key: `who:${said}`,
    question: said === '' ? say('Whose readings are these?') : say('Who is “{{text}}”?', { text }),
    options: [...students.map((s) => ({ value: s.id, label: s.name })), leave],
  });
  if (answer === null) return 'wait';
  return answer === LEAVE_OUT ? 'out' : (students.find((s) => s.id === answer) ?? 'wait');
}

function dayFor(text: string, order: ReturnType<typeof dayOrderOf>, ask: Ask): Part<{ day: string }> {
  if (text === '') {
    const answer = ask({ key: 'day', question: say('On which day were they taken?'), options: [], day: true });
    return answer === null ? 'wait' : { day: answer };
  }
  let found = dayIn(text, order);
  if (found === 'either') {
    const answer = ask({
      key: 'order',
      question: say('Which comes first in “{{text}}”?', { text }),
      options: [
        { value: 'day-month', label: say('the day') },
        { value: 'month-day', label: say('the month') },
      ],
    });
    if (answer === null) return 'wait';
    found = dayIn(text, answer === 'day-month' ? 'day-month' : 'month-day');
  }
  return found === null || found === 'either' ? { why: say('“{{text}}” is no day.', { text }) } : found;
}

function namedFor(test: string, measured: string, ask: Ask): Part<NamedReadout> {
  if (test === '' && measured === '') return { why: say('The row names no test.') };
  // Both as Kolpos writes them, or by the ids of its battery.
  const found = readoutsFor(test, measured);
  if (found.length === 1 && found[0].sure === 1) return found[0];
  const answer = ask({
    key: `test:${wordsOf(`${test} ${measured}`).join(' ')}`,
    question: say('Which test is “{{what}}”?', { what: [test, measured].filter(Boolean).join(', ') }),
    options: [...found.map((f) => ({ value: `${f.test}/${f.readout}`, label: nameOf(f) })), leave],
  });
  if (answer === null) return 'wait';
  if (answer === LEAVE_OUT) return 'out';
  const [t, r] = answer.split('/');
  return { test: t, readout: r };
}

function sideFor(
  named: Part<NamedReadout>,
  own: ReadoutRole['side'] | undefined,
  text: string,
  ask: Ask,
): Part<Reading['side']> {
  if (named === 'wait' || named === 'out' || 'why' in named) return 'wait';
  if (testById(named.test)?.sided === false) return 'both';
  if (own === 'left' || own === 'right') return own;
  const said = sideIn(text);
  if (said === 'left' || said === 'right') return said;
  const answer = ask({
    key: `side:${wordsOf(text).join(' ')}:${text === '' ? nameOf(named) : ''}`,
    question:
      text === ''
        ? say('Which side was “{{name}}” read on?', { name: nameOf(named) })
        : say('Which side is “{{text}}”?', { text }),
    options: [{ value: 'left', label: 'left' }, { value: 'right', label: 'right' }, leave],
  });
  if (answer === null) return 'wait';
  return answer === LEAVE_OUT ? 'out' : answer === 'left' ? 'left' : 'right';
}

/**
 * Numbers of a cell, up to three trials; with a decimal point or comma, a unit behind it, or minutes and seconds. Null
 * where it is none.
 */
export function numbersIn(text: string): number[] | null {
  const time = /^(\d{1,2}):(\d{2})$/.exec(text.trim());
  if (time) return [Number(time[1]) * 60 + Number(time[2])];
  const parts = text.split(/\s*[/;]\s*|\s+-\s+/).filter(Boolean);
  if (parts.length === 0 || parts.length > MOST_TRIALS) return null;
  const numbers = parts.map((p) => {
    const found = /^([-−+]?\d+(?:[.,]\d+)?)\s*(?:°|cm|s|sec|x|×|deg)?$/i.exec(p.trim());
    return found ? numberIn(found[1]) : NaN;
  });
  return numbers.every(Number.isFinite) ? numbers : null;
}

interface Row {
  student: Student;
  day: string;
  named: NamedReadout;
  side: Reading['side'];
  text: string;
  unit: string;
  cell: (role: PlainRole) => string;
}

function readingFrom(row: Row, ask: Ask, { moments, newId }: SheetAround): Reading | 'wait' | { why: string } {
  const readout = readoutOf(row.named.test, row.named.readout);
  if (!readout) return { why: say('Kolpos knows no “{{name}}”.', { name: nameOf(row.named) }) };
  // The single trials say more than their mean.
  const numbers = numbersIn(row.cell('trials')) ?? numbersIn(row.text);
  if (!numbers) return { why: say('“{{text}}” is no number.', { text: row.text }) };
  const unit = unitIn(row.unit);
  let times = 1;
  if (unit !== 'usual') {
    if (unit?.unit === readout.unit) ({ times } = unit);
    else {
      const answer = ask({
        key: `unit:${row.unit}:${readout.unit}`,
        question: say('“{{name}}” is read in {{unit}}; the table says “{{unit2}}”.', {
          name: nameOf(row.named),
          unit: say(UNIT_WORDS[readout.unit]),
          unit2: row.unit,
        }),
        options: [
          { value: 'as-is', label: say('the numbers are {{unit}}', { unit: say(UNIT_WORDS[readout.unit]) }) },
          leave,
        ],
      });
      if (answer === null) return 'wait';
      if (answer === LEAVE_OUT) return { why: say('Left out, as you said.') };
    }
  }
  const at = /^([01]?\d|2[0-3]):([0-5]\d)/.exec(row.cell('time'));
  const reading: Reading = {
    id: newId(),
    student: row.student.id,
    test: row.named.test,
    readout: row.named.readout,
    side: row.side,
    trials: numbers.map((n) => Math.round(n * times * 100) / 100),
    unit: readout.unit,
    ...placeIn(row.cell('felt')),
    ...endIn(row.cell('ended'), row.cell('pain')),
    ...distantIn(row.cell('distant')),
    ...seenIn(row.cell('seen')),
    ...(yesIn(row.cell('active')) && { active: true }),
    ...(yesIn(row.cell('warm')) && { warm: true }),
    ...(yesIn(row.cell('home')) && { atHome: true }),
    ...(row.cell('way') !== '' && { variant: row.cell('way').slice(0, 40) }),
    ...instrumentIn(row.cell('instrument')),
    takenAt: `${row.day}T${at ? `${at[1].padStart(2, '0')}:${at[2]}` : '12:00'}:00.000Z`,
    day: row.day,
  };
  const why = whyNoReading(reading, row.student, moments);
  return why ? { why: why.why } : reading;
}

const same = (a: string, b: string): boolean => wordsOf(a).join(' ') === wordsOf(b).join(' ');
function placeIn(text: string): { placeFelt?: Place } {
  const found = text === '' ? undefined : PLACES.find((p) => same(p, text) || same(say(PLACE_WORDS[p]), text));
  return found ? { placeFelt: found } : {};
}
const yesIn = (text: string): boolean => /^(y|yes|true|1|x|ja|j)$/i.test(text);
/** How it ended. Whatever stands in a column of pain, but a no, is pain: then it is no end of range. */
function endIn(text: string, pain: string): { endFeel?: EndFeel; pain?: true; painKind?: PainKind } {
  const found = text === '' ? undefined : STOP_REASONS.find((e) => same(e, text) || same(say(END_FEEL_WORDS[e]), text));
  const hurt = pain !== '' && !/^(n|no|none|false|0|-|nein)$/i.test(pain);
  if (!hurt && found !== 'pain') return found ? { endFeel: found } : {};
  const kind = PAIN_KINDS.find((k) => same(k, pain) || same(say(PAIN_WORDS[k]), pain));
  return { endFeel: found ?? 'pain', pain: true, ...(kind && { painKind: kind }) };
}
const distantIn = (text: string): Pick<Reading, 'distant'> =>
  text === 'changes' || text === 'same' ? { distant: text } : {};
/** What was seen that spoils a reading: it then counts less. */
function seenIn(text: string): Pick<Reading, 'compensations'> {
  const seen = text.split(/\s*;\s*/).filter(Boolean);
  return seen.length > 0 ? { compensations: seen.slice(0, 10).map((s) => s.slice(0, 60)) } : {};
}
function instrumentIn(text: string): Pick<Reading, 'instrument'> {
  const found =
    text === '' ? undefined : INSTRUMENTS.find((k) => same(k, text) || same(say(INSTRUMENT_WORDS[k]), text));
  return found ? { instrument: found } : {};
}
