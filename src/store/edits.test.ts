import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readRecord } from '@/core/formats/read-record';
import type { Practice } from '@/core/practice/practice';
import type { Student } from '@/core/students/student';
import { startPlayer } from '@/core/teaching/player';
import { changeStudent } from './changes';
import { bringText } from './bring-in.fixtures';
import { LaterChanges } from './saved-row';
import { takeOut } from './take-out';
import {
  changePractice,
  editPractice,
  putLogRight,
  removeClass,
  removePractice,
  removeTemplate,
  changeClass,
  saveClass,
  saveTemplate,
  stepPractice,
  stepsOf,
} from './edits';
import { StudioDatabase } from './studio';

let db: StudioDatabase;
beforeEach(() => {
  db = new StudioDatabase('studio');
});
afterEach(async () => {
  await db.delete();
});

const practice = (title: string): Practice => ({
  id: 'p',
  student: 's',
  title,
  minutes: 20,
  items: [],
  aims: [],
  createdAt: '2026-01-01T00:00:00.000Z',
  updatedAt: '2026-01-01T00:00:00.000Z',
});
const title = async () => (await db.practices.get('p'))?.title;

describe('changes in quick succession', () => {
  it('build on each other, also from two tabs at once', async () => {
    await db.practices.put(practice(''));
    const other = new StudioDatabase('studio');
    await Promise.all(
      Array.from({ length: 10 }, (_, i) =>
        changePractice(i % 2 ? other : db, 'p', (stored) => ({ ...stored, title: `${stored.title}${i}` }), 'typed'),
      ),
    );
    other.close();
    expect([...((await title()) ?? '')].sort().join('')).toBe('0123456789');
    for (let i = 0; i < 10; i++) expect(await stepPractice(db, 'p', -1)).toBe(true);
    expect(await title()).toBe('');
  });
  it('leave a practice that is gone meanwhile gone, and their undo does nothing', async () => {
    const change = await changePractice(db, 'p', (stored) => ({ ...stored, title: 'back?' }), 'typed');
    await change.undo();
    expect(await title()).toBeUndefined();
  });
  it('of different fields of a student all stay', async () => {
    await db.students.put({ id: 's', name: 'Wren', cautions: [], complaints: [], aim: '' } as unknown as Student);
    await Promise.all([
      changeStudent(db, 's', { aim: 'kneel' }),
      changeStudent(db, 's', { name: 'Wren Slipway' }),
      changeStudent(db, 's', { cautions: [{ caution: 'neck' }] }),
    ]);
    expect(await db.students.get('s')).toMatchObject({
      aim: 'kneel',
      name: 'Wren Slipway',
      cautions: [{ caution: 'neck' }],
    });
  });
});

describe('edits of a practice', () => {
  it('go back to the first state and forward to the last, and say what they undo', async () => {
    await db.practices.put(practice('first'));
    for (const t of ['second', 'third', 'fourth']) await editPractice(db, practice(t), `made ${t}`);
    expect(await stepsOf(db, 'p')).toEqual({ back: 'made fourth', forward: null });
    expect([await stepPractice(db, 'p', -1), await title()]).toEqual([true, 'third']);
    await stepPractice(db, 'p', -1);
    await stepPractice(db, 'p', -1);
    expect(await title()).toBe('first');
    expect(await stepPractice(db, 'p', -1)).toBe(false);
    expect(await stepsOf(db, 'p')).toEqual({ back: null, forward: 'made second' });
    await stepPractice(db, 'p', 1);
    expect(await title()).toBe('second');
  });
  it('a new edit after going back forgets what lay ahead', async () => {
    await db.practices.put(practice('first'));
    await editPractice(db, practice('second'), 'a');
    await stepPractice(db, 'p', -1);
    await editPractice(db, practice('other'), 'b');
    expect(await stepPractice(db, 'p', 1)).toBe(false);
    expect(await title()).toBe('other');
    await stepPractice(db, 'p', -1);
    expect(await title()).toBe('first');
  });
  it('a practice that began with an edit is gone when that is undone', async () => {
    const change = await editPractice(db, practice('new'), 'built');
    expect(await title()).toBe('new');
    await change.undo();
    expect(await title()).toBeUndefined();
    expect(await db.edits.count()).toBe(0);
  });
  it('the undo of an older message takes nothing later away: it says so instead', async () => {
    await db.practices.put(practice('first'));
    const older = await editPractice(db, practice('second'), 'a');
    const newer = await editPractice(db, practice('third'), 'b');
    await expect(older.undo()).rejects.toBeInstanceOf(LaterChanges);
    expect(await title()).toBe('third');
    await newer.undo();
    expect(await title()).toBe('second');
    await older.undo();
    expect(await title()).toBe('first');
    // Once is enough.
    await older.undo();
    await newer.undo();
    expect(await title()).toBe('first');
    await stepPractice(db, 'p', 1);
    await stepPractice(db, 'p', 1);
    expect(await title()).toBe('third');
  });
  it('is like a list with a place in it, whatever is done', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.constantFrom('edit', 'back', 'forward'), { maxLength: 25 }), async (steps) => {
        await Promise.all([db.practices.clear(), db.edits.clear(), db.editMarks.clear()]);
        await db.practices.put(practice('0'));
        let list = ['0'],
          at = 0;
        for (const [k, step] of steps.entries()) {
          if (step === 'edit') {
            list = [...list.slice(0, at + 1), `${k + 1}`];
            at += 1;
            await editPractice(db, practice(`${k + 1}`), 'x');
          } else if (step === 'back') {
            expect(await stepPractice(db, 'p', -1)).toBe(at > 0);
            at = Math.max(0, at - 1);
          } else {
            expect(await stepPractice(db, 'p', 1)).toBe(at < list.length - 1);
            at = Math.min(list.length - 1, at + 1);
          }
          expect(await title()).toBe(list[at]);
        }
      }),
      { numRuns: 25 },
    );
  });
  it('a removed practice comes back with all its edits', async () => {
    await db.practices.put(practice('first'));
    await editPractice(db, practice('second'), 'a');
    const change = await removePractice(db, 'p');
    expect([await title(), await db.edits.count()]).toEqual([undefined, 0]);
    await change.undo();
    expect(await title()).toBe('second');
    await stepPractice(db, 'p', -1);
    expect(await title()).toBe('first');
  });
});

describe('a log put right', () => {
  const item = { pose: 'pigeon', rung: 1, side: 'left' as const, plannedSeconds: 90, doneSeconds: 90, skipped: false };
  const log = {
    id: 'l',
    student: 's',
    practice: 'p',
    title: 'Slip',
    startedAt: '2026-10-05T10:00:00.000Z',
    endedAt: '2026-10-05T10:20:00.000Z',
    items: [item, { ...item, side: 'right' as const }],
    note: 'Calm.',
  };
  it('changes only what was changed: what another window wrote meanwhile stays', async () => {
    await db.logs.put(log);
    await putLogRight(db, 'l', { note: 'Calm and long.' });
    const change = await putLogRight(db, 'l', { item: { at: 1, to: { ...log.items[1], strength: 6 } } });
    const now = await db.logs.get('l');
    expect(now).toMatchObject({ note: 'Calm and long.', items: [item, { side: 'right', strength: 6 }] });
    expect(now?.history?.map((h) => [h.note, h.items?.length])).toEqual([
      ['Calm.', undefined],
      ['Calm and long.', 2],
    ]);
    await change.undo();
    expect(await db.logs.get('l')).toMatchObject({ note: 'Calm and long.', items: log.items });
  });
  it('goes out with the record and comes in again, with what stood there before', async () => {
    await db.students.put({
      id: 's',
      name: 'Sedge Heron',
      height_cm: 170,
      mass_kg: 65,
      birthYear: 1990,
      dominantLeg: 'unknown',
      aim: '',
      complaints: [],
      cautions: [],
      breathSeconds: 6,
      archived: false,
      createdAt: '2026-01-01T00:00:00.000Z',
      updatedAt: '2026-01-01T00:00:00.000Z',
    });
    await db.logs.put(log);
    await putLogRight(db, 'l', { item: { at: 0, to: { ...item, skipped: true } } });
    const kept = await db.logs.get('l');
    const file = await takeOut(db);
    await db.logs.clear();
    await bringText(db, file);
    expect(await db.logs.get('l')).toEqual(kept);
  });
  it('a log that is gone stays gone', async () => {
    await (await putLogRight(db, 'none', { note: 'x' })).undo();
    expect(await db.logs.count()).toBe(0);
  });
});

describe('a class', () => {
  const one = {
    id: 'c',
    name: 'Tuesday',
    students: ['s'],
    items: [],
    aims: [],
    createdAt: '2026-01-01T00:00:00.000Z',
    updatedAt: '2026-01-01T00:00:00.000Z',
  };
  it('is kept, changed, and taken back step by step', async () => {
    const made = await saveClass(db, one);
    const renamed = await saveClass(db, { ...one, name: 'Thursday' });
    expect((await db.classes.get('c'))?.name).toBe('Thursday');
    await renamed.undo();
    expect((await db.classes.get('c'))?.name).toBe('Tuesday');
    await made.undo();
    expect(await db.classes.count()).toBe(0);
  });
  it('changes as it is stored: what came in while a practice was built stays', async () => {
    await saveClass(db, one);
    // Drawn before somebody was added and a theme was chosen.
    await changeClass(db, one, (c) => ({ ...c, students: [...c.students, 't'] }));
    const weeks = { start: '2026-01-01', weeks: 4, day: 4, themes: {} };
    await changeClass(db, one, (c) => ({ ...c, weeks }));
    const built = await changeClass(db, one, (c) => ({ ...c, theme: 'strong' }));
    expect(await db.classes.get('c')).toMatchObject({ students: ['s', 't'], weeks, theme: 'strong' });
    await built.undo();
    expect(await db.classes.get('c')).toMatchObject({ students: ['s', 't'], weeks });
    expect((await db.classes.get('c'))?.theme).toBeUndefined();
  });
  it('goes with what is under way of it, and comes back with it', async () => {
    await saveClass(db, one);
    await db.players.put({ practice: 'c', state: startPlayer('c', 'c', [], 0), savedAt: one.createdAt });
    const gone = await removeClass(db, 'c');
    expect([await db.classes.count(), await db.players.count()]).toEqual([0, 0]);
    await gone.undo();
    expect([await db.classes.count(), await db.players.count()]).toEqual([1, 1]);
  });
  it('goes out without those who are not here any more: the file must open again', async () => {
    await saveClass(db, one);
    const text = await takeOut(db);
    const read = readRecord(text);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.record.classes[0].students).toEqual([]);
    // Here nothing was taken away.
    expect((await db.classes.get('c'))?.students).toEqual(['s']);
  });
});

describe('templates and settings', () => {
  const template = {
    id: 't',
    title: 'Slipway',
    minutes: 10,
    items: [
      {
        id: 'i',
        pose: 'bridge',
        rung: 1,
        side: 'both' as const,
        holdSeconds: 30,
        breaths: 5,
        repeats: 1,
        phase: 'warm' as const,
        because: [],
      },
    ],
    aims: [],
    createdAt: '2026-01-01T00:00:00.000Z',
    updatedAt: '2026-01-01T00:00:00.000Z',
  };
  it('are kept, removed and brought back', async () => {
    const kept = await saveTemplate(db, template);
    const gone = await removeTemplate(db, 't');
    expect(await db.templates.count()).toBe(0);
    await gone.undo();
    expect(await db.templates.get('t')).toEqual(template);
    await kept.undo();
    expect(await db.templates.count()).toBe(0);
  });
  it('go out with the record and come in again; what is of this machine stays out', async () => {
    await saveTemplate(db, template);
    await db.memos.bulkPut([
      { key: 'voice', value: '{"manner":"invitation"}' },
      { key: 'demo-filled', value: '1' },
    ]);
    const text = await takeOut(db);
    expect(text).toContain('invitation');
    expect(text).not.toContain('demo-filled');
    await db.templates.clear();
    await db.memos.delete('voice');
    const result = await bringText(db, text);
    expect(result).toMatchObject({ ok: true, counts: { templates: 1 } });
    expect((await db.memos.get('voice'))?.value).toContain('invitation');
    expect(await db.templates.get('t')).toEqual(template);
    if (result.ok) await result.undo();
    expect(await db.templates.count()).toBe(0);
    expect(await db.memos.get('voice')).toBeUndefined();
    expect(await db.memos.get('demo-filled')).toBeTruthy();
    expect(await db.memos.get('taken-out')).toBeTruthy();
  });
});
