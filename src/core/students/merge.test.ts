import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergeStudents, stamped } from './merge';
import { studentSchema, type Student } from './student';

const base: Student = studentSchema.parse({
  id: 'a',
  name: 'Maren',
  height_cm: 170,
  mass_kg: 60,
  birthYear: 1990,
  dominantLeg: 'left',
  aim: '',
  complaints: [],
  cautions: [],
  breathSeconds: 6,
  archived: false,
  createdAt: '2026-01-01T00:00:00.000Z',
  updatedAt: '2026-01-01T00:00:00.000Z',
});
const at = (minute: number): string => new Date(Date.UTC(2026, 1, 1, 0, minute)).toISOString();

/** An edit of one field, as a teacher makes it. */
const edit = fc.oneof(
  fc.string({ maxLength: 8 }).map((aim): Partial<Student> => ({ aim })),
  fc.string({ maxLength: 8 }).map((daily): Partial<Student> => ({ daily })),
  fc.integer({ min: 120, max: 200 }).map((height_cm): Partial<Student> => ({ height_cm })),
  fc.constantFrom('left', 'right', 'unknown').map((dominantLeg) => ({ dominantLeg }) as Partial<Student>),
  fc.boolean().map((archived): Partial<Student> => ({ archived })),
);
/** Edits of two machines: each has its own moment, and is made on one of them. */
const edits = fc.array(fc.tuple(fc.boolean(), edit), { maxLength: 14 });
const play = (list: readonly (readonly [boolean, Partial<Student>])[], first: boolean): Student =>
  list.reduce((s, [mine, part], k) => (mine === first ? stamped(s, part, at(k)) : s), base);

describe('two machines that exchange files', () => {
  it('keep of every field the last edit, wherever it was made', () => {
    fc.assert(
      fc.property(edits, (list) => {
        const merged = mergeStudents(play(list, true), play(list, false)).student;
        for (const field of ['aim', 'daily', 'height_cm', 'dominantLeg', 'archived'] as const) {
          // Each machine's own last word on it; a word that changes nothing is none.
          const words = list.flatMap(([mine, part], k) =>
            field in part ? [{ k, mine, value: part[field] as unknown }] : [],
          );
          const said = [true, false].flatMap((machine) => {
            let now: unknown = base[field];
            let last = -1;
            for (const w of words)
              if (w.mine === machine && w.value !== now) {
                now = w.value;
                last = w.k;
              }
            return last < 0 ? [] : [{ last, now }];
          });
          const newest = said.reduce<(typeof said)[number] | null>((n, w) => (!n || w.last > n.last ? w : n), null);
          expect(merged[field] as unknown).toEqual(newest ? newest.now : base[field]);
        }
      }),
      { numRuns: 300 },
    );
  });
  it('come to the same, in any order, and twice is once', () => {
    fc.assert(
      fc.property(edits, (list) => {
        const a = play(list, true),
          b = play(list, false);
        const ab = mergeStudents(a, b).student,
          ba = mergeStudents(b, a).student;
        expect(ab).toEqual(ba);
        expect(mergeStudents(ab, b).student).toEqual(ab);
        expect(mergeStudents(ab, a).student).toEqual(ab);
      }),
      { numRuns: 300 },
    );
  });
});

describe('what a file brings', () => {
  it('is told field by field', () => {
    const here = stamped(base, { aim: 'sit tall' }, at(1)),
      there = stamped(base, { daily: 'at a wheel' }, at(2));
    const { student, taken, kept } = mergeStudents(here, there);
    expect(student).toMatchObject({ aim: 'sit tall', daily: 'at a wheel', updatedAt: at(2) });
    expect([taken, kept]).toEqual([['daily'], ['aim']]);
  });
  it('of rows that keep no moments is the whole newer row', () => {
    const there = { ...base, aim: 'new', daily: 'new', updatedAt: at(5) };
    expect(mergeStudents({ ...base, aim: 'old' }, there).student).toEqual(there);
    expect(mergeStudents(there, { ...base, aim: 'old' }).student).toEqual(there);
  });
  it('never lifts a caution or a pain by leaving it out', () => {
    const hurt = [{ log: 'l', pose: 'pigeon', rung: 1, side: 'left' as const, on: '2026-02-01' }];
    const here = stamped(base, { cautions: [{ caution: 'disc' }], hurt }, at(1)),
      there = stamped(base, { cautions: [{ caution: 'neck' }] }, at(2));
    for (const { student } of [mergeStudents(here, there), mergeStudents(there, here)]) {
      expect(student.cautions.map((c) => c.caution)).toEqual(['neck', 'disc']);
      expect(student.hurt).toEqual(hurt);
    }
  });
  it('does not take a caution that stands again for the one that was lifted before', () => {
    const lifted = { caution: 'disc', cleared: { by: 'her GP', on: '2026-01-20' } };
    const both = stamped(base, { cautions: [lifted] }, at(0));
    const here = stamped(both, { cautions: [lifted, { caution: 'disc' }] }, at(1)),
      there = stamped(both, { cautions: [lifted, { caution: 'neck' }] }, at(2));
    for (const { student } of [mergeStudents(here, there), mergeStudents(there, here)])
      expect(student.cautions).toEqual([lifted, { caution: 'neck' }, { caution: 'disc' }]);
  });
  it('keeps both legs where one was told here and the other there', () => {
    const here = stamped(base, { cautions: [{ caution: 'knee-injury', side: 'left' }] }, at(1)),
      there = stamped(base, { cautions: [{ caution: 'knee-injury', side: 'right' }] }, at(2));
    for (const { student } of [mergeStudents(here, there), mergeStudents(there, here)])
      expect(student.cautions.map((c) => c.side)).toEqual(['right', 'left']);
    // One leg told here lifts nothing that was told of both there; told of both it answers for each.
    const closer = stamped(base, { cautions: [{ caution: 'knee-injury', side: 'left' }] }, at(3)),
      wide = stamped(base, { cautions: [{ caution: 'knee-injury' }] }, at(1));
    expect(mergeStudents(wide, closer).student.cautions).toEqual([
      { caution: 'knee-injury', side: 'left' },
      { caution: 'knee-injury' },
    ]);
    const wider = stamped(base, { cautions: [{ caution: 'knee-injury' }] }, at(3));
    expect(mergeStudents(here, wider).student.cautions).toEqual([{ caution: 'knee-injury' }]);
  });
  it('lifts a caution that the newer list lifted', () => {
    const cleared = { by: 'her GP', on: '2026-02-02' };
    const here = stamped(base, { cautions: [{ caution: 'disc' }] }, at(1)),
      there = stamped(here, { cautions: [{ caution: 'disc', cleared }] }, at(2));
    expect(mergeStudents(here, there).student.cautions).toEqual([{ caution: 'disc', cleared }]);
    expect(mergeStudents(there, here).student.cautions).toEqual([{ caution: 'disc', cleared }]);
  });
  it('an edit that changes nothing does not count as one', () => {
    const same = stamped(base, { aim: '' }, at(9));
    expect(mergeStudents(same, stamped(base, { aim: 'sit tall' }, at(1))).student.aim).toBe('sit tall');
  });
});
