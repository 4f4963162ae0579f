import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import type { Student } from '@/core/students/student';
import { Moments } from '../moments';
import { missingRole, rolesOf, type Role } from './columns';
import { dayIn, dayOrderOf } from './days';
import { readoutsFor, sideIn, unitIn } from './names';
import { LEAVE_OUT, numbersIn, readSheet, type Answers, type SheetAround } from './read';
import { readTable, writeTable } from './table';
import { readingsTable, studentsTable } from './write';

const student = (id: string, name: string): Student => ({
  id,
  name,
  height_cm: 170,
  mass_kg: 65,
  birthYear: 1990,
  dominantLeg: 'unknown',
  aim: '',
  complaints: [],
  cautions: [],
  breathSeconds: 5,
  archived: false,
  createdAt: '2026-01-01T00:00:00.000Z',
  updatedAt: '2026-01-01T00:00:00.000Z',
});
const STUDENTS = [student('a', 'Maren Tideway'), student('b', 'Odd Slipway'), student('c', 'Odd Harbour')];
let n = 0;
const around = (readings: readonly Reading[] = []): SheetAround => ({
  students: STUDENTS,
  readings,
  moments: new Moments('2026-11-29T12:00:00.000Z'),
  newId: () => `n${++n}`,
});
const tableOf = (text: string) => {
  const read = readTable(text);
  if (!read.ok) throw new Error(read.why);
  return read.table;
};
const read = (text: string, answers: Answers = {}, roles?: Role[], have?: readonly Reading[]) => {
  const table = tableOf(text);
  const found = readSheet(table, roles ?? rolesOf(table), answers, around(have));
  return { ...found, doubts: found.doubts.filter((d) => d.answer === null) };
};

describe('a table as text', () => {
  it('comes back as it went out, whatever stands in it, and holds no formula', () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('=1+1', '+49', '-x', '@cmd', '"a";b', 'two\nlines', '=HYPERLINK("x")', 'Łódź, ok', "'=1"),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, fc.integer({ min: -90, max: 90 })), { minLength: 1 }), (rows) => {
        const text = writeTable(['one', 'two', 'three'], rows);
        const { data } = Papa.parse<string[]>(text.slice(1));
        for (const row of data.slice(1))
          for (const c of row) if (!/^-\d+$/.test(c)) expect(c).not.toMatch(/^[=+\-@\t\r]/);
        const back = readTable(text);
        const kept = rows.filter((r) => r.some((c) => String(c).trim() !== ''));
        expect(back.ok && back.table.rows.length).toBe(kept.length);
      }),
      { numRuns: 300 },
    );
    const out = writeTable(['a', 'b'], [['=1+1', -12]]);
    expect(out).toContain("'=1+1");
    expect(out).toContain(',-12');
    expect(tableOf(out).rows).toEqual([['=1+1', '-12']]);
  });
  it('finds semicolons and tabs by itself, and refuses what is no table in words', () => {
    expect(tableOf('name;wert\nA;1,5\n').rows).toEqual([['A', '1,5']]);
    expect(tableOf('name\tvalue\nA\t1\n').rows).toEqual([['A', '1']]);
    for (const [text, why] of [
      ['', /empty/],
      ['name,value\n', /only one line/],
      ['1,2\n3,4\n', /should name the columns/],
      ['a,b\n"open,1\n', /not closed/],
      ['PK\u0003\0zip', /no text/],
    ] as const) {
      const answer = readTable(text);
      expect(answer.ok ? '' : answer.why, text).toMatch(why);
    }
  });
});

describe('words of foreign tables', () => {
  it('knows every read-out by the names that Kolpos writes, clinical or plain', () => {
    for (const t of BATTERY)
      for (const r of t.readouts)
        for (const name of [t.clinical, t.name]) {
          const found = readoutsFor(name, r.name);
          expect(
            found.map((f) => `${f.test}/${f.readout}`),
            `${name}, ${r.name}`,
          ).toEqual([`${t.id}/${r.id}`]);
        }
  });
  it.each([
    ['SLR', 'straight-leg-raise/hip-flexion'],
    ['SLR left (deg)', 'straight-leg-raise/hip-flexion'],
    ['Ely', 'prone-knee-bend/knee-flexion'],
    ['Sit and reach (cm)', 'sit-and-reach/reach'],
    ['prone hip rotation IR right', 'prone-hip-rotation/internal-rotation'],
    ['Popliteal angle', 'knee-extension-90-90/missing-extension'],
    ['knee to wall cm L', 'knee-to-wall/toe-distance'],
    ['Thomas test, knee flexion', 'modified-thomas/knee-flexion'],
    ['Craig', 'trochanteric-version/version'],
  ])('%s is %s', (text, what) => {
    expect(readoutsFor(text).map((f) => `${f.test}/${f.readout}`)).toEqual([what]);
  });
  it('asks where a name fits several, and finds nothing for what is none', () => {
    expect(readoutsFor('Ober').length).toBeGreaterThan(1);
    expect(readoutsFor('Thomas').length).toBeGreaterThan(1);
    expect(readoutsFor('blood pressure')).toEqual([]);
  });
  it('sides, units, numbers', () => {
    expect(['R', 'links', 'Left leg', 'left right', ''].map(sideIn)).toEqual(['right', 'left', 'left', null, null]);
    expect(unitIn('(°)')).toEqual({ unit: 'deg', times: 1 });
    expect(unitIn('mm')).toEqual({ unit: 'cm', times: 0.1 });
    expect([unitIn(''), unitIn('furlong')]).toEqual(['usual', null]);
    expect(['12,5', '12.5°', '−3', '1:30', '70 / 72 / 71', 'abc', '1/2/3/4', ''].map(numbersIn)).toEqual([
      [12.5],
      [12.5],
      [-3],
      [90],
      [70, 72, 71],
      null,
      null,
      null,
    ]);
  });
  it('days: as they stand, from a column where one tells the order, asked where none does', () => {
    expect(dayIn('2026-03-04')).toEqual({ day: '2026-03-04' });
    expect(dayIn('4.3.26')).toEqual({ day: '2026-03-04' });
    expect(dayIn('4 Mar 2026')).toEqual({ day: '2026-03-04' });
    expect(dayIn('46085')).toEqual({ day: '2026-03-04' });
    expect(dayIn('3/4/2026')).toBe('either');
    expect(dayIn('3/4/2026', 'month-day')).toEqual({ day: '2026-03-04' });
    expect(dayIn('13/4/2026')).toEqual({ day: '2026-04-13' });
    expect([dayIn('31.2.2026'), dayIn('soon'), dayIn('99999')]).toEqual([null, null, null]);
    expect(dayOrderOf(['3/4/2026', '3/25/2026'])).toBe('month-day');
    expect(dayOrderOf(['3/4/2026'])).toBeUndefined();
  });
});

describe('readings of a table', () => {
  it('one row a reading: read without a question where all is plain', () => {
    const { readings, doubts, leftOut } = read(
      'Student,Date,Test,Side,Value,Unit\nMaren Tideway,2026-10-01,SLR,L,62,deg\nmaren,2026-10-01,Ely,right,"121,5",°\n',
    );
    expect([doubts, leftOut]).toEqual([[], []]);
    expect(readings.map((r) => [r.student, r.test, r.side, r.trials, r.unit, r.day])).toEqual([
      ['a', 'straight-leg-raise', 'left', [62], 'deg', '2026-10-01'],
      ['a', 'prone-knee-bend', 'right', [121.5], 'deg', '2026-10-01'],
    ]);
  });
  it('a side or a short name in brackets is no unit', () => {
    const { readings, doubts } = read(
      'Name,Date,Straight leg raise (SLR) (left),Sit and reach (in)\nMaren Tideway,2026-10-01,61,2\n',
    );
    expect(doubts).toEqual([]);
    expect(readings.map((r) => [r.side, r.unit, r.trials[0]])).toEqual([
      ['left', 'deg', 61],
      ['both', 'cm', 5.08],
    ]);
  });
  it('a column a test: sides from the names of the columns', () => {
    const { readings, doubts } = read('Name;Datum;SLR links;SLR rechts;Note\nMaren Tideway;1.10.2026;61;70;tired\n');
    expect(doubts).toEqual([]);
    expect(readings.map((r) => [r.side, r.trials[0]])).toEqual([
      ['left', 61],
      ['right', 70],
    ]);
  });
  it('asks once for each thing that is not plain, reads nothing of those rows before, and all of them after', () => {
    const text =
      'Name,Date,Test,Side,Value,Unit\nOdd,03/04/2026,Ober,L,12,deg\nStranger,05/04/2026,SLR,,60,deg\nMaren Tideway,05/04/2026,sit and reach,,4,hands\n';
    const first = read(text);
    expect(first.readings).toEqual([]);
    expect(first.doubts.map((d) => d.key)).toEqual(
      expect.arrayContaining(['who:odd', 'order', 'test:ober', 'who:stranger', expect.stringMatching(/^side:/)]),
    );
    let answers: Answers = {
      'who:odd': 'b',
      order: 'day-month',
      'test:ober': 'ober/hip-adduction',
      'who:stranger': LEAVE_OUT,
    };
    for (let k = 0; k < 5; k++) {
      const { doubts } = read(text, answers);
      for (const d of doubts) answers = { ...answers, [d.key]: d.options[0].value };
    }
    const { readings, doubts, leftOut } = read(text, answers);
    expect(doubts).toEqual([]);
    expect(readings.map((r) => [r.student, r.test, r.day])).toEqual([
      ['b', 'ober', '2026-04-03'],
      ['a', 'sit-and-reach', '2026-04-05'],
    ]);
    expect(leftOut).toEqual([{ row: 3, why: 'Left out, as you said.' }]);
  });
  it('leaves out what no joint can do, days to come, no numbers, each with its row and why', () => {
    const { readings, leftOut } = read(
      'Name,Date,Test,Side,Value\nMaren Tideway,2026-10-01,SLR,L,400\nMaren Tideway,2028-10-01,SLR,L,60\nMaren Tideway,2026-10-01,SLR,L,stiff\nMaren Tideway,yesterday,SLR,L,60\n',
    );
    expect(readings).toEqual([]);
    expect(leftOut.map((l) => l.row)).toEqual([2, 3, 4, 5]);
    expect(leftOut.map((l) => l.why).join(' ')).toMatch(/is no number.*is no day/);
  });
  it('keeps a pain a pain, and converts units of the same kind', () => {
    const { readings } = read(
      'Name,Date,Test,Side,Value,Unit,Pain\nMaren Tideway,2026-10-01,SLR,L,40,deg,sharp\nMaren Tideway,2026-10-01,knee to wall distance,R,95,mm,no\n',
    );
    expect(readings[0]).toMatchObject({ pain: true, endFeel: 'pain', painKind: 'sharp' });
    expect(readings[1]).toMatchObject({ trials: [9.5], unit: 'cm' });
    expect(readings[1].pain).toBeUndefined();
  });
  it('what Kolpos wrote is known again, whole in an empty studio and not twice in a full one', () => {
    const mine: Reading[] = BATTERY.flatMap((t) =>
      t.readouts.map((r, k): Reading => ({
        id: `${t.id}${k}`,
        student: 'a',
        test: t.id,
        readout: r.id,
        side: t.sided ? (k % 2 ? 'left' : 'right') : 'both',
        trials: k === 2 ? [r.min + 1, r.min + 3] : [Math.round((r.min + r.max) / 2)],
        unit: r.unit,
        takenAt: '2026-10-01T09:30:00.000Z',
        day: '2026-10-01',
        ...(k === 0 && { pain: true, endFeel: 'pain', painKind: 'sharp' }),
        ...(k === 1 && {
          placeFelt: 'front-thigh',
          endFeel: 'stretch-firm',
          active: true,
          warm: true,
          atHome: true,
          distant: 'changes',
          compensations: ['pelvis-tips', 'knee-bends'],
        }),
      })),
    );
    const text = readingsTable(mine, STUDENTS);
    const full = read(text, {}, undefined, mine);
    expect([full.readings.length, full.known, full.doubts, full.leftOut]).toEqual([0, mine.length, [], []]);
    const empty = read(text);
    expect([empty.doubts, empty.leftOut]).toEqual([[], []]);
    const plain = (r: Reading): string => JSON.stringify({ ...r, id: '' }, Object.keys({ ...r }).sort());
    expect(empty.readings.map(plain).sort()).toEqual(mine.map(plain).sort());
  });
  it('says what is missing among the columns', () => {
    expect(missingRole(['student', 'day'])).toMatch(/holds the values/);
    expect(missingRole(['value'])).toMatch(/names the test/);
    expect(missingRole(['test', 'value'])).toBeNull();
  });
  it('never throws, and reads numbers only, whatever the table', () => {
    const word = fc.constantFrom('SLR', 'Ober', '60', '1/2/26', 'L', '', 'Maren Tideway', '=x', '12:70', 'pain', 'mm');
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('Name', 'Date', 'Test', 'Side', 'Value', 'Unit', 'SLR left', 'Ober', 'Pain'), {
          minLength: 1,
          maxLength: 7,
        }),
        fc.array(fc.array(word, { minLength: 1, maxLength: 7 }), { minLength: 1, maxLength: 8 }),
        (head, rows) => {
          const answer = readTable(Papa.unparse([head, ...rows]));
          if (!answer.ok) return;
          const { readings } = readSheet(answer.table, rolesOf(answer.table), {}, around());
          for (const r of readings) expect(r.trials.every(Number.isFinite)).toBe(true);
        },
      ),
      { numRuns: 300 },
    );
  });
  it('a table of students names nothing told in confidence', () => {
    const text = studentsTable([{ ...STUDENTS[0], clinician: 'told in confidence', aim: '=row' }]);
    expect(text).toContain('Maren Tideway');
    expect(text).toContain("'=row");
    expect(text).not.toContain('confidence');
  });
});
