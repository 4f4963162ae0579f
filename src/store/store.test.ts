import 'fake-indexeddb/auto';
import { standingPose } from '@/core/pose-editor/edit';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { readRecord } from '@/core/formats/read-record';
import { readLimits } from '@/core/inference';
import { feltIn } from '@/core/teaching/log';
import { publishedStudio } from '@demo/published.fixtures';
import type { Student } from '@/core/students/student';
import type { LogEntry } from '@/core/teaching/log';
import { startPlayer } from '@/core/teaching/player';
import {
  endPlayer,
  keepReadings,
  removeReadings,
  replaceReadings,
  saveStudent,
  tellCaution,
  tellPain,
} from './changes';
import { editPractice, putLogRight, removeTemplate } from './edits';
import { stamped } from '@/core/students/merge';
import { bringIn, compare } from './bring-in';
import { bringText } from './bring-in.fixtures';
import { emptyStudio, replaceAll } from './exchange';
import { notReadBack } from './read-back';
import { takeOut } from './take-out';
import { LaterChanges } from './saved-row';
import { StudioDatabase } from './studio';

const demo = publishedStudio();
let db: StudioDatabase;
beforeEach(() => {
  db = new StudioDatabase('studio');
});
afterEach(async () => {
  await db.delete();
});
const counts = async () => ({
  students: await db.students.count(),
  readings: await db.readings.count(),
  practices: await db.practices.count(),
  logs: await db.logs.count(),
});

describe('the demo', () => {
  it('comes with what limits its students, resting on their readings as they stand in the database', async () => {
    const read = readRecord(readFileSync('public/demo.json', 'utf8'));
    if (!read.ok) throw new Error(read.problem.message);
    await replaceAll(db, read.record);
    const texts = JSON.parse(readFileSync('public/demo-limits.json', 'utf8')) as Record<string, string>;
    for (const student of await db.students.toArray()) {
      const readings = (await db.readings.toArray()).filter((r) => r.student === student.id);
      const felt = feltIn((await db.logs.toArray()).filter((l) => l.student === student.id));
      if (readings.length > 0) expect(readLimits(texts[student.id], { student, readings, felt })).not.toBeNull();
    }
  });
});

describe('an undo that something stands in the way of', () => {
  it('of a student, a pose, a class or a log takes nothing back and says so', async () => {
    const [first] = demo.students;
    const saved = await saveStudent(db, { ...first, name: 'One' });
    await db.students.update(first.id, { aim: 'told in another tab' });
    await expect(saved.undo()).rejects.toBeInstanceOf(LaterChanges);
    expect(await db.students.get(first.id)).toMatchObject({ name: 'One', aim: 'told in another tab' });
    const [reading] = demo.readings;
    await db.readings.put(reading);
    const changed = await replaceReadings(db, [{ ...reading, trials: [11] }]);
    await db.readings.update(reading.id, { placeFelt: 'nowhere' });
    await expect(changed.undo()).rejects.toBeInstanceOf(LaterChanges);
    expect((await db.readings.get(reading.id))?.trials).toEqual([11]);
  });
  it('of a row that was put again since leaves the new one', async () => {
    const [template] = demo.templates;
    await db.templates.put(template);
    const gone = await removeTemplate(db, template.id);
    await db.templates.put({ ...template, title: 'Made anew' });
    await expect(gone.undo()).rejects.toBeInstanceOf(LaterChanges);
    expect((await db.templates.get(template.id))?.title).toBe('Made anew');
  });
});

describe('changes and their undo', () => {
  it('a new student goes again, a changed one comes back as she was', async () => {
    const [student] = demo.students;
    const added = await saveStudent(db, student);
    const changed = await saveStudent(db, { ...student, name: 'Somebody Else' });
    expect((await db.students.get(student.id))?.name).toBe('Somebody Else');
    await changed.undo();
    expect((await db.students.get(student.id))?.name).toBe(student.name);
    await added.undo();
    expect(await db.students.count()).toBe(0);
  });
  it('keeping readings forgets the draft; removing them can be taken back', async () => {
    await db.drafts.put({ id: 'd', trials: ['58'] });
    const kept = await keepReadings(db, demo.readings.slice(0, 2), 'd');
    expect(await db.drafts.count()).toBe(0);
    const removed = await removeReadings(db, [demo.readings[0].id, 'not-there']);
    expect(await db.readings.count()).toBe(1);
    await removed.undo();
    expect(await db.readings.get(demo.readings[0].id)).toEqual(demo.readings[0]);
    await kept.undo();
    expect(await db.readings.count()).toBe(0);
  });
  it('a practice likewise', async () => {
    const [practice] = demo.practices;
    await editPractice(db, practice, 'made');
    const change = await editPractice(db, { ...practice, items: [] }, 'emptied');
    await change.undo();
    expect((await db.practices.get(practice.id))?.items).toHaveLength(practice.items.length);
  });
  it('ending a player writes one log, however often it is asked', async () => {
    const [practice] = demo.practices;
    const log: LogEntry = {
      id: 'l1',
      student: practice.student,
      practice: practice.id,
      title: practice.title,
      startedAt: '2026-05-01T10:00:00.000Z',
      endedAt: '2026-05-01T10:20:00.000Z',
      items: [],
      note: '',
    };
    await db.players.put({
      practice: practice.id,
      state: startPlayer(practice.id, practice.student, practice.items, 0),
      savedAt: '2026-05-01T10:00:00.000Z',
    });
    await endPlayer(db, practice.id, [log]);
    await endPlayer(db, practice.id, [{ ...log, id: 'l2' }]);
    expect(await db.logs.toArray()).toEqual([log]);
    expect(await db.players.count()).toBe(0);
  });
  it('a class writes one each, in one step with its end', async () => {
    const [one] = demo.classes;
    await db.players.put({ practice: one.id, state: startPlayer(one.id, one.id, [], 0), savedAt: one.updatedAt });
    const logs = one.students.map((student, k): LogEntry => ({
      id: `t-${k}`,
      student,
      practice: one.id,
      title: one.name,
      startedAt: '2026-05-01T10:00:00.000Z',
      endedAt: '2026-05-01T10:20:00.000Z',
      items: [],
      note: '',
    }));
    await endPlayer(db, one.id, logs);
    await endPlayer(
      db,
      one.id,
      logs.map((l) => ({ ...l, id: `${l.id}-again` })),
    );
    expect((await db.logs.toArray()).map((l) => l.student).sort()).toEqual([...one.students].sort());
  });
});

describe('files', () => {
  it('everything goes out and comes in again the same', async () => {
    await replaceAll(db, { ...demo, poses: [standingPose('own-a', '2026-05-01T10:00:00.000Z')] });
    const text = await takeOut(db);
    expect(await db.memos.get('taken-out')).toBeTruthy();
    await replaceAll(db, { ...demo, students: [], readings: [], practices: [], logs: [], poses: [] });
    expect(await counts()).toEqual({ students: 0, readings: 0, practices: 0, logs: 0 });
    const result = await bringText(db, text);
    expect(result.ok && result.counts).toEqual({
      students: demo.students.length,
      readings: demo.readings.length,
      practices: demo.practices.length,
      logs: demo.logs.length,
      poses: 1,
      templates: 1,
    });
    const strip = (t: string) => t.replace(/"(exportedAt|digest)": "[^"]+"/g, '');
    expect(strip(await takeOut(db))).toBe(strip(text));
  });
  it('a studio is emptied of everything, and undo puts all of it back', async () => {
    await replaceAll(db, demo);
    await db.drafts.put({ id: 'd', trials: ['5'] });
    await db.memos.put({ key: 'demo-filled', value: '1' });
    const before = await Promise.all(db.tables.map((t) => t.count()));
    const change = await emptyStudio(db);
    expect(await counts()).toEqual({ students: 0, readings: 0, practices: 0, logs: 0 });
    expect(await db.drafts.count()).toBe(0);
    // The demo stays empty until somebody begins it afresh.
    expect(await db.memos.get('demo-filled')).toBeTruthy();
    await change.undo();
    expect(await Promise.all(db.tables.map((t) => t.count()))).toEqual(before);
  });
  it('a broken file changes nothing and says which field', async () => {
    await replaceAll(db, demo);
    const before = await counts();
    const text = await takeOut(db);
    expect(await bringText(db, text.replace('"students": [', '"students": {['))).toMatchObject({
      ok: false,
      problem: { field: expect.stringMatching(/^line \d+/) as unknown },
    });
    expect(await counts()).toEqual(before);
  });
  it('keeps what is not in the file, replaces what has the same id and is not newer, and can be taken back whole', async () => {
    const [first, second] = demo.students;
    await db.students.put({ ...first, name: 'Before' });
    await saveStudent(db, { ...second, id: 'mine', name: 'Mine' });
    const before = await db.students.orderBy('id').toArray();
    const result = await bringText(db, JSON.stringify(demo));
    expect(result.ok).toBe(true);
    expect((await db.students.get(first.id))?.name).toBe(first.name);
    expect((await db.students.get('mine'))?.name).toBe('Mine');
    if (result.ok) expect(await result.undo()).toBe(0);
    expect(await db.students.orderBy('id').toArray()).toEqual(before);
  });
  it('undo of a file takes back nothing that was entered since', async () => {
    await replaceAll(db, {
      ...demo,
      students: [],
      readings: [],
      practices: [],
      logs: [],
      plans: [],
      classes: [],
      visits: [],
    });
    const result = await bringText(db, JSON.stringify(demo));
    const [first, second] = demo.students;
    await saveStudent(db, { ...first, name: 'Changed since' });
    const reading = { ...demo.readings[0], id: 'since', student: second.id };
    await db.readings.put(reading);
    if (!result.ok) throw new Error('refused');
    // The changed student, and the one who was measured since.
    expect(await result.undo()).toBe(2);
    expect((await db.students.get(first.id))?.name).toBe('Changed since');
    expect(await db.students.get(second.id)).toEqual(second);
    expect(await db.readings.toArray()).toEqual([reading]);
    expect(await db.students.count()).toBe(2);
  });
  it('an older file never takes later work away', async () => {
    await replaceAll(db, demo);
    const [first] = demo.students;
    const later = { ...first, name: 'Later', updatedAt: '2027-01-01T00:00:00.000Z' };
    await db.students.put(later);
    const reading = demo.readings.find((r) => r.student === first.id);
    if (!reading) throw new Error('no reading');
    const corrected = {
      ...reading,
      trials: [12],
      history: [{ trials: reading.trials, changedAt: '2027-01-01T00:00:00.000Z' }],
    };
    await db.readings.put(corrected);
    const result = await bringText(db, JSON.stringify(demo));
    expect(result).toMatchObject({ ok: true, newerHere: 2 });
    expect(await db.students.get(first.id)).toEqual(later);
    expect(await db.readings.get(reading.id)).toEqual(corrected);
    // And the newer one is taken from a file.
    const newest = { ...later, updatedAt: '2028-01-01T00:00:00.000Z', name: 'Latest' };
    const file = JSON.stringify({
      ...demo,
      exportedAt: '2028-01-02T00:00:00.000Z',
      students: demo.students.map((x) => (x.id === first.id ? newest : x)),
    });
    await bringText(db, file);
    expect((await db.students.get(first.id))?.name).toBe('Latest');
  });
  it('a file lifts no caution by leaving it out, and brings no memo of a machine', async () => {
    await replaceAll(db, demo);
    const [first] = demo.students;
    await tellCaution(db, first.id, { caution: 'sciatic' }, '2026-11-20');
    // Told once only, however often.
    await tellCaution(db, first.id, { caution: 'sciatic' }, '2026-11-20');
    const file = {
      ...demo,
      exportedAt: '2029-01-02T00:00:00.000Z',
      students: demo.students.map((x) => (x.id === first.id ? { ...x, updatedAt: '2029-01-01T00:00:00.000Z' } : x)),
      settings: { 'limits/demo-maren': 'planted', 'taken-out': 'nonsense' },
    };
    expect((await bringText(db, JSON.stringify(file))).ok).toBe(true);
    const cautions = (await db.students.get(first.id))?.cautions.map((c) => c.caution);
    expect(cautions).toEqual([...first.cautions.map((c) => c.caution), 'sciatic']);
    expect(await db.memos.bulkGet(['limits/demo-maren', 'taken-out'])).toEqual([undefined, undefined]);
  });
  it('a caution that is over stands again when it is told, a pain told of a reading that is gone brings nothing back', async () => {
    const [first] = demo.students;
    await db.students.put({ ...first, cautions: [{ caution: 'sciatic', until: '2026-01-01' }] });
    await tellCaution(db, first.id, { caution: 'sciatic' }, '2026-11-20');
    expect((await db.students.get(first.id))?.cautions).toEqual([
      { caution: 'sciatic', until: '2026-01-01' },
      { caution: 'sciatic' },
    ]);
    await tellPain(db, 'gone', { placeFelt: 'knee', painKind: 'sharp' });
    expect(await db.readings.get('gone')).toBeUndefined();
  });
  it('bringing in the same file twice changes nothing the second time', async () => {
    await replaceAll(db, demo);
    const before = await takeOut(db);
    const result = await bringText(db, JSON.stringify(demo));
    if (!result.ok) throw new Error('refused');
    expect(await result.undo()).toBe(0);
    const rows = (text: string) => ({ ...(JSON.parse(text) as object), exportedAt: '', digest: '' });
    expect(rows(await takeOut(db))).toEqual(rows(before));
  });
});

it('the demo has a database of its own', async () => {
  const other = new StudioDatabase('demo');
  await replaceAll(other, demo);
  expect(other.name).not.toBe(db.name);
  expect(await db.students.count()).toBe(0);
  await other.delete();
});

describe('what hurt in a lesson', () => {
  const student = { id: 's', name: 'Wren', cautions: [], complaints: [] } as unknown as Student;
  const log = (stopped: boolean): LogEntry => ({
    id: 'l',
    student: 's',
    practice: 'p',
    title: 'Slip',
    startedAt: '2026-05-03T09:00:00.000Z',
    endedAt: '2026-05-03T10:00:00.000Z',
    items: [{ pose: 'pigeon', rung: 1, side: 'left', plannedSeconds: 60, doneSeconds: 9, skipped: false, stopped }],
    note: '',
  });
  it('is remembered with the student in the same step as the log, and forgotten when the log is put right', async () => {
    const db = new StudioDatabase('studio');
    await db.students.put(student);
    await db.players.put({ practice: 'p', state: {} as never, savedAt: '' });
    await endPlayer(db, 'p', [log(true)]);
    expect((await db.students.get('s'))?.hurt).toMatchObject([{ pose: 'pigeon', side: 'left', on: '2026-05-03' }]);
    const change = await putLogRight(db, 'l', { item: { at: 0, to: log(false).items[0] } });
    expect((await db.students.get('s'))?.hurt).toEqual([]);
    await change.undo();
    expect((await db.students.get('s'))?.hurt).toHaveLength(1);
    await db.delete();
  });
});

describe('what a file would bring', () => {
  const edited = (s: (typeof demo.students)[number], part: object, at: string) => stamped(s, part, at);
  const at = (d: number): string => `2026-12-0${d}T10:00:00.000Z`;
  const fileOf = (students: readonly object[], more: object = {}): string =>
    JSON.stringify({ ...demo, exportedAt: at(9), students, ...more });

  it('is told for each student before anything is written', async () => {
    await replaceAll(db, demo);
    const [first, second, third, ...others] = demo.students;
    await db.students.put(edited(first, { aim: 'stand tall' }, at(1)));
    await db.students.put(edited(second, { aim: 'row on' }, at(3)));
    await db.students.delete(third.id);
    const before = await takeOut(db);
    const file = fileOf([
      edited(first, { daily: 'at a wheel' }, at(2)),
      edited(second, { aim: 'row less' }, at(2)),
      third,
      ...others,
    ]);
    const read = await compare(db, file);
    if (!read.ok) throw new Error(read.problem.message);
    const of = (id: string) => read.incoming.students.find((s) => s.id === id);
    expect(of(first.id)).toMatchObject({ standing: 'both', both: [] });
    expect(of(second.id)).toMatchObject({ standing: 'older', both: ['aim'] });
    expect(of(third.id)).toMatchObject({ standing: 'new' });
    expect(of(others[0].id)).toMatchObject({ standing: 'same' });
    expect(read.incoming.setAside).toEqual([]);
    const rows = (text: string) => ({ ...(JSON.parse(text) as object), exportedAt: '', digest: '' });
    expect(rows(await takeOut(db))).toEqual(rows(before));
  });
  it('loses no edit of either machine', async () => {
    await replaceAll(db, demo);
    const [first] = demo.students;
    await db.students.put(edited(first, { aim: 'stand tall' }, at(1)));
    await bringText(db, fileOf([edited(first, { daily: 'at a wheel' }, at(2))]));
    expect(await db.students.get(first.id)).toMatchObject({ aim: 'stand tall', daily: 'at a wheel' });
  });
  it('what was changed here before the last file came is no clash', async () => {
    await replaceAll(db, demo);
    const [first] = demo.students;
    await db.students.put(edited(first, { aim: 'stand tall' }, at(1)));
    await bringText(db, fileOf([edited(first, { daily: 'x' }, at(2))], { exportedAt: at(3) }));
    const read = await compare(db, fileOf([edited(first, { aim: 'kneel' }, at(4))]));
    expect(read.ok && read.incoming.students[0]).toMatchObject({ standing: 'both', both: [] });
  });
  it('leaves out one bad reading, not the file, and says which', async () => {
    await replaceAll(db, { ...demo, readings: [] });
    const [bad, ...good] = demo.readings;
    const read = await compare(db, fileOf(demo.students, { readings: [{ ...bad, trials: [1e308] }, ...good] }));
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.incoming.setAside).toMatchObject([{ where: 'readings[0].trials[0]', row: { id: bad.id } }]);
    await bringIn(db, read.incoming.record);
    expect(await db.readings.count()).toBe(good.length);
  });
  it('a studio with a row that cannot be says so when it is taken out', async () => {
    await replaceAll(db, demo);
    await db.readings.put({ ...demo.readings[0], id: 'odd', student: 'ghost' });
    const text = await takeOut(db);
    expect(notReadBack(text)).toMatchObject([
      { where: expect.stringMatching(/^readings\[\d+\]\.student$/) as unknown },
    ]);
    expect(text).toContain('"odd"');
  });
});
